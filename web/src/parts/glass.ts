import type { TankTest } from '../api/types'

/** How a fly is prepared for a glass of water. */
export const FLOATANTS: Record<TankTest['test']['floatant'], string> = {
  GEL: 'gel',
  NONE: 'bare',
  POWDER: 'powder',
  PRE_SOAK: 'pre-soaked',
}

/** How it comes to the water: how hard that is, and in words. */
export const LAID = [
  ['1', 'laid down'],
  ['2', 'let fall, low'],
  ['4', 'let fall, high'],
] as const
