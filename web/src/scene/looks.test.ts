import { describe, expect, it } from 'vitest'
import { readFileSync } from 'node:fs'
import { stretch } from './hairs'
import { type Tint, lookOf } from './looks'
import { isKnown, makingOf } from './makings'

const tint = (change: Partial<Tint>): Tint => ({
  part: 'collar-hackle',
  ink: '#b07b42',
  marking: 'PLAIN',
  second: '',
  ...change,
})

describe('a look in the colour that is said', () => {
  it('keeps what the material has and takes the ink', () => {
    const plain = lookOf('body', 'dry-dubbing')
    const olive = lookOf('body', 'dry-dubbing', tint({ ink: '#6d6b34' }))
    expect(olive.making).toBe(plain.making)
    expect(olive.colour).toContain('#6d6b34')
  })

  it('is marked as it is said', () => {
    const barred = lookOf(
      'collar-hackle',
      'dry-hackle',
      tint({ marking: 'BARRED', second: '#000000' }),
    )
    expect(barred.barred).toBe(true)
    expect(barred.bars).toContain('#000000')
    expect(lookOf('collar-hackle', 'dry-hackle', tint({ marking: 'TIPPED' })).tip).toBeDefined()
    expect(
      lookOf('collar-hackle', 'dry-hackle', tint({ marking: 'DARK_CENTRE' })).stem,
    ).toBeDefined()
    const mixed = lookOf(
      'collar-hackle',
      'dry-hackle',
      tint({ marking: 'MIXED', second: '#6f6c66' }),
    )
    expect(mixed.mixed).toContain('#6f6c66')
  })

  it('stays the material’s where the words name no colour', () => {
    const look = lookOf('collar-hackle', 'dry-hackle', tint({ ink: '', marking: 'BARRED' }))
    expect(look.colour).toBe(lookOf('collar-hackle', 'dry-hackle').colour)
  })
})

it('a stretch of a fibre lies on it and tapers as it does', () => {
  const whole = {
    line: [
      [0, 0, 0],
      [4, 0, 0],
    ],
    rootPx: 2,
    taper: 0.5,
  }
  const tip = stretch(whole, 0.75, 1)
  expect(tip.line).toEqual([
    [3, 0, 0],
    [4, 0, 0],
  ])
  expect(tip.rootPx).toBeCloseTo(2 * (1 - 0.375))
  expect(tip.rootPx * (1 - tip.taper)).toBeCloseTo(1)
})

it('shows the same turns on the page as on a printed card', () => {
  const printed = '../exchange/src/main/resources/ripplerest/exchange/card/inks.csv'
  const rows = readFileSync(printed, 'utf8').trim().split('\n').slice(1)
  expect(rows.length).toBeGreaterThan(50)
  for (const [material = '', , , , turns] of rows.map((row) => row.split(','))) {
    expect(isKnown(material), material).toBe(true)
    expect(makingOf(material).turns?.pitchMm ?? 0, material).toBe(Number(turns))
  }
})
