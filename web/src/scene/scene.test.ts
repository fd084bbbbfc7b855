import { describe, expect, it } from 'vitest'
import type { Outline } from '../api/types'
import { stack } from './callouts'
import { nearSide, polyline, tube, waterline } from './paths'
import { UNTOUCHED, fit, handled, project, zoomed } from './projection'
import { row } from './row'

const outline: Outline = {
  eye: [[-1, 0, 0]],
  wire: [
    [0, 0, 0],
    [7, 0, -1],
    [4, 0, -4],
  ],
  wireMm: 0.4,
  members: [{ part: 'body', soft: false, axis: [[1, 0, 0]], radiiMm: [0.5] }],
  strands: [],
  fibres: [
    {
      part: 'tail',
      state: 'LYING',
      radiusMm: 0.03,
      taper: 0.7,
      bears: true,
      line: [
        [7, 0, 0],
        [16, 0, 0],
      ],
    },
  ],
  film: [
    [-24, 0, 0],
    [24, 0, 0],
  ],
  barb: [],
  across: [
    [0, -24, 0],
    [0, 24, 0],
  ],
  tints: [],
}

describe('projection', () => {
  it('draws up as up and one millimetre as long as any other', () => {
    const view = { scale: 20, originX: 100, originY: 200 }
    expect(project(view, [0, 5, 0])).toEqual({ x: 100, y: 200 })
    expect(project(view, [2, 0, 3])).toEqual({ x: 140, y: 140 })
  })

  it('fits the whole fly between its margins', () => {
    const view = fit(outline, 900, 400, { side: 100, top: 20, bottom: 30 })
    for (const point of [...outline.wire, ...outline.fibres.flatMap((f) => f.line)]) {
      const { x, y } = project(view, point)
      expect(x).toBeGreaterThanOrEqual(99.99)
      expect(x).toBeLessThanOrEqual(800.01)
      expect(y).toBeGreaterThanOrEqual(19.99)
      expect(y).toBeLessThanOrEqual(370.01)
    }
  })

  it('turns the same fly for each camera', () => {
    const at = (camera: 'side' | 'head-on' | 'above' | 'below') =>
      project({ scale: 10, originX: 0, originY: 0, camera }, [1, 2, 3])
    expect(at('side')).toEqual({ x: 10, y: -30 })
    expect(at('head-on')).toEqual({ x: -20, y: -30 })
    expect(at('above')).toEqual({ x: 10, y: -20 })
    expect(at('below')).toEqual({ x: 10, y: 20 })
  })

  it('zooms about the point under the hand, within bounds', () => {
    const view = { scale: 20, originX: 300, originY: 150 }
    const under = { x: 120, y: -40 }
    const mm = (v: typeof view) => ({
      x: (450 + under.x - v.originX) / v.scale,
      y: (200 + under.y - v.originY) / v.scale,
    })
    const larger = handled(view, zoomed(UNTOUCHED, 2, under), 900, 400)
    expect(larger.scale).toBe(40)
    expect(mm(larger).x).toBeCloseTo(mm(view).x)
    expect(mm(larger).y).toBeCloseTo(mm(view).y)
    expect(zoomed(UNTOUCHED, 1000).zoom).toBe(16)
  })

  it('never blows a small fly up past its greatest scale', () => {
    expect(fit(outline, 9000, 9000, { side: 0, top: 0, bottom: 0 }).scale).toBe(48)
  })
})

describe('paths', () => {
  const view = { scale: 10, originX: 0, originY: 0 }

  it('runs through its points', () => {
    expect(
      polyline(view, [
        [0, 0, 0],
        [1, 0, 2],
      ]),
    ).toBe('M0,0L10,-20')
  })

  it('widens an axis by the radius on either side', () => {
    const path = tube(
      view,
      [
        [0, 0, 0],
        [1, 0, 0],
        [2, 0, 0],
      ],
      [0.5, 0.5, 0.5],
    )
    const ys = [...path.matchAll(/-?[\d.]+,(-?[\d.]+)/g)].map((m) => Number(m[1]))
    expect(Math.max(...ys)).toBeCloseTo(5)
    expect(Math.min(...ys)).toBeCloseTo(-5)
    expect(path.endsWith('Z')).toBe(true)
  })

  it('shows of a wound strand what lies on the near side', () => {
    const helix = [-1, -0.5, 1, 1, -1, -1].map((y, x) => [x, y, 0])
    expect(nearSide(helix, view).map((run) => run.map((p) => p[0]))).toEqual([
      [0, 1],
      [4, 5],
    ])
  })

  it('draws the film from edge to edge', () => {
    const line = waterline(
      { scale: 1, originX: 50, originY: 30 },
      [
        [-5, 0, -1],
        [5, 0, -1],
      ],
      100,
    )
    expect(line).toBe('M0,30L45,31L55,31L100,30')
  })
})

describe('callouts', () => {
  const slots = [10, 12, 14, 300].map((wanted) => ({ wanted, height: 20, item: wanted }))

  it('lets no label overlap another', () => {
    const placed = stack(slots, 0, 320)
    for (let i = 1; i < placed.length; i++) {
      const before = placed[i - 1]
      expect(placed[i]?.top).toBeGreaterThanOrEqual((before?.top ?? 0) + (before?.height ?? 0))
    }
  })

  it('keeps them between top and bottom, in order', () => {
    const placed = stack(slots, 0, 320)
    expect(placed.map((p) => p.item)).toEqual([10, 12, 14, 300])
    expect(placed[0]?.top).toBeGreaterThanOrEqual(0)
    expect((placed[3]?.top ?? 0) + 20).toBeLessThanOrEqual(320)
  })
})

describe('row', () => {
  it('puts flies side by side on one film line to one scale', () => {
    const placed = row([outline, outline, outline], 900)
    const [first, second] = placed.views
    expect(first?.scale).toBe(second?.scale)
    expect(first?.originY).toBe(placed.film)
    const right = (first?.originX ?? 0) + placed.scale * 16
    expect((second?.originX ?? 0) + placed.scale * -1).toBeGreaterThan(right)
    expect(placed.middles[2]).toBeLessThan(900)
  })
})
