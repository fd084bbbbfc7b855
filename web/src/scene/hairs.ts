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

/** Rings round a member, `every` points apart: turns of biot, quill, thread or herl. */
export function rings(
  view: View,
  axis: readonly (readonly number[])[],
  radiiMm: readonly number[],
  every: number,
): string {
  const middle = axis.map((p) => project(view, p))
  const all: string[] = []
  for (let i = 0; i + 1 < middle.length; i += every) {
    const a = beside(middle, radiiMm, view.scale, i, -0.98)
    const b = beside(middle, radiiMm, view.scale, Math.min(middle.length - 1, i + 1), 0.98)
    if (a && b) all.push(`M${px(a.x)},${px(a.y)}L${px(b.x)},${px(b.y)}`)
  }
  return all.join('')
}

function beside(
  middle: Point[],
  radiiMm: readonly number[],
  scale: number,
  i: number,
  aside: number,
): Point | undefined {
  const p = middle[i]
  if (!p) return undefined
  const a = middle[Math.max(0, i - 1)] ?? p
  const b = middle[Math.min(middle.length - 1, i + 1)] ?? p
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
  const r = aside * (radiiMm[i] ?? 0) * scale
  return { x: p.x - ((b.y - a.y) / length) * r, y: p.y + ((b.x - a.x) / length) * r }
}
