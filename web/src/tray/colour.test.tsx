import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import * as client from '../api/client'
import { ColourFields } from './ColourFields'

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof client>()),
  listColours: () =>
    Promise.resolve([
      { name: 'olive', ink: '#6d6b34' },
      { name: 'ginger', ink: '#b07b42' },
    ]),
  nearestColours: (ink: string) => Promise.resolve([{ name: `near ${ink}`, ink }]),
}))

it('takes a colour by its swatch, and the name nearest to one that somebody has', async () => {
  const said = vi.fn()
  const user = userEvent.setup()
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ColourFields of="body" value={{ marking: 'mixed' }} onChange={said} />
    </QueryClientProvider>,
  )
  await user.click(screen.getByRole('button', { name: 'body: swatches' }))
  await user.click(await screen.findByRole('button', { name: 'olive' }))
  expect(said).toHaveBeenLastCalledWith({ name: 'olive', marking: 'mixed' })
  await user.click(screen.getByRole('button', { name: 'body second: swatches' }))
  fireEvent.change(screen.getByLabelText('a colour I have'), { target: { value: '#112233' } })
  await user.click(await screen.findByRole('button', { name: 'near #112233' }))
  expect(said).toHaveBeenLastCalledWith({ marking: 'mixed', second: 'near #112233' })
})
