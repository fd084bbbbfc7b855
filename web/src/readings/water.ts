import type { Water } from '../api/types'

/** Kinds of water, quiet to rough. */
export const WATERS: Record<Water['water'], string> = {
  STILL: 'still',
  GLIDE: 'glide',
  RIFFLE: 'riffle',
  POCKET: 'pocket',
}

/** A time after which something happens; none: later than is told. */
export function minutes(limit: { minutes: number } | undefined | null): string {
  return limit ? `${Math.round(limit.minutes)} min` : 'over 2 h'
}
