import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Handle, PatternDocument } from '../api/types'
import { lengthOf, movedTo } from '../parts/handle'
import { answered, reach, unanswered } from '../api/reach'
import { store } from '../ui/store'
import { length, measureBy, unit } from '../parts/units'
import { Borders, widened } from './Borders'
import { Commands, Keys, matching } from '../shell/Commands'
import { DrawingBar } from '../drawing/DrawingBar'
import { FishPlace } from '../drawing/FishPlace'
import { Handles, told } from './Handles'
import { MmGrid, ScaleBar } from '../drawing/Scale'
import { TypeValue } from './TypeValue'
import { bare } from './usePose'

afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
  unit.set('mm')
})

const document: PatternDocument = {
  format: 'ripple-rest/pattern',
  version: 3,
  pattern: {
    name: 'Test',
    style: 'upright-collar',
    hook: { size: 14, shape: 'straight', lengthSteps: 0, wireSteps: 0 },
    parts: [
      {
        part: 'tail',
        material: 'tail-barb',
        count: 6,
        length: { rule: 'hook-length', factor: 1 },
      } as PatternDocument['pattern']['parts'][number],
      {
        part: 'collar-hackle',
        material: 'dry-hackle',
        turns: 5,
        barb: { value: 7, unit: 'mm' },
      } as PatternDocument['pattern']['parts'][number],
    ],
  },
  conditions: { temperature: 12, filmFactor: 1, floatant: 'gel', touchdownFactor: 2 },
}

const shank = {
  name: '1 shank',
  mm: 7.4,
  length: { rule: 'shank', factor: 1, reach: '', offset: 0, unit: '', mm: 0 },
}
const tail: Handle = {
  part: 'tail',
  index: 0,
  field: 'length',
  unit: 'mm',
  mm: 9.6,
  mmPerUnit: 1,
  value: 9.6,
  low: 0.5,
  high: 48,
  step: 0.1,
  leap: 0.5,
  snaps: [shank],
  onShank: undefined,
  towardEye: false,
  place: [],
  reach: [
    [0, 0, 0],
    [9.6, 0, 0],
  ],
}
const turns: Handle = {
  ...tail,
  part: 'collar-hackle',
  index: 1,
  field: 'turns',
  unit: 'turns',
  mm: 0.9,
  mmPerUnit: 0.18,
  value: 5,
  low: 1,
  high: 12,
  step: 0.5,
  leap: 1,
  snaps: [],
  onShank: { mm: 3.4 },
  reach: [],
}

const parts = (d: PatternDocument) => d.pattern.parts as unknown as Record<string, unknown>[]

describe('what a hand has moved', () => {
  it('stays a rule if it was one, and becomes the rule that it snapped to', () => {
    expect(parts(movedTo(document, tail, 4.8))[0]?.length).toEqual({
      rule: 'hook-length',
      factor: 0.5,
    })
    expect(parts(movedTo(document, tail, 7.4, shank))[0]?.length).toEqual({
      rule: 'shank',
      factor: 1,
    })
  })

  it('stays pinned if it was pinned', () => {
    const barb = { ...tail, part: 'collar-hackle', index: 1, field: 'barb', mm: 7, value: 7 }
    expect(parts(movedTo(document, barb, 6.24))[1]?.barb).toEqual({ value: 6.2, unit: 'mm' })
  })

  it('changes a number, or the hook', () => {
    expect(parts(movedTo(document, turns, 6.5))[1]?.turns).toBe(6.5)
    const hook = { ...tail, part: 'hook', index: -1, field: 'size' }
    expect(movedTo(document, hook, 16).pattern.hook.size).toBe(16)
  })

  it('reads a length of the core as the document holds it', () => {
    expect(lengthOf({ rule: '', factor: 0, reach: '', offset: 0, unit: '', mm: 9 })).toEqual({
      value: 9,
      unit: 'mm',
    })
    expect(lengthOf({ rule: 'gap', factor: 1.5, reach: '', offset: 0, unit: '', mm: 0 })).toEqual({
      rule: 'gap',
      factor: 1.5,
    })
  })

  it('is no other fly for another name', () => {
    const renamed = { ...document, pattern: { ...document.pattern, name: 'Other', notes: 'n' } }
    expect(bare(renamed)).toEqual(bare(document))
    expect(bare(movedTo(document, turns, 6))).not.toEqual(bare(document))
  })
})

describe('knobs', () => {
  const view = { scale: 20, originX: 100, originY: 100 }

  function knobs() {
    const onMove = vi.fn()
    const onType = vi.fn()
    render(
      <svg>
        <Handles
          handles={[tail]}
          view={view}
          chosen=""
          onChoose={vi.fn()}
          onMove={onMove}
          onType={onType}
        />
      </svg>,
    )
    return { onMove, onType, knob: screen.getByRole('slider', { name: 'tail length' }) }
  }

  it('say what they are and are nudged by arrows, farther with Shift', () => {
    const { onMove, knob } = knobs()
    expect(knob.getAttribute('aria-valuetext')).toBe('9.6 mm')
    fireEvent.keyDown(knob, { key: 'ArrowUp' })
    expect(onMove).toHaveBeenLastCalledWith(tail, { value: 9.7 }, 'dropped')
    fireEvent.keyDown(knob, { key: 'ArrowLeft', shiftKey: true })
    expect(onMove).toHaveBeenLastCalledWith(tail, { value: 9.1 }, 'dropped')
  })

  it('are given up with Escape', () => {
    const { onMove, knob } = knobs()
    knob.setPointerCapture = vi.fn()
    fireEvent.pointerDown(knob, { clientX: 292, clientY: 100 })
    fireEvent.pointerMove(knob, { clientX: 320, clientY: 100 })
    expect(onMove).toHaveBeenLastCalledWith(tail, expect.anything(), 'held')
    fireEvent.keyDown(window, { key: 'Escape' })
    expect(onMove).toHaveBeenLastCalledWith(tail, { value: 9.6 }, 'given-up')
    expect(screen.queryByTestId('pulled')).toBeNull()
  })

  it('take a typed value where a digit is pressed', () => {
    const { onType, knob } = knobs()
    fireEvent.keyDown(knob, { key: '9' })
    expect(onType).toHaveBeenLastCalledWith(tail, { x: 292, y: 100 }, '9')
    fireEvent.keyDown(knob, { key: 'Enter' })
    expect(onType).toHaveBeenLastCalledWith(tail, { x: 292, y: 100 }, '')
  })

  it('tell the rule that a value has snapped to, in the unit of show', () => {
    measureBy({ eyeMm: 0.94, gapMm: 4 })
    expect(told(tail, { value: 7.4, snap: shank })).toBe('7.4 mm · 1 shank')
    unit.set('gaps')
    expect(told(tail, { value: 7.4, snap: shank })).toBe('1.85 gaps · 1 shank')
    expect(told(turns, { value: 5.5 })).toBe('5.5 turns')
  })

  it('on the plan count turns as their room grows', () => {
    expect(widened(turns, 0.18, 100).value).toBe(6)
    expect(widened(turns, -9, 100).value).toBe(1)
    expect(
      widened({ ...turns, part: 'egg-sac', towardEye: true, unit: 'mm', mm: 1 }, -0.5, 100).value,
    ).toBe(1.5)
    const onMove = vi.fn()
    render(
      <Borders
        handles={[tail, turns]}
        chosen=""
        places={() => []}
        place={(mm) => mm * 10}
        mmPerPercent={0.1}
        onChoose={vi.fn()}
        onMove={onMove}
      />,
    )
    const border = screen.getByRole('slider', { name: 'hackle turns on the shank' })
    expect(border.style.left).toBe('34%')
    fireEvent.keyDown(border, { key: 'ArrowRight' })
    expect(onMove).toHaveBeenLastCalledWith(turns, { value: 5.5 }, 'dropped')
  })

  it('leaves nothing half pulled when a border comes back to where it was, or its touch is lost', () => {
    const onMove = vi.fn()
    render(
      <Borders
        handles={[turns]}
        chosen=""
        places={() => []}
        place={(mm) => mm * 10}
        mmPerPercent={0.1}
        onChoose={vi.fn()}
        onMove={onMove}
      />,
    )
    const border = screen.getByRole('slider', { name: 'hackle turns on the shank' })
    border.setPointerCapture = vi.fn()
    Object.defineProperty(border.parentElement, 'clientWidth', { value: 1000 })
    const pointer = (type: string, clientX: number) =>
      fireEvent(border, new MouseEvent(`pointer${type}`, { bubbles: true, clientX }))
    for (const end of ['up', 'cancel']) {
      onMove.mockClear()
      pointer('down', 100)
      pointer('move', 600)
      expect(onMove).toHaveBeenLastCalledWith(turns, expect.anything(), 'held')
      if (end === 'up') pointer('move', 100)
      pointer(end, 100)
      expect(onMove).toHaveBeenLastCalledWith(turns, { value: turns.value }, 'given-up')
    }
  })
})

describe('a typed value', () => {
  function typing(handle: Handle, answer: Response) {
    vi.stubGlobal('fetch', () => Promise.resolve(answer))
    const onChange = vi.fn<(next: PatternDocument) => void>()
    const onClose = vi.fn()
    render(
      <TypeValue
        handle={handle}
        at={{ x: 0, y: 0 }}
        text=""
        document={document}
        onChange={onChange}
        onClose={onClose}
      />,
    )
    return { onChange, onClose, input: screen.getByRole('textbox') }
  }

  it('is read by the core and put into the document', async () => {
    const read = new Response('{"rule":"gap","factor":1.5,"mm":0}')
    const { onChange, onClose, input } = typing(tail, read)
    fireEvent.change(input, { target: { value: '1.5 gaps' } })
    fireEvent.submit(input)
    await vi.waitFor(() => expect(onClose).toHaveBeenCalled())
    const next = onChange.mock.lastCall?.[0]
    expect(next && parts(next)[0]?.length).toEqual({ rule: 'gap', factor: 1.5 })
  })

  it('that cannot be read says why, and stays', async () => {
    const problem = {
      title: 'Not valid',
      status: 422,
      errors: [{ pointer: '/length', value: '"x"', bound: 'a number', remedy: 'Write 9mm.' }],
    }
    const refused = new Response(JSON.stringify(problem), { status: 422 })
    const { onChange, onClose, input } = typing(tail, refused)
    fireEvent.change(input, { target: { value: 'x' } })
    fireEvent.submit(input)
    await screen.findByText(/Write 9mm/)
    expect(onChange).not.toHaveBeenCalled()
    expect(onClose).not.toHaveBeenCalled()
  })

  it('of a number is held to its bounds', () => {
    const { onChange, input } = typing(turns, new Response('{}'))
    fireEvent.change(input, { target: { value: '99' } })
    fireEvent.submit(input)
    expect(screen.getByRole('alert').textContent).toBe('Type a number from 1 to 12.')
    fireEvent.change(input, { target: { value: '6,5' } })
    fireEvent.submit(input)
    const next = onChange.mock.lastCall?.[0]
    expect(next && parts(next)[1]?.turns).toBe(6.5)
  })
})

describe('commands', () => {
  const run = vi.fn()
  const all = [
    { name: 'see it from below', keys: 'b', run },
    { name: 'size run', keys: 'r', run: vi.fn() },
    { name: 'true size on or off', run: vi.fn() },
  ]

  it('are found by any of their words, those that begin so first', () => {
    expect(matching(all, 'size').map((c) => c.name)).toEqual(['size run', 'true size on or off'])
    expect(matching(all, 'below see')).toHaveLength(1)
    expect(matching(all, 'nothing')).toEqual([])
  })

  it('are run by Enter from the field', () => {
    const onClose = vi.fn()
    render(<Commands open commands={all} onClose={onClose} />)
    const field = screen.getByRole('combobox')
    fireEvent.change(field, { target: { value: 'below' } })
    fireEvent.keyDown(field, { key: 'Enter' })
    expect(run).toHaveBeenCalledOnce()
    expect(onClose).toHaveBeenCalledOnce()
  })

  it('are listed with their keys', () => {
    render(<Keys open commands={all} onClose={vi.fn()} />)
    expect(screen.getByRole('dialog').textContent).toContain('see it from below')
    expect(screen.getByRole('dialog').textContent).not.toContain('true size on or off')
  })
})

describe('the drawing', () => {
  it('has its tools, and none to play where less motion is asked for', () => {
    const onLooks = vi.fn()
    const looks = { camera: 'side' as const, grid: false, trueSize: false, told: true }
    render(
      <DrawingBar
        looks={looks}
        onLooks={onLooks}
        playing={false}
        onHand={vi.fn()}
        onSave={vi.fn()}
      />,
    )
    fireEvent.click(screen.getByRole('radio', { name: 'above' }))
    expect(onLooks).toHaveBeenLastCalledWith({ ...looks, camera: 'above' })
    fireEvent.click(screen.getByRole('button', { name: 'Millimetre grid' }))
    expect(onLooks).toHaveBeenLastCalledWith({ ...looks, grid: true })
    expect(screen.queryByRole('button', { name: 'Watch it settle' })).toBeNull()
  })

  it('has a bar as long as it says', () => {
    const view = { scale: 20, originX: 100, originY: 100 }
    render(
      <svg>
        <ScaleBar view={view} width={400} height={200} />
        <MmGrid view={view} width={400} height={200} />
      </svg>,
    )
    const bar = screen.getByTestId('scale-bar').querySelector('line')
    const px = Number(bar?.getAttribute('x2')) - Number(bar?.getAttribute('x1'))
    expect(screen.getByTestId('scale-bar').textContent).toBe('5 mm')
    expect(px).toBe(5 * view.scale)
    expect(screen.getByTestId('mm-grid').querySelectorAll('line')).toHaveLength(21 + 11)
  })

  it('moves the fish', () => {
    const onMove = vi.fn()
    render(<FishPlace fish={{ deepMm: 60, behindMm: 72 }} onMove={onMove} />)
    const deep = screen.getByRole('slider', { name: /the fish is/ })
    expect(deep.getAttribute('aria-valuetext')).toBe('60 mm down')
    fireEvent.change(deep, { target: { value: '120' } })
    expect(onMove).toHaveBeenLastCalledWith({ deepMm: 120, behindMm: 72 })
  })
})

describe('stores', () => {
  it('tell whether the application answers', () => {
    unanswered()
    expect(reach.get()).toBe(false)
    answered()
    expect(reach.get()).toBe(true)
  })

  it('keep their value under a name, and begin anew where it cannot be read', () => {
    store(1, 'a').set(7)
    expect(store(1, 'a').get()).toBe(7)
    localStorage.setItem('b', 'not json')
    expect(store(3, 'b').get()).toBe(3)
  })

  it('change the unit for all who ask', () => {
    measureBy({ eyeMm: 1, gapMm: 5 })
    unit.set('eyes')
    expect(length(2.5)).toBe('2.5 eyes')
  })
})
