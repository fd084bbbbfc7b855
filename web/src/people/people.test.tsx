import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '../api/client'
import { ApiError } from '../api/http'
import * as people from '../api/people'
import { isIn, isOut, out } from '../api/reach'
import { Gate } from '../app/Gate'
import { Tablets } from '../card/Tablets'
import { ChangeList } from './ChangeList'
import { Join } from './Join'
import { People } from './People'
import { Share } from './Share'
import { SignInForm } from './SignIn'
import { You } from './You'
import { byWhom, didWhat } from './words'

vi.mock('../api/room', async (original) => ({ ...(await original<object>()), isShared: true }))
vi.mock('../api/people', async (original) => {
  const real = await original<typeof people>()
  const all = Object.entries(real).map(([name, f]) => [name, name === 'forgetHere' ? f : vi.fn()])
  return Object.fromEntries(all) as typeof people
})
vi.mock('../api/client', async (original) => ({
  ...(await original<typeof client>()),
  getPattern: vi.fn(),
}))

const WREN = { id: 'w', name: 'Wren', role: 'WARDEN' as const }
const as = (role: 'WARDEN' | 'TIER' | 'GUEST') =>
  vi
    .mocked(people.whoAmI)
    .mockResolvedValue({ shared: true, person: { ...WREN, role }, follows: null })

const refusal = (detail: string) => new ApiError({ title: 'x', status: 422, detail })

beforeEach(() => {
  vi.mocked(people.listComments).mockResolvedValue([])
  vi.mocked(people.listLinks).mockResolvedValue([])
  vi.mocked(people.listTablets).mockResolvedValue([])
  as('WARDEN')
})

afterEach(() => {
  cleanup()
  vi.resetAllMocks()
  localStorage.clear()
  isIn()
})

function at(path: string, page: ReactNode, pattern = '*') {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  return render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route path={pattern} element={page} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

const type = (label: string | RegExp, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))

describe('the gate', () => {
  const page = (
    <Gate header={<nav>the header</nav>}>
      <p>the page</p>
    </Gate>
  )

  it('asks whoever is not known, and opens what they wanted when they are in', async () => {
    vi.mocked(people.whoAmI).mockResolvedValueOnce({ shared: true, person: null, follows: null })
    vi.mocked(people.signIn).mockResolvedValue(undefined)
    at('/book', page)
    await screen.findByLabelText('Password')
    expect(screen.queryByText('the page')).toBeNull()
    type('Name', 'wren')
    type('Password', 'amber heron')
    press('Sign in')
    await screen.findByText('the page')
    expect(people.signIn).toHaveBeenCalledWith('wren', 'amber heron')
    expect(screen.getByText('the header')).toBeTruthy()
  })

  it('asks over the page where somebody was signed out meanwhile', async () => {
    at('/book', page)
    await screen.findByText('the page')
    isOut()
    await screen.findByRole('dialog')
    expect(screen.getByText('the page')).toBeTruthy() // and what was typed there
  })

  it('lets a link in that is for whoever has it', async () => {
    vi.mocked(people.whoAmI).mockResolvedValue({ shared: true, person: null, follows: null })
    at('/shared', page)
    await screen.findByText('the page')
    expect(screen.queryByText('the header')).toBeNull()
  })
})

describe('a tablet', () => {
  it('is told when it was sent away, and shows nothing more', async () => {
    const fly = { pattern: 'p', club: false }
    window.history.replaceState(null, '', '/bench/p/tie')
    vi.mocked(people.whoAmI).mockResolvedValue({ shared: true, person: WREN, follows: fly })
    at(
      '/bench/p/tie',
      <Gate header={<nav>the header</nav>}>
        <p>the step</p>
      </Gate>,
    )
    await screen.findByText('the step')
    expect(screen.queryByText('the header')).toBeNull()
    isOut()
    await screen.findByText('This tablet was sent away')
    expect(screen.queryByText('the step')).toBeNull()
  })
})

describe('coming in', () => {
  it('says what is wrong and forgets nothing that was typed', async () => {
    vi.mocked(people.signIn).mockRejectedValueOnce(refusal('Type both anew.'))
    const onIn = vi.fn()
    at('/', <SignInForm onIn={onIn} />)
    type('Name', 'wren')
    type('Password', 'wrong')
    press('Sign in')
    expect((await screen.findByRole('alert')).textContent).toContain('Type both anew.')
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('wren')
    expect(onIn).not.toHaveBeenCalled()
    isOut()
    vi.mocked(people.signIn).mockResolvedValueOnce(undefined)
    press('Sign in')
    await waitFor(() => expect(onIn).toHaveBeenCalled())
    expect(out.get()).toBe(false)
  })

  it('tells as what a link lets one in, and sends what is behind the #', async () => {
    vi.mocked(people.lookAtInvitation).mockResolvedValue({ role: 'GUEST', name: '' })
    vi.mocked(people.join).mockRejectedValue(refusal('password is too short'))
    at('/join#secret-1', <Join />)
    await screen.findByText(/You come in as a guest/)
    type(/Your name here/, 'Alder')
    type(/Password/, 'amber heron walks late')
    press('Come in')
    expect((await screen.findByRole('alert')).textContent).toContain('too short')
    expect(people.join).toHaveBeenCalledWith('secret-1', 'Alder', 'amber heron walks late')
  })

  it('asks who is here already for a new password only', async () => {
    vi.mocked(people.lookAtInvitation).mockResolvedValue({ role: 'TIER', name: 'Alder' })
    at('/join#secret-2', <Join />)
    await screen.findByText(/Choose a new password, Alder/)
    expect(screen.queryByLabelText(/Your name here/)).toBeNull()
  })

  it('says that a link is used up', async () => {
    vi.mocked(people.lookAtInvitation).mockRejectedValue(refusal('link is used up'))
    at('/join#secret-3', <Join />)
    expect((await screen.findByRole('alert')).textContent).toContain('used up')
  })
})

describe('people', () => {
  const member = (id: string, name: string, more = {}) => ({
    id,
    name,
    role: 'TIER' as const,
    since: '2026-11-01T10:00:00Z',
    closed: false,
    ...more,
  })

  beforeEach(() => {
    vi.mocked(people.listPeople).mockResolvedValue({
      people: [member('w', 'Wren', { role: 'WARDEN' }), member('a', 'Alder')],
      invitations: [{ id: 'i', role: 'GUEST', note: 'the miller', until: '2026-12-06T10:00:00Z' }],
    })
  })

  it('lets a warden invite, close and take back', async () => {
    at('/people', <People />)
    const row = (await screen.findByText('Alder')).closest('tr') as HTMLElement
    fireEvent.click(within(row).getByText('close'))
    await waitFor(() => expect(people.closeTo).toHaveBeenCalledWith('a'))
    press('take back the link for the miller')
    await waitFor(() => expect(people.revokeInvitation).toHaveBeenCalledWith('i'))
    vi.mocked(people.invite).mockResolvedValue({
      invitation: { id: 'j', role: 'GUEST', note: '', until: '' },
      token: 'fresh',
    })
    press('Invite somebody…')
    fireEvent.click(screen.getByRole('radio', { name: 'guest' }))
    press('Make a link')
    const link = await screen.findByLabelText<HTMLInputElement>(/Link, good once/)
    expect(link.value).toMatch(/\/join#fresh$/)
    expect(people.invite).toHaveBeenCalledWith('GUEST', '')
  })

  it('shows a tier who is here and nothing to do about it', async () => {
    as('TIER')
    at('/people', <People />)
    await screen.findByText('Alder')
    expect(screen.queryByText('close')).toBeNull()
    expect(screen.queryByText('Invite somebody…')).toBeNull()
  })

  it('forgets what was left unsent when somebody leaves, but not how it looks', () => {
    localStorage.setItem('ripple-rest.unsaved.x', '[]')
    localStorage.setItem('ripple-rest.recent.club', '[]')
    localStorage.setItem('ripple-rest.theme', '"dark"')
    people.forgetHere()
    expect(Object.keys(localStorage)).toEqual(['ripple-rest.theme'])
  })

  it('changes a password, and says that other places are out', async () => {
    vi.mocked(people.changePassword).mockResolvedValue(undefined)
    at('/you', <You />)
    await screen.findByLabelText('The password now')
    type('The password now', 'before')
    type(/The new one/, 'quiet otter sings twice')
    press('Change the password')
    await waitFor(() =>
      expect(people.changePassword).toHaveBeenCalledWith('before', 'quiet otter sings twice'),
    )
  })
})

describe('a fly among people', () => {
  beforeEach(() => {
    vi.mocked(client.getPattern).mockResolvedValue({
      id: 'p',
      revision: 1,
      undo: '',
      redo: '',
      document: { pattern: { name: 'Lantern Dun' } },
    } as never)
  })

  it('is given to the club, linked and talked about', async () => {
    vi.mocked(people.giveToClub).mockResolvedValue({ id: 'c' })
    vi.mocked(people.makeLink).mockResolvedValue({ id: 'l', token: 'tok' })
    const said = { id: 's', by: 'Wren', mine: true, words: 'Good.', at: '2026-11-29T10:00:00Z' }
    vi.mocked(people.comment).mockResolvedValue([said])
    at('/bench/p/share', <Share />, '/bench/:id/share')
    fireEvent.click(await screen.findByText('Give the club a copy'))
    expect((await screen.findByText('Open the copy')).getAttribute('href')).toBe('/club/bench/c')
    press('Make a link')
    const link = await screen.findByLabelText<HTMLInputElement>(/told this once/)
    expect(link.value).toMatch(/\/shared#tok$/)
    type('Say something to it', 'Good.')
    press('Say it')
    await screen.findByText('Good.')
    press('take back: Good.')
    await waitFor(() => expect(people.takeBackComment).toHaveBeenCalledWith('p', 's'))
  })

  it('is only looked at by a guest', async () => {
    as('GUEST')
    at('/bench/p/share', <Share />, '/bench/:id/share')
    await screen.findByText('Say it')
    expect(screen.queryByText('Make a link')).toBeNull()
  })

  it('says who did what, and no name of who left', () => {
    const change = { pattern: 'p', name: 'Dun', at: '2026-11-29T10:00:00Z' }
    at(
      '/',
      <ChangeList
        named
        changes={[
          { ...change, what: 'CHANGED', by: 'Wren', words: 'hackle 4 turns' },
          { ...change, what: 'DELETED', by: '', words: '' },
        ]}
      />,
    )
    const [first, second] = screen.getAllByRole('listitem')
    expect(first?.textContent).toContain('hackle 4 turns')
    expect(first?.textContent).toContain('Wren')
    expect(second?.textContent).toContain('deleted it')
    expect(second?.textContent).toContain('somebody who left')
    expect(within(second as HTMLElement).queryByRole('link')).toBeNull()
    expect(byWhom('')).toBe('somebody who left')
    expect(didWhat({ ...change, what: 'ADDED', by: '', words: '' })).toBe('put it in')
  })
})

describe('a tablet at the vise', () => {
  const code = {
    id: 't',
    address: 'https://hut.example/tablet#tok',
    size: 41,
    squares: 'M4 4h1v1h-1z',
    until: new Date(Date.now() + 120_000).toISOString(),
  }

  it('is shown a code until it has come, and is sent away', async () => {
    vi.mocked(people.showCode).mockResolvedValue(code)
    at('/', <Tablets pattern="p" open onClose={() => undefined} />)
    press('Show a code')
    await screen.findByTestId('code')
    expect(screen.getByTestId('code-address').textContent).toBe(code.address)
    vi.mocked(people.listTablets).mockResolvedValue([{ id: 't', since: '2026-11-29T10:00:00Z' }])
    await screen.findByText(/The tablet is here/, undefined, { timeout: 3000 })
    expect(screen.queryByTestId('code')).toBeNull() // it is good once
    press('send away')
    await waitFor(() => expect(people.sendAway).toHaveBeenCalledWith('t'))
  })

  it('is told that a code is over', async () => {
    vi.mocked(people.showCode).mockResolvedValue({ ...code, until: new Date(0).toISOString() })
    at('/', <Tablets pattern="p" open onClose={() => undefined} />)
    press('Show a code')
    await screen.findByText(/That code is over/)
    expect(screen.getByText('Show a code')).toBeTruthy()
  })
})
