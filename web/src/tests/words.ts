import type { Foretold, Noted, TankTest } from '../api/types'
import { clock } from '../parts/clock'
import { length } from '../parts/units'
import { percent, sitting } from '../parts/words'

export type What = Noted['measured'][number]['what']

/** What can be measured, in the order in which eyes find it. */
export const MEASURES: Record<What, { name: string; unit: string; error: number; step: number }> = {
  ANGLE: { name: 'angle', unit: '°', error: 3, step: 1 },
  EYE: { name: 'eye', unit: 'mm', error: 0.4, step: 0.1 },
  BEND: { name: 'bend', unit: 'mm', error: 0.4, step: 0.1 },
  POINT: { name: 'point', unit: 'mm', error: 0.4, step: 0.1 },
}

/** An angle in a tier's words. */
export function tiltedBy(deg: number): string {
  const whole = Math.abs(Math.round(deg))
  return whole === 0 ? 'level' : `${whole}° ${deg > 0 ? 'tail' : 'head'} down`
}

/** A measured number in a tier's words. */
export const measureWords = (what: What, value: number) =>
  what === 'ANGLE' ? tiltedBy(value) : length(value)

/** What was seen, in a line. */
export function seenWords({ seen }: TankTest['test']): string {
  const told: string[] = []
  if (seen.unlike) told.push('like none of these')
  if (seen.sits) told.push(sitting(seen.sits))
  for (const m of seen.measured) {
    told.push(
      `${m.what === 'ANGLE' ? '' : `${MEASURES[m.what].name} `}${measureWords(m.what, m.value)}`,
    )
  }
  const floats = seen.hung.filter((h) => h.floats).map((h) => h.mg)
  const sinks = seen.hung.filter((h) => !h.floats).map((h) => h.mg)
  if (floats.length > 0) told.push(`bears ${Math.max(...floats).toFixed(0)} mg`)
  if (sinks.length > 0) told.push(`not ${Math.min(...sinks).toFixed(0)} mg`)
  if (typeof seen.popsBack === 'boolean') {
    told.push(seen.popsBack ? 'comes back up' : 'stays under')
  }
  if (seen.lasted) {
    const { down, minutes } = seen.lasted
    told.push(`${down ? 'down after' : 'up after'} ${clock(minutes * 60)} min`)
  }
  return told.join(', ') || 'nothing yet'
}

/** What is foretold, in a line. */
export function foretoldWords(f: Foretold): string {
  const ways = f.ways
    .filter((w) => w.share >= 0.05)
    .map((w) => `${sitting(w.sits)} ${percent(w.share)}`)
  const angle = f.measures.find((m) => m.what === 'ANGLE')
  return [
    ways.join(', '),
    angle && `${tiltedBy(angle.low)} to ${tiltedBy(angle.high)}`,
    `comes back up: ${percent(f.popsBack)}`,
  ]
    .filter(Boolean)
    .join('; ')
}

/** How a number stands to its band: inside it, or which way out. */
export function against(f: Foretold, what: What, value: number): string {
  const band = f.measures.find((m) => m.what === what)
  if (!band) return 'nothing was foretold'
  return value < band.low
    ? 'lower than foretold'
    : value > band.high
      ? 'higher than foretold'
      : 'as foretold'
}
