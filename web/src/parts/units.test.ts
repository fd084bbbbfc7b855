import { afterEach, describe, expect, it } from 'vitest'
import { fraction, length, lengths, measureBy, say, unit } from './units'

afterEach(() => unit.set('mm'))

const clear = {
  text: 'eye \uFFFC clear, 17° tail down, 3 mg',
  quantities: [{ value: 2, unit: 'mm', decimals: 1 }],
}

describe('units of show', () => {
  it('reads 64ths of an inch as a ruler has them', () => {
    expect([0, 1, 24, 32, 64, 72, -3].map(fraction)).toEqual([
      '0',
      '1/64',
      '3/8',
      '1/2',
      '1',
      '1 1/8',
      '−3/64',
    ])
  })

  it('shows one length in each', () => {
    measureBy({ eyeMm: 0.94, gapMm: 4 })
    const shown = (['mm', 'inch', 'eyes', 'gaps'] as const).map((u) => {
      unit.set(u)
      return length(9.525)
    })
    expect(shown).toEqual(['9.5 mm', '3/8 in', '10.1 eyes', '2.38 gaps'])
  })

  it('measures by the hook it is told of, and by none it does not know', () => {
    measureBy(undefined)
    unit.set('eyes')
    expect(length(9.4)).toBe('9.4 mm')
    expect(say(clear)).toBe('eye 2.0 mm clear, 17° tail down, 3 mg')
    expect(length(9.4, 1, { eyeMm: 0.94, gapMm: 4 })).toBe('10.0 eyes')
    expect(say(clear, { eyeMm: 0.5, gapMm: 4 })).toBe('eye 4.0 eyes clear, 17° tail down, 3 mg')
    unit.set('inch')
    expect(length(25.4)).toBe('1 in')
  })

  it('turns the lengths of a sentence, ranges too, and leaves its words be', () => {
    measureBy({ eyeMm: 1, gapMm: 4 })
    unit.set('gaps')
    expect(say(clear)).toBe('eye 0.50 gaps clear, 17° tail down, 3 mg')
    expect(say({ text: 'a feather called 2.0 mm', quantities: [] })).toBe('a feather called 2.0 mm')
    expect(lengths(20, ' × ', 16, 0)).toBe('5.0 × 4.0 gaps')
    unit.set('mm')
    expect(lengths(2, ' to ', 4)).toBe('2.0 to 4.0 mm')
    expect(length(-0.04)).toBe('0.0 mm')
  })
})
