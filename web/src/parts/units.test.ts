import { afterEach, describe, expect, it } from 'vitest'
import { fraction, inUnits, length, measureBy, unit } from './units'

afterEach(() => unit.set('mm'))

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
    expect(inUnits('eye 2.0 mm clear')).toBe('eye 2.0 mm clear')
    expect(length(9.4, 1, { eyeMm: 0.94, gapMm: 4 })).toBe('10.0 eyes')
    expect(inUnits('eye 2.0 mm clear', { eyeMm: 0.5, gapMm: 4 })).toBe('eye 4.0 eyes clear')
    unit.set('inch')
    expect(length(25.4)).toBe('1 in')
  })

  it('turns the millimetres of a sentence, ranges too, and leaves other units be', () => {
    measureBy({ eyeMm: 1, gapMm: 4 })
    unit.set('gaps')
    expect(inUnits('hook point 2.0 mm under, 17° tail down, 3 mg')).toBe(
      'hook point 0.50 gaps under, 17° tail down, 3 mg',
    )
    expect(inUnits('over 20 × 16 mm')).toBe('over 5.0 × 4.0 gaps')
    expect(inUnits('2.0 to 4.0 mm')).toBe('0.50 to 1.00 gaps')
    unit.set('mm')
    expect(inUnits('2.0 to 4.0 mm')).toBe('2.0 to 4.0 mm')
  })
})
