import { describe, expect, it } from 'vitest'
import type { Handle } from '../api/types'
import { ends, landed, nudged, pulled } from './drag'
import { barbs, blades, fringe, fuzz, strands, turns } from './hairs'

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
  mm: 10,
  mmPerUnit: 1,
  value: 10,
  low: 0.5,
  high: 40,
  step: 0.1,
  leap: 0.5,
  snaps: [shank],
  onShank: undefined,
  towardEye: false,
  place: [],
  reach: [
    [0, 0, 0],
    [10, 0, 0],
  ],
}
const hook: Handle = {
  ...tail,
  part: 'hook',
  index: -1,
  field: 'size',
  unit: 'size',
  value: 14,
  low: 6,
  high: 22,
  step: 1,
  leap: 2,
  snaps: [
    { ...shank, name: '16', mm: 8.5 },
    { ...shank, name: '14', mm: 10 },
    { ...shank, name: '12', mm: 11.5 },
  ],
}
const view = { scale: 20, originX: 100, originY: 100 }

describe('a hand on a knob', () => {
  it('finds both ends, and nothing where the part is seen end on', () => {
    expect(ends(view, tail)?.tip).toEqual({ x: 300, y: 100 })
    expect(ends({ ...view, camera: 'head-on' }, tail)).toBeUndefined()
  })

  it('makes a length as much longer as the tip is pulled along it', () => {
    const at = { root: { x: 100, y: 100 }, tip: { x: 300, y: 100 } }
    expect(pulled(tail, at, { x: 340, y: 180 }).value).toBe(12)
    expect(pulled(tail, at, { x: -500, y: 100 }).value).toBe(0.5)
  })

  it('is drawn to a rule that is near, by its name, unless it is to be free', () => {
    const at = { root: { x: 100, y: 100 }, tip: { x: 300, y: 100 } }
    const near = { x: 100 + 7.5 * 20, y: 100 }
    expect(pulled(tail, at, near)).toEqual({ value: 7.4, snap: shank })
    expect(pulled(tail, at, near, true)).toEqual({ value: 7.5 })
    expect(pulled(tail, at, { x: 100 + 8 * 20, y: 100 })).toEqual({ value: 8 })
  })

  it('steps a hook through its sizes', () => {
    expect(landed(hook, 8.9, 20).value).toBe(16)
    expect(nudged(hook, 1, false).value).toBe(13)
    expect(nudged({ ...hook, value: 22 }, -1, true).value).toBe(22)
  })

  it('nudges by a step and by a leap', () => {
    expect(nudged(tail, 1, false).value).toBe(10.1)
    expect(nudged(tail, -1, true).value).toBe(9.5)
  })
})

describe('hairs', () => {
  const line = [
    [0, 0, 0],
    [1, 0, 0],
    [2, 0, 0],
  ]

  it('taper from root to tip, all in one path', () => {
    const path = blades(view, [
      { line, rootPx: 2, taper: 0.7 },
      { line, rootPx: 2, taper: 0.7 },
    ])
    expect(path.match(/Z/g)).toHaveLength(2)
    const ys = [...path.matchAll(/[\d.]+,([\d.]+)/g)].map((m) => Number(m[1]))
    expect(Math.max(...ys)).toBe(102)
    expect(ys.slice(0, 3).map((y) => Math.round(10 * Math.abs(y - 100)))).toEqual([20, 13, 6])
  })

  it('stay within the envelope they fill, and are the same each time', () => {
    const radii = [0.5, 0.5, 0.5]
    const path = strands(view, line, radii, 5)
    expect(strands(view, line, radii, 5)).toBe(path)
    const ys = [...path.matchAll(/[\d.]+,([\d.]+)/g)].map((m) => Number(m[1]))
    expect(Math.max(...ys)).toBeLessThanOrEqual(100 + 0.5 * 20 * 1.13)
    const long = Math.hypot(...(line[0] ?? []).map((v, k) => v - (line[line.length - 1]?.[k] ?? 0)))
    const lines = turns(view, line, radii, long / 4).match(/M/g)
    expect(lines?.length).toBeGreaterThanOrEqual(3)
    expect(fringe(view, line, radii, 0.3).match(/M/g)?.length).toBeGreaterThan(line.length)
    expect(barbs(view, line, radii, 2).match(/M/g)).toHaveLength(2 * (line.length - 1))
    expect(fuzz(view, line, radii, 2).match(/M/g)).toHaveLength(6)
  })
})
