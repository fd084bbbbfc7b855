import { describe, expect, it } from 'vitest'
import { addressOf, drillAt, setOf } from './words'
import { held, on, through } from './waterline'

describe('a set of practice', () => {
  const set = setOf(new URLSearchParams('only=COUNT,PART_OFF&each=3&for=%20Ada%20&seed=7'))

  it('is read from its address', () => {
    expect(set).toEqual({
      only: ['COUNT', 'PART_OFF'],
      each: 3,
      person: 'Ada',
      seed: 7,
      large: false,
    })
  })

  it('goes into its address and comes back', () => {
    const query = new URL(`http://here${addressOf(set)}`).searchParams
    expect(setOf(query)).toEqual(set)
    expect(addressOf(setOf(new URLSearchParams()))).toBe('/practice/sitting')
  })

  it.each([
    ['only=NOTHING,toString', { only: [] }],
    ['each=-5', { each: 0 }],
    ['each=1e9', { each: 50 }],
    ['each=x', { each: 0 }],
    ['seed=x', { large: false }],
    ['seed=', { only: [] }],
    ['large', { large: true }],
  ])('leaves out what cannot be asked for: %s', (query, expected) => {
    expect(setOf(new URLSearchParams(query))).toMatchObject(expected)
  })

  it('lets drills take turns and ends', () => {
    const drills = [0, 1, 2, 3, 4, 5, 6].map((n) => drillAt(set, n))
    expect(drills.slice(0, 4)).toEqual(['COUNT', 'PART_OFF', 'COUNT', 'PART_OFF'])
    expect(drills[5]).toBe('PART_OFF')
    expect(drills[6]).toBeUndefined()
    expect(drillAt({ ...set, each: 0 }, 1000)).toBe('COUNT')
  })
})

describe('a waterline', () => {
  const eye = { x: -3, z: 0.5 }

  it('level, a millimetre under the eye, runs there', () => {
    const water = { pitchDeg: 0, eyeMm: 1 }
    expect(on(water, eye, 0)).toEqual({ x: -3, z: -0.5 })
    expect(on(water, eye, 4).z).toBeCloseTo(-0.5)
  })

  it('with the tail down rises toward the tail', () => {
    const water = { pitchDeg: 30, eyeMm: 0 }
    expect(on(water, eye, 10).z).toBeGreaterThan(on(water, eye, 0).z)
  })

  it.each([
    [0, 0],
    [25, 1.5],
    [-40, -2],
    [85, 3],
  ])('through two of its places is itself: %d°, %d mm', (pitchDeg, eyeMm) => {
    const water = { pitchDeg, eyeMm }
    const found = through(on(water, eye, -5), on(water, eye, 13), eye)
    expect(found.pitchDeg).toBeCloseTo(pitchDeg)
    expect(found.eyeMm).toBeCloseTo(eyeMm)
  })

  it.each([0, 30, -30, 85, -85])('is held on the drawing, at %d° too', (pitchDeg) => {
    const room = { left: 3, right: 9, up: 6, down: 6 }
    const water = { pitchDeg, eyeMm: 0 }
    const ends = held(water, room)
    for (const mm of [ends.front, ends.rear]) {
      const at = on(water, { x: 0, z: 0 }, mm)
      expect(at.x).toBeGreaterThanOrEqual(-room.left - 1e-9)
      expect(at.x).toBeLessThanOrEqual(room.right + 1e-9)
      expect(Math.abs(at.z)).toBeLessThanOrEqual(6 + 1e-9)
    }
    expect(ends.rear - ends.front).toBeGreaterThan(3)
  })
})
