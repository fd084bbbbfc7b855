import type { Exercise } from '../api/types'

const CHOICE_PX = 150
const BESIDE_PX = 300

/** Px a millimetre, the same for all that lies side by side. */
export function scaleOf(e: Exercise): number {
  const hooks = e.choices.map((c) => Math.max(0, ...(c.hook?.wire.map((p) => p[0] ?? 0) ?? [])))
  const feathers = e.choices.map((c) => 2 * (c.barbMm ?? 0))
  const widest = Math.max(1, ...hooks, ...feathers) + 4
  const beside = e.insect ? 1.75 * e.insect.bodyMm : 1
  return Math.min(14, CHOICE_PX / widest, BESIDE_PX / beside)
}
