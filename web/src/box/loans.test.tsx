import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import * as people from '../api/people'
import * as plans from '../api/plans'
import * as me from '../api/useMe'
import { Boxes } from './Boxes'

vi.mock('../api/people', async (original) => ({
  ...(await original<typeof people>()),
  listLoans: vi.fn(),
}))
vi.mock('../api/plans', async (original) => ({
  ...(await original<typeof plans>()),
  listBoxes: vi.fn(),
}))
vi.mock('../api/useMe', () => ({ useMe: vi.fn() }))

const DUN = { pattern: 'p', name: 'Lantern Dun', size: 14, colouring: '' }
const SEDGE = { pattern: 'q', name: 'Rush Sedge', size: 12, colouring: 'dark' }

beforeEach(() => {
  vi.mocked(me.useMe).mockReturnValue({ mayChange: true } as ReturnType<typeof me.useMe>)
  vi.mocked(plans.listBoxes).mockResolvedValue({
    boxes: [{ id: 'b', name: 'The hut’s box', note: '', revision: 0, flies: 4 }],
    flies: [
      { flies: DUN, place: { kind: 'BOX', name: 'b' }, where: 'The hut’s box', count: 4 },
      { flies: DUN, place: { kind: 'LENT', name: 'Wren' }, where: 'lent to Wren', count: 2 },
    ],
    moves: [],
  })
  vi.mocked(people.listLoans).mockResolvedValue([
    { to: 'Wren', flies: DUN, count: 2, since: '2026-11-20', days: 9 },
    { to: 'the Tuesday party', flies: SEDGE, count: 1, since: '2026-11-28', days: 1 },
  ])
})

afterEach(() => {
  cleanup()
  vi.resetAllMocks()
})

const boxes = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <Boxes />
      </MemoryRouter>
    </QueryClientProvider>,
  )

async function row(who: string) {
  const loans = await screen.findByRole('region', { name: 'Who has what' })
  return within(loans).getByText(who).closest('tr') as HTMLElement
}

describe('the loan box', () => {
  it('says who has what and since when', async () => {
    boxes()
    const wren = await row('Wren')
    expect(wren.textContent).toContain('Lantern Dun 14')
    expect(wren.textContent).toContain('20 November')
    expect([...wren.querySelectorAll('td')].map((c) => c.textContent)).toContain('9')
    expect((await row('the Tuesday party')).textContent).toContain('Rush Sedge 12, dark')
  })

  it('brings back what is out, from where it is', async () => {
    boxes()
    // what is not there to come back any more has nothing to press
    expect(within(await row('the Tuesday party')).queryByText('come back…')).toBeNull()
    const back = within(await row('Wren')).getByText('come back…')
    expect(back.getAttribute('aria-label')).toBe('Lantern Dun 14 come back from Wren')
    fireEvent.click(back)
    const dialog = await screen.findByRole('dialog')
    expect(dialog.textContent).toContain('Lantern Dun')
  })

  it('is only looked at by a guest', async () => {
    vi.mocked(me.useMe).mockReturnValue({ mayChange: false } as ReturnType<typeof me.useMe>)
    boxes()
    expect(within(await row('Wren')).queryByText('come back…')).toBeNull()
    expect(screen.queryAllByRole('button')).toHaveLength(0)
  })

  it('says nothing where nothing is out', async () => {
    vi.mocked(people.listLoans).mockResolvedValue([])
    boxes()
    await screen.findByText('The hut’s box')
    expect(screen.queryByText('Who has what')).toBeNull()
  })
})
