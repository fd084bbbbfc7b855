import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, render, screen, waitFor } from '@testing-library/react'
import userEvent, { PointerEventsCheckLevel } from '@testing-library/user-event'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '../api/client'
import { ApiError } from '../api/http'
import { FirstVisit } from './FirstVisit'
import { tour, tourTaken } from './tour'
import { Glossary } from './Glossary'
import { Header } from './Header'
import { Notices } from './Notices'
import { notify } from './notices'
import { ordered } from './recent'
import { letterKeys, textSize, theme } from './settings'
import { useKeys } from './useKeys'

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof client>()),
  listPatterns: vi.fn(),
  listStyles: vi.fn(),
  createPattern: vi.fn(),
}))

const pattern = (id: string, favourite = false) => ({
  id,
  name: `Fly ${id}`,
  style: 'parachute',
  hookSize: 14,
  favourite,
})

beforeEach(() => {
  vi.mocked(client.listPatterns).mockResolvedValue([pattern('a'), pattern('b', true)])
  vi.mocked(client.listStyles).mockResolvedValue([
    { id: 'parachute', label: 'Parachute', house: false, rules: [] },
  ])
})

afterEach(() => {
  cleanup()
  localStorage.clear()
  tour.set(0)
  letterKeys.set(true)
  theme.set('auto')
  textSize.set('normal')
  document.body.style.pointerEvents = '' // a menu that was open when its test ended
})

const at = (path: string, page: React.ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[path]}>{page}</MemoryRouter>
    </QueryClientProvider>,
  )

describe('the header', () => {
  it('lists favourites first, then what was opened last, then the rest as it comes', () => {
    const all = [pattern('a'), pattern('b'), pattern('c', true), pattern('d')]
    expect(ordered(all, ['d', 'c']).map((p) => p.id)).toEqual(['c', 'd', 'a', 'b'])
  })

  it('leads to every view, and says which fly is open', async () => {
    at('/bench/a', <Header />)
    const link = await screen.findByRole('link', { name: /Fly a/ })
    expect(link.getAttribute('aria-current')).toBe('page')
    for (const name of ['Book', 'Log', 'Drawer', 'Styles']) {
      expect(screen.getByRole('link', { name })).toBeTruthy()
    }
  })

  it('makes a fly of a style on purpose', async () => {
    vi.mocked(client.createPattern).mockRejectedValue(
      new ApiError({ title: 'x', status: 0, detail: 'no answer' }),
    )
    const user = userEvent.setup()
    at('/bench/a', <Header />)
    await user.click(screen.getByRole('button', { name: 'New' }))
    await user.click(await screen.findByRole('menuitem', { name: 'Parachute' }))
    expect(client.createPattern).toHaveBeenCalledWith('parachute', 'a')
  })

  it('puts looks on the page and keeps them', async () => {
    const user = userEvent.setup()
    at('/log', <Header />)
    await user.click(screen.getByRole('button', { name: 'More' }))
    await user.click(await screen.findByRole('menuitemradio', { name: 'dark' }))
    expect(document.documentElement.style.colorScheme).toBe('dark')
    await user.click(screen.getByRole('button', { name: 'More' }))
    await user.click(await screen.findByRole('menuitemradio', { name: 'largest text' }))
    expect(document.documentElement.style.fontSize).toBe('20px')
    expect(localStorage.getItem('ripple-rest.theme')).toBe('"dark"')
  })
})

describe('notices', () => {
  it('say what was done and take it back', async () => {
    const undo = vi.fn().mockResolvedValue(undefined)
    render(<Notices />)
    notify('Fly a is deleted.', undo)
    // the list of notices takes the pointer a moment after the first one has come
    const user = userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never })
    await user.click(await screen.findByRole('button', { name: 'Undo' }))
    expect(undo).toHaveBeenCalledOnce()
    await waitFor(() => expect(screen.queryByText('Fly a is deleted.')).toBeNull())
  })
})

describe('keys', () => {
  function Page({ run }: { run: () => void }) {
    useKeys([{ name: 'see it from above', keys: 'u', run }])
    return (
      <>
        <button type="button">a button</button>
        <div
          role="combobox"
          tabIndex={0}
          aria-label="a list"
          aria-expanded="false"
          aria-controls="x"
        />
      </>
    )
  }

  it('do nothing while a list has the focus, or when they are switched off', async () => {
    const run = vi.fn()
    const user = userEvent.setup()
    render(<Page run={run} />)
    screen.getByRole('combobox').focus()
    await user.keyboard('u')
    expect(run).not.toHaveBeenCalled()
    screen.getByRole('button').focus()
    letterKeys.set(false)
    await user.keyboard('u')
    expect(run).not.toHaveBeenCalled()
    letterKeys.set(true)
    await user.keyboard('u')
    expect(run).toHaveBeenCalledOnce()
  })
})

describe('a first visit', () => {
  it('leads through one change, can be skipped, and comes again when called', async () => {
    const user = userEvent.setup()
    at('/bench/a', <FirstVisit />)
    expect(screen.getByText(/warden ties what visitors borrow/)).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Go on' }))
    expect(screen.queryByRole('button', { name: 'Go on' })).toBeNull()
    tourTaken()
    await user.click(await screen.findByRole('button', { name: 'Done' }))
    expect(screen.queryByRole('region', { name: 'First visit' })).toBeNull()
    cleanup()
    at('/bench/a?tour', <FirstVisit />)
    expect(await screen.findByText('1 of 3')).toBeTruthy()
    await user.click(screen.getByRole('button', { name: 'Skip' }))
    expect(screen.queryByRole('region', { name: 'First visit' })).toBeNull()
  })
})

describe('the glossary', () => {
  it('finds a word by a part of it', async () => {
    const user = userEvent.setup()
    render(<Glossary onClose={vi.fn()} />)
    await user.type(screen.getByLabelText('Find a word'), 'pops')
    expect(screen.getAllByRole('term')).toHaveLength(1)
    expect(screen.getByText('pops back if drowned')).toBeTruthy()
  })
})
