import type { Outline } from '../api/types'

/** A point of the drawing, px. */
export type Point = { x: number; y: number }

/** Where the drawing lies: px per mm, and where the world's origin falls. */
export type View = { scale: number; originX: number; originY: number }

/** A world point [x, y, z] in mm seen from the side: x to the right, z up. */
export function side(view: View, point: readonly number[]): Point {
  return {
    x: view.originX + view.scale * (point[0] ?? 0),
    y: view.originY - view.scale * (point[2] ?? 0),
  }
}

/** Extent of a fly from the side, mm. */
export function extent(outline: Outline) {
  const points = [
    ...outline.eye,
    ...outline.wire,
    ...outline.members.flatMap((m) => m.axis),
    ...outline.fibres.flatMap((f) => f.line),
  ]
  const xs = points.map((p) => p[0] ?? 0)
  const zs = points.map((p) => p[2] ?? 0)
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    bottom: Math.min(...zs, -2),
    top: Math.max(...zs, 2),
  }
}

/** The largest whole view that shows the fly inside the margins, the fly in the middle. */
export function fit(
  outline: Outline,
  width: number,
  height: number,
  margin: { side: number; top: number; bottom: number },
): View {
  const e = extent(outline)
  const scale = Math.min(
    (width - 2 * margin.side) / (e.right - e.left),
    (height - margin.top - margin.bottom) / (e.top - e.bottom),
    48,
  )
  return {
    scale,
    originX: width / 2 - (scale * (e.left + e.right)) / 2,
    originY:
      margin.top +
      (height - margin.top - margin.bottom - scale * (e.top - e.bottom)) / 2 +
      scale * e.top,
  }
}
