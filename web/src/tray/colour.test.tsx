import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, describe, expect, it, vi } from 'vitest'
import * as client from '../api/client'
import type { PatternDocument } from '../api/types'
import { coloursOf } from '../parts/colourings'
import { ColourFields } from '../colour/ColourFields'
import { Colourings } from './Colourings'

afterEach(cleanup)

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

describe('colourings', () => {
  const lantern = {
    pattern: {
      parts: [
        { part: 'body', colour: { name: 'olive' } },
        { part: 'collar-hackle', colour: { name: 'dun' } },
      ],
      colourings: [{ name: 'late', parts: [{ part: 'body', colour: { name: 'claret' } }] }],
    },
  } as unknown as PatternDocument

  it('is taken up by the parts it names', async () => {
    const changed = vi.fn<(next: PatternDocument) => void>()
    render(<Colourings document={lantern} onChange={changed} onClose={() => undefined} />)
    await userEvent.click(screen.getByRole('button', { name: 'Tie it so' }))
    const late = changed.mock.lastCall?.[0] as PatternDocument
    expect(coloursOf(late).map((c) => c.colour.name)).toEqual(['claret', 'dun'])
  })

  it('is kept under a name, in the place of one of that name, and left out', async () => {
    const changed = vi.fn<(next: PatternDocument) => void>()
    render(<Colourings document={lantern} onChange={changed} onClose={() => undefined} />)
    const keep = screen.getByRole('button', { name: 'Keep' })
    expect(keep).toHaveProperty('disabled', true)
    await userEvent.type(screen.getByLabelText('keep these colours as'), ' late ')
    await userEvent.click(keep)
    expect(changed.mock.lastCall?.[0].pattern.colourings).toEqual([
      { name: 'late', parts: coloursOf(lantern) },
    ])
    await userEvent.click(screen.getByRole('button', { name: 'Leave out' }))
    expect(changed.mock.lastCall?.[0].pattern).not.toHaveProperty('colourings')
  })
})
