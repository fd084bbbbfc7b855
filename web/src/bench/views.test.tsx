import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { Accordion } from 'radix-ui'
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { openReadings, wantedBy } from '../parts/readings'
import type { Estimate, PatternDocument, Sitting } from '../api/types'
import { ProblemDialog } from '../shell/ProblemDialog'
import { Readings } from '../readings/Readings'
import { ShankPlan } from './ShankPlan'
import { Tray } from '../tray/Tray'
import { WhatIfReading } from '../readings/WhatIfReading'

afterEach(cleanup)

const plain = (text: string) => ({ text, quantities: [] })

const estimate = {
  verdict: plain('Lies flush.'),
  sits: 'FLUSH',
  popsBack: 'NO',
  hook: { shankMm: 7.4, gapMm: 4, wireMm: 0.41, eyeMm: 0.943, hookLengthMm: 9.6 },
  dimensions: [
    { part: 'tail', name: 'length', mm: 9.6, eyeLengths: 10.2, rule: '1 × hook length' },
  ],
  spans: [
    { part: 'head', role: 'HEAD', label: 'head', fromMm: 0, toMm: 1.4 },
    { part: 'body', role: 'BODY', label: 'body', fromMm: 1.4, toMm: 7.4 },
  ],
  landmarks: [{ name: 'start the thread', mm: 1.4, eyeLengths: 1.5, shareOfShank: 0.19 }],
  feathers: [],
  parts: ['tail'],
  weight: [{ part: 'hook', massMg: 19, share: 0.9 }],
  massMg: 21,
  popBackMg: -14,
  outcome: 'RESTS',
  others: [],
  warnings: [],
  leftOut: [],
  handles: [],
} as unknown as Estimate

const document: PatternDocument = {
  format: 'ripple-rest/pattern',
  version: 3,
  pattern: {
    name: 'Test',
    style: 'parachute',
    hook: { size: 14, shape: 'straight', lengthSteps: 0, wireSteps: 0 },
    parts: [
      {
        part: 'tail',
        material: 'tail-barb',
        count: 6,
        length: { rule: 'hook-length', factor: 1 },
      } as PatternDocument['pattern']['parts'][number],
    ],
  },
  conditions: { temperature: 12, filmFactor: 1, floatant: 'gel', touchdownFactor: 2 },
}

const number = { low: 2, high: 24, options: [], reference: '' }
const KINDS = [
  {
    id: 'tail',
    label: 'tail',
    severalFeathers: false,
    materials: [{ id: 'tail-barb', label: 'Spade hackle barbs' }],
    fields: [
      { ...number, name: 'count', type: 'count', unit: 'fibres' },
      { ...number, name: 'length', type: 'length', unit: '', reference: 'hook-length' },
    ],
  },
]

function renderOnBench(view: React.ReactNode) {
  vi.stubGlobal('fetch', () => Promise.resolve(new Response('{"catalogue":[],"own":[]}')))
  render(<QueryClientProvider client={new QueryClient()}>{view}</QueryClientProvider>)
}

describe('ShankPlan', () => {
  it('tells each span in mm and eye lengths to a screen reader', () => {
    render(<ShankPlan estimate={estimate} chosen="" onChoose={vi.fn()} onMove={vi.fn()} />)
    const row = screen.getByRole('row', { name: /body/ })
    expect(within(row).getByText('1.4 to 7.4 mm')).toBeTruthy()
    expect(within(row).getByText('1.5 to 7.8 eye lengths')).toBeTruthy()
  })
})

describe('Readings', () => {
  const ALL = ['takes', 'what-if', 'carry', 'landing', 'over-time']
  beforeEach(() => openReadings.set(ALL))
  afterEach(() => openReadings.set([]))

  it('asks only for what is open, and says how to get the rest', () => {
    openReadings.set(['landing'])
    expect(wantedBy(openReadings.get())).toEqual(['WHOLE', 'LANDING'])
    const { container } = render(<Readings pose={estimate} full={undefined} answers={{}} />)
    expect(screen.getAllByText('open to work it out')).toHaveLength(4)
    expect(container.querySelectorAll('[aria-busy="true"]')).toHaveLength(5)
  })

  it('looks stale until the long estimate is there', () => {
    const { rerender, container } = render(
      <Readings pose={estimate} full={undefined} answers={{}} />,
    )
    expect(container.querySelectorAll('[aria-busy="true"]')).toHaveLength(9)
    const full = {
      ...estimate,
      reserve: { keepsPostureTo: 10, sinksAt: 10, beyond: true, rough: false },
    }
    rerender(<Readings pose={estimate} full={full} answers={{}} />)
    expect(container.querySelectorAll('[aria-busy="true"]')).toHaveLength(9)
    const band = { samples: 64, floated: 64, samePosture: 60, support: [] }
    rerender(<Readings pose={estimate} full={{ ...full, band }} answers={{}} />)
    expect(container.querySelectorAll('[aria-busy="true"]')).toHaveLength(6)
    expect(screen.getByText('>10 ×')).toBeTruthy()
  })

  it('says where a long answer is, and then what it is', () => {
    const progress = { LANDING: { progress: { done: 120, all: 500 } } }
    const { rerender } = render(<Readings pose={estimate} full={undefined} answers={progress} />)
    expect(screen.getByText('120 of 500 casts')).toBeTruthy()
    rerender(<Readings pose={estimate} full={undefined} answers={{ failed: 'Ask again.' }} />)
    expect(screen.getAllByText('Ask again.')).toHaveLength(4)
    const postures = [{ posture: 'FLUSH' as const, share: 0.9, low: 0.88, high: 0.92 }]
    const landing = {
      casts: 500,
      pitchSpreadDeg: 25,
      rollSpreadDeg: 35,
      sunk: 0,
      unsettled: 0,
      postures,
      rests: [],
    }
    const carry = { inWaterMg: 0, more: false, beads: [], nymphs: [] }
    const answers = { LANDING: { landing }, CARRY: { carry } }
    rerender(<Readings pose={estimate} full={undefined} answers={answers} />)
    expect(screen.getByText('90 %')).toBeTruthy()
    expect(screen.getByText('88 to 92 % of casts')).toBeTruthy()
    expect(screen.getByText('nothing')).toBeTruthy()
  })
})

describe('WhatIfReading', () => {
  it('names the weakest link and what each thing otherwise would do', () => {
    const sits = (sits: Sitting, keepsPostureTo: number, massMg: number) => ({
      tilt: 'LEVEL' as const,
      ...{ sits, keepsPostureTo, massMg },
      ...{ pitchDeg: 12, eyeMm: 2, pointMm: -1, sinksAt: 9 },
    })
    const whatIfs = {
      now: sits('ON_TIPS', 2.5, 20),
      weakest: ['collar-hackle'],
      soaked: [
        { parts: ['collar-hackle'], then: sits('SUNK', 0, 20), sits: plain('sunk'), reserve: '' },
        {
          parts: ['tail'],
          then: sits('ON_TIPS', 1.6, 20),
          sits: plain('on tips'),
          reserve: '2.5 → 1.6 ×',
        },
      ],
      floatsBy: ['collar-hackle'],
      without: [
        {
          parts: ['collar-hackle'],
          then: sits('FLUSH', 1.1, 18),
          sits: plain('flush'),
          reserve: '',
        },
      ],
      heavier: {
        parts: ['hook'],
        then: sits('HALF_DOWN', 2.1, 23),
        sits: plain('half down'),
        reserve: '',
      },
      lean: {
        words: 'Its weight acts behind.',
        pitchDeg: 12,
        levers: [{ part: 'tail', share: -0.2, behindMm: 4 }],
        changes: [{ words: 'tail longer', outcome: 'RESTS' as const, pitchDeg: 10 }],
      },
    }
    render(
      <Accordion.Root type="single" value="what-if">
        <WhatIfReading asked whatIfs={whatIfs} waiting={undefined} />
      </Accordion.Root>,
    )
    expect(screen.getByText('soaked, sunk')).toBeTruthy()
    expect(screen.getByText('It floats by its hackle.')).toBeTruthy()
    expect(
      screen.getByText(/Without its hackle: it goes under at 9.0 × as before, flush/),
    ).toBeTruthy()
    expect(screen.getByText('tail: film reserve 2.5 → 1.6 ×')).toBeTruthy()
    expect(screen.getByText('20 → 23 mg: half down.')).toBeTruthy()
    expect(screen.getByText('tail pulls 20 %, 4.0 mm behind its weight')).toBeTruthy()
    expect(screen.getByText('tail longer: 10° tail down')).toBeTruthy()
  })
})

function Trays({ onChange }: { onChange: (next: PatternDocument) => void }) {
  const [chosen, setChosen] = useState('')
  return (
    <Tray
      document={document}
      estimate={estimate}
      kinds={KINDS}
      chosen={chosen}
      onChoose={setChosen}
      onChange={onChange}
    />
  )
}

/** Opens a sheet as the keyboard does: a tab that is focused is opened. */
const open = (tab: string) => fireEvent.focus(screen.getByRole('tab', { name: tab }))

describe('Tray', () => {
  it('changes the hook, a part and the water of the document, and only those', () => {
    const onChange = vi.fn<(next: PatternDocument) => void>()
    renderOnBench(<Trays onChange={onChange} />)
    open('Hook 14')
    fireEvent.click(screen.getByRole('button', { name: 'size: more' }))
    expect(onChange.mock.lastCall?.[0].pattern.hook.size).toBe(15)
    open('Tail')
    fireEvent.click(screen.getByRole('button', { name: 'fibres: less' }))
    expect(onChange.mock.lastCall?.[0].pattern.parts[0]).toMatchObject({ count: 5 })
    open('Water')
    fireEvent.click(screen.getByRole('button', { name: 'false casts: more' }))
    expect(onChange.mock.lastCall?.[0].conditions?.falseCastsPerMinute).toBe(0.8)
    expect(onChange.mock.lastCall?.[0].pattern).toEqual(document.pattern)
  })

  it('pins a rule at what it comes to on this hook', () => {
    const onChange = vi.fn<(next: PatternDocument) => void>()
    renderOnBench(<Trays onChange={onChange} />)
    open('Tail')
    fireEvent.keyDown(screen.getByRole('combobox', { name: 'length is said' }), { key: 'Enter' })
    fireEvent.keyDown(screen.getByRole('option', { name: 'in mm' }), { key: 'Enter' })
    expect(onChange.mock.lastCall?.[0].pattern.parts[0]).toMatchObject({
      length: { value: 9.6, unit: 'mm' },
    })
  })
})

describe('ProblemDialog', () => {
  it('names field, value, bound and remedy', () => {
    const errors = [{ pointer: '/a', value: '9', bound: 'at most 5', remedy: 'Use less.' }]
    const problem = { title: 'Not valid', status: 422, detail: 'One field.', errors }
    render(<ProblemDialog problem={problem} onClose={() => undefined} />)
    expect(screen.getByRole('dialog').textContent).toContain('/a is 9; at most 5. Use less.')
    expect(screen.getByRole('dialog').textContent).toContain('Nothing was saved')
  })
})
