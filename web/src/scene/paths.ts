import { curveCatmullRom, line } from 'd3-shape'
import { type Point, type View, nearness, project } from './projection'

const straight = line<Point>(
  (p) => p.x,
  (p) => p.y,
)
const smooth = line<Point>(
  (p) => p.x,
  (p) => p.y,
).curve(curveCatmullRom)

/** SVG path through world points as they are. */
export function polyline(view: View, points: readonly (readonly number[])[]): string {
  return straight(points.map((p) => project(view, p))) ?? ''
}

/** SVG path through world points, rounded. */
export function curve(view: View, points: readonly (readonly number[])[]): string {
  return smooth(points.map((p) => project(view, p))) ?? ''
}

/** Closed outline of a thick member: its axis widened by the radius at each point. */
export function tube(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
): string {
  const centre = lengthened(axis.map((p) => project(view, p)))
  const left: Point[] = []
  const right: Point[] = []
  centre.forEach((p, i) => {
    const before = centre[Math.max(0, i - 1)] ?? p
    const after = centre[Math.min(centre.length - 1, i + 1)] ?? p
    const dx = after.x - before.x
    const dy = after.y - before.y
    const length = Math.hypot(dx, dy) || 1
    const r = (radiiMm[i] ?? 0) * view.scale
    left.push({ x: p.x - (dy / length) * r, y: p.y + (dx / length) * r })
    right.push({ x: p.x + (dy / length) * r, y: p.y - (dx / length) * r })
  })
  return `${smooth(left) ?? ''}L${(smooth([...right].reverse()) ?? '').slice(1)}Z`
}

/** Slices are given by their middles: a member reaches half a slice further at either end. */
function lengthened(points: Point[]): Point[] {
  const beyond = (a: Point | undefined, b: Point | undefined) =>
    a && b ? [{ x: a.x + (a.x - b.x) / 2, y: a.y + (a.y - b.y) / 2 }] : []
  const inner = points.slice(1, -1)
  return points.length < 2
    ? points
    : [
        ...beyond(points[0], points[1]),
        ...inner,
        ...beyond(points[points.length - 1], points[points.length - 2]),
      ]
}

/** The water under the film, down to the bottom of the drawing. */
export function water(
  view: View,
  film: readonly (readonly number[])[],
  width: number,
  height: number,
): string {
  const points = film.map((p) => project(view, p))
  return `M0,${view.originY}L${(straight(points) ?? '').slice(1)}L${width},${view.originY}L${width},${height}L0,${height}Z`
}

/** The film itself, from edge to edge. */
export function waterline(view: View, film: readonly (readonly number[])[], width: number): string {
  const points = film.map((p) => project(view, p))
  return `M0,${view.originY}L${(straight(points) ?? '').slice(1)}L${width},${view.originY}`
}

/** The stretches of a line that lie on the viewer's side of the fly's middle. */
export function nearSide(
  points: readonly (readonly number[])[],
  view: View,
): (readonly number[])[][] {
  const middle = points.reduce((sum, p) => sum + nearness(view, p), 0) / Math.max(1, points.length)
  const runs: (readonly number[])[][] = [[]]
  for (const point of points) {
    const run = runs[runs.length - 1] ?? []
    if (nearness(view, point) >= middle) run.push(point)
    else if (run.length > 0) runs.push([])
  }
  return runs.filter((run) => run.length > 1)
}
