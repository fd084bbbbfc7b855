import { describe, expect, it } from 'vitest'
import type { Part, PartKind, PatternDocument, Rest } from '../api/types'
import {
  inserted,
  isRule,
  moved,
  nameOfPart,
  partOf,
  withConditions,
  withHook,
  withPart,
} from './document'
import { stepped } from '../ui/stepped'
import { holders, lengthRange, named, place, range, short, signed } from './words'

const document: PatternDocument = {
  format: 'ripple-rest/pattern',
  version: 3,
  pattern: {
    name: 'Test',
    style: 'parachute',
    hook: { size: 14, shape: 'straight', lengthSteps: 0, wireSteps: 0 },
    parts: [
      { part: 'tail', material: 'tail-barb' },
      { part: 'body', material: 'dry-dubbing' },
    ],
    notes: '',
  },
  conditions: { temperature: 12, filmFactor: 1, floatant: 'gel', touchdownFactor: 2 },
}

describe('document', () => {
  it('puts a new part before the first that most tie after it, and tells two alike apart', () => {
    const kinds = ['tail', 'rib', 'body', 'hackle'].map((id) => ({ id })) as PartKind[]
    const part = (kind: string) => ({ part: kind, material: '-' }) as Part
    const ribbed = inserted([part('tail'), part('body'), part('hackle')], part('rib'), kinds)
    expect(ribbed.map((p) => p.part)).toEqual(['tail', 'rib', 'body', 'hackle'])
    const twice = inserted(ribbed, part('hackle'), kinds)
    expect(twice.map((_, i) => nameOfPart(twice, i)).at(-1)).toBe('hackle-2')
  })

  it('changes one thing and leaves the rest, and the original, alone', () => {
    const next = withPart(document, 0, { count: 6 })
    expect(partOf(next, 'tail')?.count).toBe(6)
    expect(partOf(next, 'body')).toEqual(partOf(document, 'body'))
    expect(partOf(document, 'tail')?.count).toBeUndefined()
    expect(withHook(document, { size: 16 }).pattern.hook).toEqual({
      ...document.pattern.hook,
      size: 16,
    })
    expect(withConditions(document, { floatant: 'none' }).conditions?.temperature).toBe(12)
  })

  it('moves a part in the tying order', () => {
    const parts = document.pattern.parts as Part[]
    expect(moved(parts, 1, -1).map((p) => p.part)).toEqual(['body', 'tail'])
    expect(moved(parts, 0, 1).map((p) => p.part)).toEqual(['body', 'tail'])
    expect(parts.map((p) => p.part)).toEqual(['tail', 'body'])
  })

  it('knows a rule from a pinned length', () => {
    expect(isRule({ rule: 'gap', factor: 2 })).toBe(true)
    expect(isRule({ value: 7, unit: 'mm' })).toBe(false)
  })

  it('steps without binary fractions and inside bounds', () => {
    expect(stepped(1.75 + 0.05, 0.05, 0.1, 5)).toBe(1.8)
    expect(stepped(0.1 + 0.2, 0.1, 0, 1)).toBe(0.3)
    expect(stepped(99, 1, 8, 22)).toBe(22)
    expect(stepped(-3, 0.5, 1, 12)).toBe(1)
  })
})

describe('words', () => {
  it('tells a place from the film', () => {
    expect(place(2.06, 'CLEAR')).toBe('2.1 mm clear')
    expect(place(-3, 'UNDER')).toBe('3.0 mm under')
    expect(place(0.1, 'AT_FILM')).toBe('at the film')
    expect(place(2.06, 'CLEAR', { low: 1, high: 4, decimals: 0 })).toBe('2 mm clear')
  })

  it('gives a range no more digits than it deserves', () => {
    expect(range({ low: 1.234, high: 2.345, decimals: 1 }, ' mm')).toBe('1.2 to 2.3 mm')
    expect(range({ low: 1.2, high: 8.9, decimals: 0 }, ' ×')).toBe('1 to 9 ×')
    expect(range({ low: -0.04, high: 0.44, decimals: 1 }, ' mm')).toBe('0.0 to 0.4 mm')
    expect(range({ low: -3.4, high: -2.3, decimals: 1 }, ' mm')).toBe('−3.4 to −2.3 mm')
    expect(range({ low: 14, high: 58, decimals: -1 }, ' mg')).toBe('10 to 60 mg')
    expect(range(undefined, ' mm')).toBeUndefined()
  })

  it('tells a lift as spare or short', () => {
    expect(short({ low: -15.6, high: -13.6, decimals: 0 })).toBe('14 to 16 mg short')
    expect(short({ low: 2.2, high: 4.9, decimals: 0 })).toBe('2 to 5 mg to spare')
    expect(short({ low: -7, high: 3, decimals: 0 })).toBe('7 mg short to 3 mg to spare')
    expect(short({ low: -14.8, high: -14.8, decimals: 0 })).toBe('15 mg short')
  })

  it('tells by how much something moved', () => {
    expect(signed({ value: 0.24, unit: 'mm', decimals: 1 })).toBe('+0.2 mm')
    expect(signed({ value: -1.3, unit: 'mm', decimals: 1 })).toBe('−1.3 mm')
    expect(signed(undefined)).toBe('')
    expect(lengthRange({ low: -0.34, high: 1.2, decimals: 1 })).toBe('−0.3 to 1.2 mm')
  })

  it('lists what holds the fly, most first, trifles left out', () => {
    const held = [
      { parts: ['post', 'body'], share: 1.1 },
      { parts: ['tail'], share: 0.001 },
      { parts: ['hook'], share: -0.3 },
    ]
    const rest = { held } as unknown as Rest
    expect(holders(rest).map((h) => named(h.parts))).toEqual(['post and body', 'hook wire'])
    expect(holders(undefined)).toEqual([])
  })
})
