/** A label that wants to stand at a height beside the drawing. */
export type Slot<T> = { wanted: number; height: number; item: T }

/**
 * Tops for labels in one column: each as near to where it wants to be as the others allow, none
 * overlapping, all between {@code top} and {@code bottom}.
 */
export function stack<T>(slots: Slot<T>[], top: number, bottom: number, gap = 6) {
  const sorted = [...slots].sort((a, b) => a.wanted - b.wanted)
  const tops: number[] = []
  let free = top
  for (const slot of sorted) {
    const at = Math.max(free, slot.wanted - slot.height / 2)
    tops.push(at)
    free = at + slot.height + gap
  }
  let below = bottom
  for (let i = sorted.length - 1; i >= 0; i--) {
    const slot = sorted[i]
    if (!slot) continue
    tops[i] = Math.min(tops[i] ?? 0, below - slot.height)
    below = (tops[i] ?? 0) - gap
  }
  return sorted.map((slot, i) => ({ item: slot.item, top: tops[i] ?? top, height: slot.height }))
}
