import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Exercise, Eye, Judged, Outline, Practice as Known, Schemas } from '../api/types'
import { Curve } from './Curve'
import { Look } from './Look'
import { Practice } from './Practice'
import { SetFor } from './SetFor'
import { Sitting } from './Sitting'
import { countsOf, isPictured, scaleOf } from './scale'
import { leftOut } from './words'

afterEach(cleanup)

const plain = (text: string) => ({ text, quantities: [] })

const hook: Outline = {
  eye: [
    [-1, 0, 0],
    [0, 0, 0],
  ],
  wire: [
    [0, 0, 0],
    [7, 0, 0],
    [7, 0, -4],
  ],
  wireMm: 0.4,
  barb: [],
  members: [],
  strands: [],
  fibres: [],
  film: [],
  across: [],
  tints: [],
}

const exercise: Exercise = {
  id: '00ff0000-0000-0000-0000-000000000000',
  drill: 'WHAT_HOLDS',
  of: 'losses',
  question: plain('Which loss sinks it soonest?'),
  told: [plain('Tail: spade hackle barbs.')],
  fly: hook,
  parts: [],
  above: false,
  spoken: [],
  choices: ['Its tail', 'Its body', 'Its hackle'].map((words) => ({ words: plain(words) })),
  dials: [],
}

const set: Exercise = {
  ...exercise,
  drill: 'SET_BY_EYE',
  question: plain('Set the hackle barb: 1.75 × gap.'),
  told: [],
  bar: { from: [1, 0, 0], along: [0, 0, 1], place: false },
  choices: [],
  dials: [{ name: 'Length', low: 0.05, high: 15, step: 0.05, start: 4, unit: 'mm' }],
}

const glance: Exercise = {
  ...exercise,
  drill: 'COUNT',
  question: plain('How many fibres has the tail?'),
  told: [],
  glanceMs: 700,
  choices: [],
  dials: [{ name: 'Count', low: 1, high: 15, step: 1, start: 1, unit: '' }],
}

const judged: Judged = {
  right: false,
  words: plain('Without its hackle it sinks.'),
  truth: [2],
  eyes: [plain('You tell losses apart.')],
}

const look = (e: Exercise, answer = vi.fn(), told?: Judged) => {
  render(
    <Look exercise={e} judged={told} busy={false} onAnswer={answer}>
      <p>below</p>
    </Look>,
  )
  return answer
}

describe('a look', () => {
  it('has the focus on its question, and is chosen by its number or by hand', () => {
    const answer = look(exercise)
    expect(document.activeElement).toBe(screen.getByRole('heading'))
    fireEvent.keyDown(window, { key: '2' })
    expect(answer).toHaveBeenLastCalledWith([1])
    fireEvent.click(screen.getByRole('button', { name: /Its hackle/ }))
    expect(answer).toHaveBeenLastCalledWith([2])
    fireEvent.keyDown(window, { key: '4' }) // there are three
    expect(answer).toHaveBeenCalledTimes(2)
  })

  it('hears no key that is still held', () => {
    const answer = look(exercise)
    fireEvent.keyDown(window, { key: '1', repeat: true })
    expect(answer).not.toHaveBeenCalled()
  })

  it('says which was right and which was chosen, and takes no other answer', () => {
    const answer = look(exercise, vi.fn(), judged)
    expect(screen.getByLabelText('right').closest('button')?.textContent).toContain('Its hackle')
    fireEvent.keyDown(window, { key: '1' })
    expect(answer).not.toHaveBeenCalled()
    for (const choice of screen.getAllByRole('button')) {
      expect((choice as HTMLButtonElement).disabled).toBe(true)
    }
  })

  it('shows no number of a bar that is set by eye', () => {
    const answer = look(set)
    const slider = screen.getByRole('slider')
    expect(slider.getAttribute('aria-valuetext')).toBe('set on the drawing')
    expect(screen.getByRole('status').textContent).toBe('')
    fireEvent.change(slider, { target: { value: '7' } })
    expect(screen.getByTestId('bar').getAttribute('data-value')).toBe('7')
    fireEvent.click(screen.getByRole('button', { name: 'That is it' }))
    expect(answer).toHaveBeenLastCalledWith([7])
  })

  it('is gone after a moment where it is a glance, and only then is answered', () => {
    vi.useFakeTimers()
    try {
      const answer = look(glance)
      expect(screen.queryByTestId('figure')).toBeNull()
      fireEvent.keyDown(window, { key: '5' })
      expect(answer).not.toHaveBeenCalled()
      fireEvent.click(screen.getByRole('button', { name: 'Look' }))
      expect(screen.getByTestId('figure')).toBeTruthy()
      act(() => vi.advanceTimersByTime(701))
      expect(screen.queryByTestId('figure')).toBeNull()
      fireEvent.click(screen.getByRole('button', { name: '12' }))
      expect(answer).toHaveBeenLastCalledWith([12])
    } finally {
      vi.useRealTimers()
    }
  })

  it('lays water under a fly by two sliders that say what they mean', () => {
    look({
      ...set,
      drill: 'HOW_IT_SITS',
      bar: undefined,
      dials: [
        { name: 'Angle, tail down', low: -90, high: 90, step: 1, start: 0, unit: '°' },
        { name: 'Eye over the water', low: -12, high: 12, step: 0.1, start: 0, unit: 'mm' },
      ],
    } as Exercise)
    const [angle, eye] = screen.getAllByRole('slider')
    if (!angle || !eye) throw new Error('no sliders')
    expect(angle.getAttribute('aria-valuetext')).toBe('level')
    fireEvent.change(angle, { target: { value: '-20' } })
    fireEvent.change(eye, { target: { value: '-1.5' } })
    expect(angle.getAttribute('aria-valuetext')).toBe('20° head down')
    expect(eye.getAttribute('aria-valuetext')).toBe('1.5 mm under')
    const laid = screen.getByTestId('laid')
    expect([laid.getAttribute('data-pitch'), laid.getAttribute('data-eye')]).toEqual([
      '-20',
      '-1.5',
    ])
  })

  it('draws hooks and feathers to one scale, and all of them fit', () => {
    const feathers: Exercise = {
      ...exercise,
      drill: 'WHICH_FEATHER',
      spoken: [plain('Feather 1 has barbs of 6 mm.')],
      choices: [6, 9, 14].map((barbMm) => ({ words: plain('A cape'), barbMm })),
    }
    expect(isPictured(feathers)).toBe(true)
    expect(isPictured(exercise)).toBe(false)
    expect(scaleOf(feathers) * 2 * 14).toBeLessThan(150)
    look(feathers)
    expect(screen.getByText('Feather 1 has barbs of 6 mm.').className).toBe('sr-only')
  })

  it('offers every number that can be answered', () => {
    expect(countsOf(glance)).toHaveLength(15)
    expect(countsOf(exercise)).toHaveLength(0)
  })
})

type Call = { path: string; body: Record<string, unknown> }

/** A server that answers from a list, and remembers what it was asked. */
function server(exercises: Exercise[], answers: (Judged | 'lost')[]) {
  const calls: Call[] = []
  vi.stubGlobal(
    'fetch',
    vi.fn((path: string, init?: RequestInit) => {
      calls.push({ path, body: JSON.parse(String(init?.body ?? '{}')) as Call['body'] })
      const answer = path.endsWith('/answer') ? answers.shift() : exercises.shift()
      return answer === 'lost' || answer === undefined
        ? Promise.reject(new TypeError('no network'))
        : Promise.resolve(new Response(JSON.stringify(answer)))
    }),
  )
  return calls
}

const sit = (query: string) =>
  render(
    <MemoryRouter initialEntries={[`/practice/sitting${query}`]}>
      <Sitting />
    </MemoryRouter>,
  )

describe('a sitting', () => {
  beforeEach(() => leftOut.set([]))
  afterEach(() => vi.unstubAllGlobals())

  const numbered = (n: number): Exercise => ({
    ...exercise,
    id: `0000000${n}-0000-0000-0000-000000000000`,
    question: plain(`Question ${n}?`),
  })

  it('has the next exercise made while one is looked at, in one sitting', async () => {
    leftOut.set(['COUNT'])
    const calls = server([numbered(1), numbered(2), numbered(3)], [judged, judged])
    sit('')
    await screen.findByText('Question 1?')
    await waitFor(() => expect(calls).toHaveLength(2))
    expect(calls[0]?.body).toMatchObject({ only: [], without: ['COUNT'], counts: true, person: '' })
    expect(calls[1]?.body.sitting).toBe(calls[0]?.body.sitting)
    fireEvent.keyDown(window, { key: '1' })
    const next = await screen.findByRole('button', { name: 'Next' })
    expect(document.activeElement).toBe(next)
    expect(screen.getByTestId('judged').textContent).toBe('Not so. Without its hackle it sinks.')
    expect(screen.getByTestId('sitting').textContent).toContain('1 look')
    fireEvent.click(next)
    await screen.findByText('Question 2?')
    expect(screen.getByTestId('judged').textContent).toBe('')
  })

  it('sends an answer again that did not arrive, as it was given', async () => {
    const calls = server([numbered(1), numbered(2)], ['lost', 'lost', judged])
    sit('')
    await screen.findByText('Question 1?')
    fireEvent.keyDown(window, { key: '3' })
    fireEvent.click(await screen.findByRole('button', { name: 'Send it again' }, { timeout: 5000 }))
    await screen.findByRole('button', { name: 'Next' })
    const said = calls.filter((c) => c.path.endsWith('/answer')).map((c) => c.body.said)
    expect(said).toEqual([[2], [2], [2]]) // once more by itself, then by hand
    expect(screen.queryByRole('alert')).toBeNull()
  })

  it('asks again for an exercise that did not come', async () => {
    server([], [])
    sit('')
    const again = await screen.findByRole('button', { name: 'Ask again' })
    server([numbered(1)], [])
    fireEvent.click(again)
    await screen.findByText('Question 1?')
  })

  it('that is set for somebody goes by its address and ends', async () => {
    const calls = server([numbered(1), numbered(2)], [judged, judged])
    sit('?only=COUNT,WHAT_HOLDS&each=1&for=Ada&seed=7')
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Practice set for Ada')
    for (const n of [1, 2]) {
      await screen.findByText(`Question ${n}?`)
      fireEvent.keyDown(window, { key: '1' })
      fireEvent.click(await screen.findByRole('button', { name: 'Next' }))
    }
    await screen.findByText('2 looks; all of them are kept.')
    const asked = calls.filter((c) => !c.path.endsWith('/answer')).map((c) => c.body)
    expect(asked.map((b) => b.only)).toEqual([['COUNT'], ['WHAT_HOLDS']])
    expect(asked[0]).toMatchObject({ person: 'Ada', seed: 7, counts: true })
  })

  it('that is shown to others does not count and says so', async () => {
    const calls = server([numbered(1), numbered(2)], [judged])
    sit('?only=WHAT_HOLDS&large')
    await screen.findByText('Question 1?')
    expect(screen.getByTestId('sitting').textContent).toContain('nothing is kept')
    expect(screen.getByTestId('sitting').textContent).not.toContain('min left')
    expect(calls[0]?.body.counts).toBe(false)
  })

  it('ends between two looks once its minutes are over, and goes on if one likes', async () => {
    const begun = Date.now()
    const clock = vi.spyOn(Date, 'now').mockReturnValue(begun)
    server([numbered(1), numbered(2), numbered(3)], [judged, judged])
    sit('')
    await screen.findByText('Question 1?')
    clock.mockReturnValue(begun + 5.5 * 60_000)
    fireEvent.keyDown(window, { key: '1' })
    const next = await screen.findByRole('button', { name: 'Next' })
    expect(screen.getByTestId('judged').textContent).not.toBe('') // what is true can still be read
    fireEvent.click(next)
    fireEvent.click(await screen.findByRole('button', { name: 'Another five minutes' }))
    await screen.findByText('Question 2?')
    clock.mockRestore()
  })
})

const day = (month: number, value: number) => ({
  day: `2026-0${month}-01`,
  value,
  low: value / 2,
  high: value * 2,
})

const eye: Eye = {
  skill: 'part-off/wing length',
  drill: 'PART_OFF',
  of: 'wing length',
  unit: 'SHARE',
  looks: 80,
  words: plain('You see 7 % of wing length.'),
  due: '2026-09-01',
  isDue: false,
  curve: [day(6, 0.2), day(7, 0.1), day(8, 0.05)],
  hands: plain('Your wing length runs 12 % long.'),
}

const drill = (name: Exercise['drill'], possible: boolean): Schemas['DrillView'] => ({
  drill: name,
  visual: name === 'PART_OFF',
  glance: name === 'COUNT',
  possible,
})

const known: Known = {
  drills: [drill('PART_OFF', true), drill('COUNT', true), drill('WHICH_FEATHER', false)],
  eyes: [
    eye,
    {
      ...eye,
      skill: 'part-off/extended-body length',
      of: 'extended-body length',
      looks: 0,
      curve: [],
      hands: undefined,
    },
  ],
  people: ['Ada'],
  next: [],
}

describe('what an eye sees', () => {
  it('is a curve that falls as it learns, inside its band', () => {
    render(<Curve eye={eye} />)
    const svg = screen.getByTestId('curve')
    const ys = (points: string) => points.split(' ').map((p) => Number(p.split(',')[1]))
    const line = ys(svg.querySelector('polyline')?.getAttribute('points') ?? '')
    const band = ys(svg.querySelector('polygon')?.getAttribute('points') ?? '')
    expect(line).toHaveLength(3)
    expect(line[0]).toBeLessThan(line[2] ?? 0) // down the page: finer
    const high = band.slice(0, 3)
    const low = band.slice(3).reverse()
    line.forEach((y, i) => {
      expect(y).toBeGreaterThan(high[i] ?? 0)
      expect(y).toBeLessThan(low[i] ?? 0)
    })
    expect(screen.getByText('1 Jun')).toBeTruthy()
    expect(screen.getByText('1 Aug')).toBeTruthy()
  })

  it('needs two days for a curve', () => {
    const { container } = render(<Curve eye={{ ...eye, curve: [day(6, 0.2)] }} />)
    expect(container.innerHTML).toBe('')
  })

  it('stands with its hands, what is due, and what a drill lacks', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(known))))
    leftOut.set([])
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter initialEntries={['/practice']}>
          <Practice />
        </MemoryRouter>
      </QueryClientProvider>,
    )
    const wings = (await screen.findByText('You see 7 % of wing length.')).closest('[data-skill]')
    expect(wings?.textContent).toContain('Your wing length runs 12 % long.')
    expect(wings?.textContent).toContain('80 looks')
    expect(screen.getByText('Not yet: extended body length.')).toBeTruthy()
    expect(screen.getByText(/Needs a glance/)).toBeTruthy()
    expect(screen.getByText(/Measure the barbs of four feathers/)).toBeTruthy()
    fireEvent.click(screen.getByLabelText('practise Count at a glance'))
    expect(leftOut.get()).toEqual(['COUNT'])
    vi.unstubAllGlobals()
  })

  it('is set for somebody by a link that names them', () => {
    render(<SetFor possible={['PART_OFF', 'COUNT']} open onClose={vi.fn()} />)
    const dialog = within(screen.getByRole('dialog'))
    const link = () => new URL((dialog.getByLabelText('Link') as HTMLInputElement).value)
    expect(link().searchParams.get('only')).toBe('PART_OFF,COUNT')
    fireEvent.change(dialog.getByLabelText('For whom'), { target: { value: 'Ada & Bert' } })
    fireEvent.click(dialog.getByLabelText('Count at a glance'))
    expect(link().searchParams.get('for')).toBe('Ada & Bert')
    expect(link().searchParams.get('only')).toBe('PART_OFF')
    fireEvent.click(dialog.getByLabelText('Which part is off'))
    expect((dialog.getByLabelText('Link') as HTMLInputElement).value).toBe('')
    expect((dialog.getByRole('button', { name: 'Copy link' }) as HTMLButtonElement).disabled).toBe(
      true,
    )
  })
})
