import type { Outing } from '../api/types'

/** Kinds of water, in a tier's words. */
export const WATER_WORDS: Record<Outing['water'], string> = {
  STILL: 'still water',
  GLIDE: 'a glide',
  RIFFLE: 'a riffle',
  POCKET: 'pocket water',
}

/** A month by its number, 1 to 12. */
export const monthWords = (month: number) =>
  new Date(2000, month - 1, 15).toLocaleDateString('en-GB', { month: 'long' })
