import { type Point, type View, project } from './projection'

/** A fibre to draw: half its width at the root, px, and how much thinner its tip is, as a share. */
export type Blade = {
  line: readonly (readonly number[])[]
  rootPx: number
  taper: number
}

/**
 * One closed path for many fibres, each a blade that tapers from root to tip: far quicker for a
 * browser than a path a fibre.
 */
export function blades(view: View, all: readonly Blade[]) {
  return all
    .map(({ line, rootPx, taper }) =>
      blade(
        line.map((p) => project(view, p)),
        rootPx,
        taper,
      ),
    )
    .join('')
}

function blade(points: Point[], rootPx: number, taper: number): string {
  const left: string[] = []
  const right: string[] = []
  const last = points.length - 1
  points.forEach((p, i) => {
    const a = points[Math.max(0, i - 1)] ?? p
    const b = points[Math.min(last, i + 1)] ?? p
    const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
    const half = rootPx * (1 - (taper * i) / Math.max(1, last))
    const nx = (-(b.y - a.y) / length) * half
    const ny = ((b.x - a.x) / length) * half
    left.push(`${px(p.x + nx)},${px(p.y + ny)}`)
    right.unshift(`${px(p.x - nx)},${px(p.y - ny)}`)
  })
  return `M${left.join('L')}L${right.join('L')}Z`
}

/** A stretch of a fibre, from and to shares of its way from root to tip. */
export function stretch({ line, rootPx, taper }: Blade, from: number, to: number): Blade {
  const last = line.length - 1
  const at = (share: number) => {
    const i = Math.min(last - 1, Math.floor(share * last))
    const a = line[i] ?? []
    const b = line[i + 1] ?? a
    return a.map((v, k) => v + ((b[k] ?? v) - v) * (share * last - i))
  }
  const between = line.filter((_, i) => i > from * last && i < to * last)
  const root = 1 - taper * from
  return {
    line: [at(from), ...between, at(to)],
    rootPx: rootPx * root,
    taper: root > 0 ? 1 - (1 - taper * to) / root : 0,
  }
}

const px = (v: number) => Math.round(v * 10) / 10

/** A number in [0, 1) that is always the same for the same two numbers: hair that does not flicker. */
export function scatter(a: number, b: number): number {
  const v = Math.sin(a * 127.1 + b * 311.7) * 43758.5453
  return v - Math.floor(v)
}

/**
 * Strands that fill a soft member from its root to its tip: a plume or yarn is drawn by its fibres,
 * not by its envelope.
 *
 * @param count strands
 */
export function strands(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
  count: number,
): string {
  const middle = axis.map((p) => project(view, p))
  return Array.from({ length: count }, (_, k) => {
    const spread = count === 1 ? 0 : (2 * k) / (count - 1) - 1
    const end = 0.7 + 0.3 * scatter(k, 1)
    const wave = 2 + 3 * scatter(k, 2)
    const points = middle.slice(0, Math.max(2, Math.ceil(middle.length * end))).map((p, i) => {
      const along = i / Math.max(1, middle.length - 1)
      const sway = 0.12 * Math.sin(wave * along + 6 * scatter(k, 3))
      return beside(middle, radiiMm, view.scale, i, spread + sway) ?? p
    })
    return `M${points.map((p) => `${px(p.x)},${px(p.y)}`).join('L')}`
  }).join('')
}

/** Short hairs that stand off the edge of a member: dubbing is never smooth. */
export function fuzz(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
  perPoint: number,
): string {
  const middle = axis.map((p) => project(view, p))
  const hairs: string[] = []
  middle.forEach((_, i) => {
    for (let n = 0; n < perPoint; n++) {
      const side = scatter(i, n) < 0.5 ? -1 : 1
      const from = beside(middle, radiiMm, view.scale, i, side * (0.4 + 0.55 * scatter(n, i)))
      const lean = scatter(i + 9, n) * 2 - 0.6
      const to = beside(middle, radiiMm, view.scale, i, side * (1 + 0.35 * scatter(n + 5, i)))
      if (from && to) {
        const along = lean * view.scale * 0.25
        hairs.push(`M${px(from.x)},${px(from.y)}L${px(to.x + along)},${px(to.y)}`)
      }
    }
  })
  return hairs.join('')
}

/** Lines across a member, so far apart along it, mm: its turns, slanted as they are wound. */
export function turns(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
  pitchMm: number,
): string {
  const middle = axis.map((p) => project(view, p))
  const all: string[] = []
  let walked = 0
  let next = pitchMm / 2
  for (let i = 0; i + 1 < middle.length; i++) {
    const step = distance(axis[i] ?? [], axis[i + 1] ?? [])
    for (; next <= walked + step && step > 0; next += pitchMm) {
      const share = (next - walked) / step
      const a = beside(middle, radiiMm, view.scale, i + share, -0.98)
      const slant = Math.min(middle.length - 1, i + share + (0.35 * pitchMm) / step)
      const b = beside(middle, radiiMm, view.scale, slant, 0.98)
      if (a && b) all.push(`M${px(a.x)},${px(a.y)}L${px(b.x)},${px(b.y)}`)
    }
    walked += step
  }
  return all.join('')
}

/** Fibres that stand out to both sides of a member, so long, mm: the fringe of a herl. */
export function fringe(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
  longMm: number,
): string {
  const middle = axis.map((p) => project(view, p))
  const hairs: string[] = []
  middle.forEach((_, i) => {
    for (let n = 0; n < 3; n++) {
      for (const side of [-1, 1]) {
        const place = i + n / 3
        const from = beside(middle, radiiMm, view.scale, place, side * scatter(i, n + side + 2))
        const edge = beside(middle, radiiMm, view.scale, place, side)
        const root = middle[i]
        if (!from || !edge || !root) continue
        const out = Math.hypot(edge.x - root.x, edge.y - root.y) || 1
        const by = (longMm * view.scale * (0.6 + 0.4 * scatter(n, i))) / out
        const lean = (scatter(i + 3, n) - 0.5) * longMm * view.scale * 0.6
        const to = { x: edge.x + (edge.x - root.x) * by + lean, y: edge.y + (edge.y - root.y) * by }
        hairs.push(`M${px(from.x)},${px(from.y)}L${px(to.x)},${px(to.y)}`)
      }
    }
  })
  return hairs.join('')
}

/** A feather flat in its envelope: barbs that leave its stem to both sides, toward its tip. */
export function barbs(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
  flat: number,
): string {
  const middle = axis.map((p) => project(view, p))
  const last = middle.length - 1
  return middle
    .flatMap((p, i) =>
      i === 0
        ? []
        : [-1, 1].map((side) => {
            const ahead = Math.min(last, i + (0.9 * flat * (radiiMm[i] ?? 0)) / stepMm(axis))
            const to = beside(middle, radiiMm, view.scale, ahead, side * flat) ?? p
            return `M${px(p.x)},${px(p.y)}L${px(to.x)},${px(to.y)}`
          }),
    )
    .join('')
}

const distance = (a: readonly number[], b: readonly number[]) =>
  Math.hypot(...a.map((v, k) => v - (b[k] ?? 0)))

/** How far apart the points of an axis are, mm, on the whole. */
const stepMm = (axis: readonly (readonly number[])[]) =>
  distance(axis[0] ?? [], axis[axis.length - 1] ?? []) / Math.max(1, axis.length - 1) || 1

/** A point beside the middle of a member, at a place along it that may lie between two points. */
function beside(
  middle: Point[],
  radiiMm: readonly number[],
  scale: number,
  place: number,
  aside: number,
): Point | undefined {
  const i = Math.floor(place)
  const p = middle[i]
  if (!p) return undefined
  const next = middle[i + 1] ?? p
  const share = place - i
  const a = middle[Math.max(0, i - 1)] ?? p
  const b = middle[Math.min(middle.length - 1, i + 1)] ?? p
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
  const radius = radiiMm[i] ?? 0
  const r = aside * (radius + share * ((radiiMm[i + 1] ?? radius) - radius)) * scale
  return {
    x: p.x + share * (next.x - p.x) - ((b.y - a.y) / length) * r,
    y: p.y + share * (next.y - p.y) + ((b.x - a.x) / length) * r,
  }
}
