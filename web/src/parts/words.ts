import type { ApiError } from '../api/client'
import type { Estimate, Interval, Rest } from '../api/types'

export const POSTURES: Record<string, string> = {
  'on-tips': 'on its tips',
  'half-down': 'half down',
  flush: 'flush',
  hanging: 'hanging',
  'head-down': 'head down',
  'on-its-side': 'on its side',
  'upside-down': 'upside down',
  sunk: 'sinks',
  unsettled: 'not known',
}

const PARTS: Record<string, string> = {
  thread: 'head and thread',
  hook: 'hook wire',
  'upright-wing': 'wing',
  'collar-hackle': 'hackle',
  'parachute-hackle': 'hackle',
  'palmered-hackle': 'palmered hackle',
  'forward-plume': 'plumes',
  'flat-wing': 'flat plumes',
}

/** A posture in a tier's words. */
export const posture = (id: string) => POSTURES[id] ?? id

/** A kind of part without the number that tells several apart. */
export const kindOf = (name: string) => name.replace(/-\d+$/, '')

/** A part in a tier's words; from the second of a kind on with its number. */
export function part(name: string): string {
  const kind = kindOf(name)
  const number = name === kind ? '' : ` ${name.slice(kind.length + 1)}`
  return `${PARTS[kind] ?? kind.replaceAll('-', ' ')}${number}`
}

/** A length for people: one decimal. */
export const mm = (value: number) => `${value.toFixed(1)} mm`

/** A share of the weight in whole per cent. */
export const percent = (share: number) => `${Math.round(share * 100)} %`

/** A number with a true minus, and never minus nought. */
function plain(value: number, digits: number): string {
  const text = Math.abs(value).toFixed(digits)
  return value < 0 && Number(text) !== 0 ? `−${text}` : text
}

/** A number in the digits that the core says its band deserves; tens and hundreds too. */
function deserved(value: number, decimals: number): string {
  const unit = 10 ** -decimals
  return decimals >= 0 ? plain(value, decimals) : plain(Math.round(value / unit) * unit, 0)
}

/** A range in the digits that the core says its width deserves. */
export function range(interval: Interval | undefined, unit: string): string | undefined {
  if (!interval) return undefined
  const { low, high, decimals } = interval
  return `${deserved(low, decimals)} to ${deserved(high, decimals)}${unit}`
}

/** A lift in mg, told as what is to spare or what is short. */
export function short({ low, high, decimals }: Interval): string {
  const digits = Math.min(0, decimals)
  const mg = (value: number) => deserved(value, digits)
  const span = (a: number, b: number) => (mg(a) === mg(b) ? mg(a) : `${mg(a)} to ${mg(b)}`)
  if (Number(high.toFixed(0)) < 0) return `${span(-high, -low)} mg short`
  if (Number(low.toFixed(0)) >= 0) return `${span(low, high)} mg to spare`
  return `${mg(-low)} mg short to ${mg(high)} mg to spare`
}

/** Whether a drowned fly comes back up by itself, as far as is known. */
export function popsBack(lift: Pick<Interval, 'low' | 'high'>): string {
  if (lift.low >= 0) return 'yes'
  return lift.high < 0 ? 'no' : 'unsure'
}

/** Whether a posture is one: what sinks, or was not found to rest, has no heights. */
export const rests = (id: string) => id !== 'sunk' && id !== 'unsettled'

/** Which end is down and by how much, as the core judges it. */
export const tilted = (pitchDeg: number, tilt: Rest['tilt']) =>
  tilt === 'LEVEL'
    ? 'level'
    : `${Math.abs(Math.round(pitchDeg))}° ${tilt === 'TAIL_DOWN' ? 'tail' : 'head'} down`

/** Where a point of the hook is, told from the film; in the digits of its band once it is known. */
export function place(heightMm: number, side: Rest['eyeSide'], band?: Interval): string {
  if (side === 'AT_FILM') return 'at the film'
  const away = deserved(Math.abs(heightMm), Math.max(0, Math.min(1, band?.decimals ?? 1)))
  return `${away} mm ${side === 'CLEAR' ? 'clear' : 'under'}`
}

/** How far a height went up or down, if it did. */
export function moved(now: number, before: number | undefined): string {
  if (before === undefined || Math.abs(now - before) < 0.05) return ''
  return `${now > before ? '+' : '−'}${Math.abs(now - before).toFixed(1)} mm`
}

/** What the last change did to the pose, in words. */
export function differences(before: Estimate, now: Estimate): string {
  if (before.posture !== now.posture) {
    return `It sat ${posture(before.posture)}, now ${posture(now.posture)}.`
  }
  if (!before.rest || !now.rest) return ''
  const told = (
    [
      ['eye', now.rest.eyeMm, before.rest.eyeMm],
      ['bend', now.rest.bendMm, before.rest.bendMm],
      ['point', now.rest.pointMm, before.rest.pointMm],
    ] as const
  )
    .map(([name, a, b]) => [name, moved(a, b)] as const)
    .filter(([, text]) => text !== '')
    .map(([name, text]) => `${name} ${text}`)
  const turned = Math.round(now.rest.pitchDeg - before.rest.pitchDeg)
  if (turned !== 0) told.push(`${Math.abs(turned)}° more ${turned > 0 ? 'tail' : 'head'} down`)
  return told.length > 0 ? `Against before: ${told.join(', ')}.` : 'It sits as before.'
}

/** Parts by how much of the weight they hold, most first; those that hold next to nothing left out. */
export function holders(rest: Rest | undefined) {
  return [...(rest?.support ?? [])]
    .filter((s) => Math.abs(s.total) >= 0.005)
    .sort((a, b) => b.total - a.total)
}

/** Where the fly may be left instead, by which way the water last crept along what it wets. */
export function ends(rest: Rest): string {
  const sitting = (end: Rest['receding'], ends: Rest['recedingEnds']) =>
    end
      ? `its eye is ${Math.abs(end.eyeMm).toFixed(1)} mm ${end.eyeMm < 0 ? 'under' : 'up'}${end.posture === rest.posture ? '' : ` and it sits ${posture(end.posture)}`}`
      : ends === 'SINKS'
        ? 'it sinks'
        : 'it is not known how it sits'
  return `With the water drawing back along all it wets, ${sitting(rest.receding, rest.recedingEnds)}; creeping on, ${sitting(rest.advancing, rest.advancingEnds)}.`
}

/** What is wrong with the first field that the server refused, or else what it said. */
export function fieldProblem(error: ApiError): string {
  const field = error.problem.errors?.[0]
  return field
    ? `${field.pointer}: ${field.value} does not do; ${field.bound}. ${field.remedy}`
    : error.message
}

/** What something that can be measured on a fly is called. */
export const measureName = (p: { part: string; field: string }) => `${part(p.part)} ${p.field}`
