import type { Exercise } from '../api/types'

const CHOICE_PX = 150
const BESIDE_PX = 300

/** Whether what can be chosen is drawn, and lies beside what it is chosen for. */
export const isPictured = (e: Exercise) => e.choices.some((c) => c.hook ?? c.barbMm)

/** Px a millimetre, the same for all that lies side by side. */
export function scaleOf(e: Exercise): number {
  const hooks = e.choices.map((c) => Math.max(0, ...(c.hook?.wire.map((p) => p[0] ?? 0) ?? [])))
  const feathers = e.choices.map((c) => 2 * (c.barbMm ?? 0))
  const widest = Math.max(1, ...hooks, ...feathers) + 4
  const beside = e.insect ? 1.75 * e.insect.bodyMm : 1
  return Math.min(14, CHOICE_PX / widest, BESIDE_PX / beside)
}

/** Every number that can be answered to how many there were. */
export function countsOf({ dials }: Exercise): number[] {
  const { low = 1, high = 0 } = dials[0] ?? {}
  return Array.from({ length: high - low + 1 }, (_, i) => low + i)
}
