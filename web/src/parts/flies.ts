import type { Flies } from '../api/types'

/** Flies that are alike, in words. */
export const fliesWords = ({ name, size, colouring }: Flies) =>
  [`${name} ${size}`, colouring].filter(Boolean).join(', ')

/** Tells flies apart that are not alike. */
export const fliesKey = ({ pattern, size, colouring }: Flies) => `${pattern} ${size} ${colouring}`

/** The card that these flies are tied by in an evening, hands-free. */
export const tieAddress = ({ pattern, size, colouring }: Flies, evening: string) =>
  `/bench/${pattern}/tie?${new URLSearchParams({ size: String(size), colouring, evening })}`

/** So many of these, as a shopping list is asked for. */
export const planned = ({ pattern, size, colouring }: Flies, flies: number): [string, string] => [
  'plan',
  `${pattern}:${size}:${colouring}:${flies}`,
]

/** A day as a tier says it: Sat 5 December. */
export const dayWords = (day: string) =>
  new Date(`${day}T12:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
  })

/** Today, and days from today, as they are sent. */
export function dayFrom(days: number): string {
  const day = new Date()
  day.setDate(day.getDate() + days)
  return `${day.getFullYear()}-${pad(day.getMonth() + 1)}-${pad(day.getDate())}`
}

/** So many minutes after a time of day: 19:30 and 95 make 21:05. */
export function timeAfter(from: string, minutes: number): string {
  const [h = 0, m = 0] = from.split(':').map(Number)
  const all = Math.round(h * 60 + m + minutes)
  return `${pad(Math.floor(all / 60) % 24)}:${pad(all % 60)}`
}

const pad = (n: number) => String(n).padStart(2, '0')

/** One fly, two flies. */
export const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`

/** Where a chance lies, no finer than it is known. */
export function chance(p: number): string {
  if (p < 0.01) return 'under 1 in 100'
  if (p > 0.99) return 'almost certain'
  if (p > 0.5) return `${Math.round(p * 20) * 5} in 100`
  const inN = Math.round(1 / p)
  return `1 in ${inN > 20 ? Math.round(inN / 10) * 10 : inN}`
}
