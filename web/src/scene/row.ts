import type { Outline } from '../api/types'
import { type View, extent } from './projection'

const GAP_PX = 14
const MARGIN_PX = 10

/** Several flies side by side on one film line, to one scale that fills the width. */
export function row(outlines: Outline[], width: number) {
  const extents = outlines.map((o) => extent(o))
  const long = extents.reduce((sum, e) => sum + e.right - e.left, 0)
  const scale = (width - GAP_PX * (outlines.length + 1)) / Math.max(long, 1)
  const top = Math.max(...extents.map((e) => e.top), 2)
  const bottom = Math.min(...extents.map((e) => e.bottom), -2)
  const film = MARGIN_PX + scale * top
  const views: View[] = []
  const middles: number[] = []
  let x = GAP_PX
  for (const e of extents) {
    views.push({ scale, originX: x - scale * e.left, originY: film })
    middles.push(x + (scale * (e.right - e.left)) / 2)
    x += scale * (e.right - e.left) + GAP_PX
  }
  return { scale, film, views, middles, height: film - scale * bottom + MARGIN_PX }
}
