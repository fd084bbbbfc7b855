/** A point or direction in the world, mm: x toward the bend, y to the far side, z up. */
export type V3 = readonly [number, number, number]

/** Red, green and blue of 0 to 1, as a screen has them (sRGB). */
export type Ink = readonly [number, number, number]

/** Triangles of one part in one finish, ready to be drawn. */
export type Mesh = {
  positions: Float32Array
  normals: Float32Array
  /** Linear red, green and blue of each point. */
  colours: Float32Array
  indices: Uint32Array
}

export const add = (a: V3, b: V3): V3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
export const less = (a: V3, b: V3): V3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
export const times = (a: V3, k: number): V3 => [a[0] * k, a[1] * k, a[2] * k]
export const dot = (a: V3, b: V3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
export const size = (a: V3) => Math.hypot(a[0], a[1], a[2])
export const unit = (a: V3): V3 => times(a, 1 / (size(a) || 1))
export const cross = (a: V3, b: V3): V3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
export const between = (a: V3, b: V3, t: number): V3 => add(a, times(less(b, a), t))
export const mixed = (a: Ink, b: Ink, t: number): Ink => between(a, b, t)

/** A point as it is sent. */
export const point = (p: readonly number[]): V3 => [p[0] ?? 0, p[1] ?? 0, p[2] ?? 0]

/** How a tube is made at each of its points, which are told by their number. */
export type Tube = {
  radiusMm: (i: number) => number
  ink: (i: number, turn: number) => Ink
  sides: number
  /** Its ends are one. */
  ring?: boolean
}

/** Gathers tubes into one mesh. */
export class Shell {
  private readonly positions: number[] = []
  private readonly normals: number[] = []
  private readonly colours: number[] = []
  private readonly indices: number[] = []

  /** A tube round a path; its ends are closed. */
  tube(path: readonly V3[], { radiusMm, ink, sides, ring }: Tube): this {
    if (path.length < 2) return this
    const first = this.positions.length / 3
    const frames = carried(path, ring ?? false)
    const end = path.length - 1
    path.forEach((p, i) => {
      const { along, one, other } = frames[i] ?? LEVEL
      const [before, after] = ring ? [i, i] : [Math.max(0, i - 1), Math.min(end, i + 1)]
      const far = size(less(path[after] ?? p, path[before] ?? p))
      const slope = far > 0 ? (radiusMm(after) - radiusMm(before)) / far : 0
      for (let k = 0; k < sides; k++) {
        const turn = k / sides
        const out = add(
          times(one, Math.cos(2 * Math.PI * turn)),
          times(other, Math.sin(2 * Math.PI * turn)),
        )
        const normal = unit(less(out, times(along, slope)))
        this.vertex(add(p, times(out, radiusMm(i))), normal, ink(i, turn))
      }
    })
    const last = ring ? path.length : path.length - 1
    for (let i = 0; i < last; i++) {
      const here = first + i * sides
      const there = first + ((i + 1) % path.length) * sides
      for (let k = 0; k < sides; k++) {
        const next = (k + 1) % sides
        this.indices.push(here + k, here + next, there + k, here + next, there + next, there + k)
      }
    }
    if (!ring) {
      this.cap(path, frames, first, sides, 0, ink)
      this.cap(path, frames, first + (path.length - 1) * sides, sides, path.length - 1, ink)
    }
    return this
  }

  private cap(
    path: readonly V3[],
    frames: Frame[],
    first: number,
    sides: number,
    i: number,
    ink: Tube['ink'],
  ) {
    const along = frames[i]?.along ?? LEVEL.along
    const out = i === 0 ? times(along, -1) : along
    const middle = this.positions.length / 3
    this.vertex(path[i] ?? [0, 0, 0], out, ink(i, 0))
    for (let k = 0; k < sides; k++) {
      const a = first + k
      const b = first + ((k + 1) % sides)
      if (i === 0) this.indices.push(middle, b, a)
      else this.indices.push(middle, a, b)
    }
  }

  private vertex(at: V3, out: V3, ink: Ink) {
    this.positions.push(...at)
    this.normals.push(...out)
    this.colours.push(linear(ink[0]), linear(ink[1]), linear(ink[2]))
  }

  get empty() {
    return this.indices.length === 0
  }

  mesh(): Mesh {
    return {
      positions: new Float32Array(this.positions),
      normals: new Float32Array(this.normals),
      colours: new Float32Array(this.colours),
      indices: new Uint32Array(this.indices),
    }
  }
}

/** Light of a colour as a screen has it: the transfer of IEC 61966-2-1 (sRGB). */
const linear = (c: number) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)

type Frame = { along: V3; one: V3; other: V3 }

const LEVEL: Frame = { along: [1, 0, 0], one: [0, 0, 1], other: [0, -1, 0] }

/** Directions across a path that turn as little as they can from point to point. */
export function carried(path: readonly V3[], ring = false): Frame[] {
  const n = path.length
  const at = (i: number): V3 =>
    path[ring ? (i + n) % n : Math.max(0, Math.min(n - 1, i))] ?? [0, 0, 0]
  let one: V3 | undefined
  return path.map((_, i) => {
    const along = unit(less(at(i + 1), at(i - 1)))
    const before = one ?? (Math.abs(along[2]) < 0.9 ? LEVEL.one : LEVEL.along)
    one = unit(less(before, times(along, dot(before, along))))
    return { along, one, other: cross(along, one) }
  })
}

/** A path with points no farther apart than this, mm, straight between those it has. */
export function finer(path: readonly V3[], stepMm: number): { path: V3[]; at: number[] } {
  const all: V3[] = []
  const at: number[] = []
  path.forEach((p, i) => {
    const next = path[i + 1]
    const pieces = next ? Math.max(1, Math.ceil(size(less(next, p)) / stepMm)) : 1
    for (let k = 0; k < pieces; k++) {
      all.push(next ? between(p, next, k / pieces) : p)
      at.push(i + k / pieces)
    }
  })
  return { path: all, at }
}

/** A value between those of a list, at a place that is no whole number. */
export function valueAt(values: readonly number[], place: number): number {
  const i = Math.min(values.length - 1, Math.floor(place))
  const a = values[i] ?? 0
  const b = values[i + 1] ?? a
  return a + (b - a) * (place - i)
}
