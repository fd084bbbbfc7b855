import type { Quantity, Sentence } from '../api/types'
import { store } from '../ui/store'

/** Units that lengths are shown in. */
export const UNITS = {
  mm: 'millimetres',
  inch: 'inches in 64ths',
  eyes: 'eye lengths',
  gaps: 'gaps',
} as const

export type Unit = keyof typeof UNITS

/** What one eye length and one gap come to on the hook on the bench. */
export type Measures = { eyeMm: number; gapMm: number }

export const unit = store<Unit>('mm', 'ripple-rest.unit')

let measures: Measures | undefined

/** The hook whose eye and gap are the measure on this page; without one, lengths stay in mm. */
export function measureBy(hook: Measures | undefined) {
  measures = hook
}

const MM_PER_64TH = 25.4 / 64

/**
 * A length in the unit of show, with the decimals it would have in mm, or one less; measured by the
 * hook on the bench, or by another.
 */
export function length(mm: number, decimals = 1, by = measures): string {
  return shown(mm, decimals, unit.get(), by)
}

function shown(mm: number, decimals: number, as: Unit, by: Measures | undefined): string {
  if (!by && as !== 'inch') return `${plain(mm, decimals)} mm`
  switch (as) {
    case 'mm':
      return `${plain(mm, decimals)} mm`
    case 'inch':
      return `${fraction(Math.round(mm / MM_PER_64TH))} in`
    case 'eyes':
      return `${plain(mm / (by as Measures).eyeMm, decimals)} eyes`
    case 'gaps':
      return `${plain(mm / (by as Measures).gapMm, decimals + 1)} gaps`
  }
}

/** With a true minus, and never minus nought. */
function plain(value: number, decimals: number): string {
  const text = Math.abs(value).toFixed(Math.max(0, decimals))
  return value < 0 && Number(text) !== 0 ? `−${text}` : text
}

/** 64ths of an inch as a tier reads a ruler: 24 is 3/8, 72 is 1 1/8. */
export function fraction(parts: number): string {
  const sign = parts < 0 ? '−' : ''
  const n = Math.abs(parts)
  const whole = Math.floor(n / 64)
  let over = 64
  let left = n % 64
  while (left > 0 && left % 2 === 0) {
    left /= 2
    over /= 2
  }
  if (left === 0) return `${sign}${whole}`
  return `${sign}${whole > 0 ? `${whole} ` : ''}${left}/${over}`
}

/** Two lengths with a word between, their unit told once. */
export function lengths(a: number, word: string, b: number, decimals = 1, by = measures): string {
  const [first, last] = [length(a, decimals, by), length(b, decimals, by)]
  return `${first.slice(0, first.lastIndexOf(' '))}${word}${last}`
}

/** A quantity of the core; a length in the unit of show. */
export function quantity({ value, unit: of, decimals }: Quantity, by = measures): string {
  if (of === 'mm') return length(value, decimals, by)
  return of === '' || of === '°'
    ? `${plain(value, decimals)}${of}`
    : `${plain(value, decimals)} ${of}`
}

/** What stands in a sentence of the core where a quantity goes: Unicode's object replacement. */
const PLACE = /\uFFFC/g

/** A sentence of the core with its quantities in the unit of show. */
export function say({ text, quantities }: Sentence, by = measures): string {
  let next = 0
  return text.replace(PLACE, () => {
    const here = quantities[next++]
    return here ? quantity(here, by) : ''
  })
}
