import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { describe, expect, it, vi } from 'vitest'
import type { ByTests, Foretold, LearntLine, Noted, TankTest } from '../api/types'
import { heightsWithout, movedBy } from '../readings/taught'
import { Chart } from './Chart'
import { Learnt } from './Learnt'
import { Result } from './Result'
import { STEPS } from './steps'
import type { Kept } from './useTest'

const foretold: Foretold = {
  ways: [
    { sits: 'HANGING', share: 0.9 },
    { sits: 'HALF_DOWN', share: 0.1 },
  ],
  measures: [
    { what: 'ANGLE', low: 44, middle: 55, high: 60 },
    { what: 'EYE', low: -2, middle: -1.3, high: -0.5 },
  ],
  bearsMg: Array.from({ length: 19 }, (_, i) => 10 + 5 * i),
  popsBack: 0.67,
  byTests: 0,
}

const plain = (text: string) => ({ text, quantities: [] })

const nothing: Noted = { measured: [], hung: [], unlike: false }

const test = (seen: Partial<Noted>): TankTest => ({
  test: {
    id: 't',
    fly: 'f',
    madeAt: '2026-09-14T19:10:00Z',
    temperatureC: 14,
    floatant: 'GEL',
    laid: 1,
    foretold,
    seen: { ...nothing, ...seen },
    leftOut: false,
    notes: '',
  },
  revision: 1,
  pictured: false,
  name: 'Deep Lodger',
  size: 12,
  next: [{ label: 'a bare size 14 hook', mg: 16.6 }],
  foretold: plain('hanging 90 %'),
  seen: plain('hanging'),
  beside: (seen.measured ?? []).map((m) => ({
    what: 'angle',
    foretold: plain('44° tail down to 60° tail down'),
    seen: plain(`${m.value}° tail down ± 3°`),
    stands: m.value < 44 ? ('LOWER' as const) : ('AS_FORETOLD' as const),
  })),
  measures: [
    {
      what: 'ANGLE',
      word: 'angle',
      unit: '°',
      low: -180,
      high: 180,
      errorByEye: 3,
      errorByCaliper: 3,
    },
    {
      what: 'EYE',
      word: 'eye',
      unit: 'mm',
      low: -40,
      high: 40,
      errorByEye: 0.4,
      errorByCaliper: 0.2,
    },
  ],
})

function keptOf(t: TankTest) {
  const see = vi.fn()
  const { seen, leftOut, notes } = t.test
  const kept = { written: { seen, leftOut, notes }, kept: t, see, change: vi.fn() }
  return { kept: kept as unknown as Kept, see }
}

const shown = (what: React.ReactNode) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>{what}</MemoryRouter>
    </QueryClientProvider>,
  )

describe('the steps of a test', () => {
  it('clears what was measured of a fly that sank', () => {
    const { kept, see } = keptOf(
      test({
        sits: 'HANGING',
        measured: [{ what: 'EYE', value: -1.5, error: 0.4, by: 'EYE' }],
        hung: [
          { mg: 24, floats: true },
          { mg: 52, floats: false },
        ],
      }),
    )
    const Look = STEPS[0]?.Step as (typeof STEPS)[number]['Step']
    shown(<Look kept={kept} foretold={foretold} />)
    fireEvent.click(screen.getByRole('button', { name: 'sinks' }))
    expect(see).toHaveBeenCalledWith({
      sits: 'SUNK',
      measured: [],
      hung: [{ mg: 52, floats: false }],
      unlike: false,
    })
    fireEvent.click(screen.getByRole('button', { name: 'hanging' }))
    expect(see).toHaveBeenLastCalledWith({ sits: undefined })
  })

  it('notes the weight that was suggested, or one of its own', () => {
    const { kept, see } = keptOf(test({ sits: 'HANGING' }))
    const Hang = STEPS[2]?.Step as (typeof STEPS)[number]['Step']
    shown(<Hang kept={kept} foretold={foretold} />)
    expect(screen.getByTestId('next-weight').textContent).toContain('a bare size 14 hook')
    fireEvent.click(screen.getByRole('button', { name: 'floats' }))
    expect(see).toHaveBeenCalledWith({ hung: [{ mg: 17, floats: true }] })
    fireEvent.click(screen.getByRole('button', { name: 'another weight' }))
    fireEvent.click(screen.getByRole('button', { name: 'goes under' }))
    expect(see).toHaveBeenLastCalledWith({ hung: [{ mg: 20, floats: false }] })
  })

  it('lays what was seen beside what was foretold, as the core tells it', () => {
    const measured: Noted['measured'] = [{ what: 'ANGLE', value: 30, error: 3, by: 'EYE' }]
    const { kept } = keptOf(test({ measured }))
    shown(<Result kept={kept} />)
    expect(screen.getByText('30° tail down ± 3°')).toBeTruthy()
    expect(screen.getByText('lower than foretold')).toBeTruthy()
  })

  it('reads heights by eye or caliper, each with the error that the core gives it', async () => {
    const { kept, see } = keptOf(
      test({ sits: 'HANGING', measured: [{ what: 'EYE', value: -1.5, error: 0.4, by: 'EYE' }] }),
    )
    const ReadOff = STEPS[1]?.Step as (typeof STEPS)[number]['Step']
    shown(<ReadOff kept={kept} foretold={foretold} />)
    fireEvent.click(screen.getByRole('button', { name: 'measure the angle' }))
    expect(see).toHaveBeenLastCalledWith({
      measured: [
        { what: 'EYE', value: -1.5, error: 0.4, by: 'EYE' },
        { what: 'ANGLE', value: 55, error: 3, by: 'EYE' },
      ],
    })
    vi.stubGlobal('fetch', () =>
      Promise.resolve(new Response(JSON.stringify({ value: 1.8, unit: 'mm', resolution: 0.01 }))),
    )
    fireEvent.click(screen.getByRole('button', { name: 'height of the eye from the caliper' }))
    await vi.waitFor(() =>
      expect(see).toHaveBeenLastCalledWith({
        measured: [{ what: 'EYE', value: -1.8, error: 0.2, by: 'CALIPER' }],
      }),
    )
    vi.unstubAllGlobals()
  })
})

describe('what tests teach', () => {
  const learnt: LearntLine = {
    tests: 7,
    at: '2026-11-29T10:00:00Z',
    inUse: true,
    current: false,
    teaches: true,
    found: { believed: true, effective: 300, agreement: 0.5, misfit: true, judged: [] },
    lessons: [{ words: 'Water is shed less well.', materials: [], moved: 1, narrowed: 0.5 }],
  }
  const learning = (over: Partial<LearntLine>) => ({
    state: { tests: 8, learnt: [{ ...learnt, ...over }] },
    line: undefined,
    failed: '',
    begin: vi.fn(),
    stop: vi.fn(),
    use: vi.fn(),
  })

  it('says what has changed since, what does not fit, and can be switched off', () => {
    const taught = learning({})
    shown(<Learnt learning={taught} />)
    expect(screen.getByText(/changed since; this was learnt from 7 tests/)).toBeTruthy()
    expect(screen.getByText(/further from what is foretold than chance allows/)).toBeTruthy()
    expect(screen.getByText('Water is shed less well.')).toBeTruthy()
    fireEvent.click(screen.getByRole('checkbox'))
    expect(taught.use).toHaveBeenCalledWith(false)
    fireEvent.click(screen.getByRole('button', { name: 'Learn from 8 tests' }))
    expect(taught.begin).toHaveBeenCalled()
  })

  it('counts the tests inside their band', () => {
    const seen = (value: number) =>
      test({ measured: [{ what: 'ANGLE', value, error: 3, by: 'EYE' }] })
    shown(
      <Chart
        tests={[seen(50), seen(20)].map((t, i) => ({ ...t, test: { ...t.test, id: `${i}` } }))}
      />,
    )
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      '1 of 2 tests lie inside their band.',
    )
    fireEvent.click(screen.getByRole('radio', { name: 'eye' }))
    expect(screen.getByText('No test has this number yet.')).toBeTruthy()
  })

  it('stands beside the numbers that it moved, and no other', () => {
    const sat = {
      sits: 'ON_TIPS' as const,
      pitchDeg: 16,
      tilt: 'TAIL_DOWN' as const,
      eyeMm: 2.4,
      bendMm: 0.5,
      pointMm: -2,
      keepsPostureTo: 2.1,
      sinksAt: 9,
      popBackMg: -14,
    }
    const by: ByTests = {
      tests: 7,
      without: sat,
      with: { ...sat, pitchDeg: 11, eyeMm: 1.6 },
      moved: ['POSTURE', 'HEIGHTS'],
      lessons: [],
    }
    expect(movedBy(by)).toEqual({ posture: 'by your 7 tests; without: on its tips, 16° tail down' })
    expect(heightsWithout(by)).toBe(
      'Without your tests: eye 2.4 mm, bend 0.5 mm, point −2.0 mm over the film.',
    )
    expect(movedBy({ ...by, moved: [] })).toEqual({})
  })
})
