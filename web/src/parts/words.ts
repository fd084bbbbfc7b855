import { ApiError } from '../api/http'
import type { Estimate, Interval, Quantity, Rest, Sitting } from '../api/types'
import { length, lengths, quantity } from './units'

/** How a fly can sit, in a tier's words. */
export const SITTINGS: Record<Sitting, string> = {
  ON_TIPS: 'on its tips',
  HALF_DOWN: 'half down',
  FLUSH: 'flush',
  HANGING: 'hanging',
  ON_ITS_TAIL: 'on its tail',
  HEAD_DOWN: 'head down',
  ON_ITS_SIDE: 'on its side',
  UPSIDE_DOWN: 'upside down',
  SUNK: 'sinks',
  UNSETTLED: 'not known',
}

const PARTS: Record<string, string> = {
  school: 'whole fly',
  thread: 'head and thread',
  hook: 'hook wire',
  'upright-wing': 'wing',
  'collar-hackle': 'hackle',
  'parachute-hackle': 'hackle',
  'palmered-hackle': 'palmered hackle',
  'forward-plume': 'plumes',
  'flat-wing': 'flat plumes',
}

/** How a fly sits, in a tier's words. */
export const sitting = (sits: Sitting) => SITTINGS[sits]

/** A kind of part without the number that tells several apart. */
export const kindOf = (name: string) => name.replace(/-\d+$/, '')

/** A part in a tier's words; from the second of a kind on with its number. */
export function part(name: string): string {
  const kind = kindOf(name)
  const number = name === kind ? '' : ` ${name.slice(kind.length + 1)}`
  return `${PARTS[kind] ?? kind.replaceAll('-', ' ')}${number}`
}

/** Past this a reserve is more than enough, and is no longer counted. */
const MOST_TOLD = 10

/** A reserve in the fly's own weight. */
export const times = (weights: number) =>
  `${weights >= MOST_TOLD ? `>${MOST_TOLD}` : weights.toFixed(1)} ×`

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

/** A range of lengths in the digits that the core says its width deserves. */
export function lengthRange(interval: Interval | undefined): string {
  return interval ? lengths(interval.low, ' to ', interval.high, interval.decimals) : ''
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

/** Whether a drowned fly comes back up by itself. */
export const POPS_BACK: Record<Estimate['popsBack'], string> = {
  YES: 'yes',
  UNSURE: 'unsure',
  NO: 'no',
}

/** Whether it rests: what sinks, or was not found to rest, has no heights. */
export const rests = (sits: Sitting) => sits !== 'SUNK' && sits !== 'UNSETTLED'

/** Which end is down and by how much, as the core judges it. */
export const tilted = (pitchDeg: number, tilt: Rest['tilt']) =>
  tilt === 'LEVEL'
    ? 'level'
    : `${Math.abs(Math.round(pitchDeg))}° ${tilt === 'TAIL_DOWN' ? 'tail' : 'head'} down`

/** Where a point of the hook is, told from the film; in the digits of its band once it is known. */
export function place(heightMm: number, side: Rest['eyeSide'], band?: Interval): string {
  if (side === 'AT_FILM') return 'at the film'
  const away = length(Math.abs(heightMm), Math.max(0, Math.min(1, band?.decimals ?? 1)))
  return `${away} ${side === 'CLEAR' ? 'clear' : 'under'}`
}

/** A signed length of the core: how far something went up or down. */
export function signed(by: Quantity | undefined): string {
  if (!by) return ''
  return `${by.value > 0 ? '+' : '−'}${quantity({ ...by, value: Math.abs(by.value) })}`
}

/** Parts by how much of the weight they hold, most first; those that hold next to nothing left out. */
export function holders(rest: Rest | undefined) {
  return (rest?.held ?? []).filter((h) => Math.abs(h.share) >= 0.005)
}

/** Names of parts as one reads them: body, hook and wing. */
export function named(parts: string[]): string {
  const names = parts.map(part)
  return names.length < 2 ? names.join() : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}

/** Where the fly may be left instead, by which way the water last crept along what it wets. */
export function ends(rest: Rest): string {
  const sits = (end: Rest['receding'], ends: Rest['recedingEnds']) =>
    end
      ? `${length(Math.abs(end.eyeMm))} ${end.eyeMm < 0 ? 'under' : 'up'}${end.posture === rest.posture ? '' : `, the fly ${sitting(end.posture)}`}`
      : ends === 'SINKS'
        ? 'gone, the fly sunk'
        : 'at a height that is not known'
  return `Depending on how the film grips, the eye is ${sits(rest.receding, rest.recedingEnds)}, or ${sits(rest.advancing, rest.advancingEnds)}.`
}

/** What went wrong: of what the server refused its first field, or else what was said. */
export function whatWentWrong(error: unknown): string {
  const field = error instanceof ApiError ? error.problem.errors?.[0] : undefined
  if (field) return `${field.pointer}: ${field.value} does not do; ${field.bound}. ${field.remedy}`
  return error instanceof Error ? error.message : String(error)
}

/** What something that can be measured on a fly is called. */
export const measureName = (p: { part: string; field: string }) => `${part(p.part)} ${p.field}`

/** A part as a heading has it. */
export function title(name: string): string {
  const text = part(name)
  return text.charAt(0).toUpperCase() + text.slice(1)
}
