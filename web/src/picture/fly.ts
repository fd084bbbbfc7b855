import type { Outline } from '../api/types'
import { scatter } from '../scene/hairs'
import { STEM, TIP } from '../scene/looks'
import { type Dress, STEEL } from './dress'
import { FLAT, type Finish } from '../scene/makings'
import {
  type Ink,
  type Mesh,
  Shell,
  type V3,
  add,
  carried,
  cross,
  dot,
  finer,
  less,
  mixed,
  point,
  size,
  times,
  unit,
  valueAt,
} from './shell'

/** One part of a fly as it is drawn. */
export type Piece = { part: string; finish: Finish; mesh: Mesh }

const BLACK: Ink = [0, 0, 0]
const WHITE: Ink = [1, 1, 1]

/** Bars of a barred fibre: how far apart and how long they are, mm. */
const BAR_MM = { every: 1.1, long: 0.45 }

/**
 * All of a fly as it was solved, as triangles: round each of its lines, as thick as it was reckoned.
 * What a material is made up of inside its envelope (strands, web, fuzz, turns) is drawn by its kind
 * and stands for no number.
 */
export function pieces(outline: Outline, dress: (part: string) => Dress): Piece[] {
  const shells = new Map<string, Shell>()
  const shell = (part: string) => {
    const before = shells.get(part)
    if (before) return before
    const fresh = new Shell()
    shells.set(part, fresh)
    return fresh
  }
  hook(shell('hook'), outline)
  outline.members.forEach((m, i) => {
    const axis = m.axis.map(point)
    const worn = dress(m.part)
    if (!m.soft) wound(shell(m.part), axis, m.radiiMm, worn)
    else if (worn.making.feather) feather(shell(m.part), axis, m.radiiMm, worn)
    else bunch(shell(m.part), axis, m.radiiMm, worn, i)
  })
  outline.strands.forEach((s) => {
    const worn = dress(s.part)
    shell(s.part).tube(s.axis.map(point), {
      radiusMm: () => s.thickMm / 2,
      ink: () => worn.ink,
      sides: 8,
    })
  })
  outline.fibres.forEach((f, k) => fibre(shell(f.part), f, dress(f.part), k))
  return [...shells]
    .filter(([, made]) => !made.empty)
    .map(([part, made]) => ({
      part,
      finish: part === 'hook' ? STEEL.finish : dress(part).finish,
      mesh: made.mesh(),
    }))
}

/** Wire with its eye, its point and, where it has one, its barb. */
function hook(shell: Shell, outline: Outline) {
  const wire = outline.wire.map(point)
  const r = outline.wireMm / 2
  const last = wire.length - 1
  const steel = () => STEEL.ink
  const sharp = (i: number) => r * Math.min(1, 0.15 + (last - i) / 4)
  shell.tube(wire, { radiusMm: sharp, ink: steel, sides: 14 })
  shell.tube(outline.eye.slice(0, -1).map(point), {
    radiusMm: () => r,
    ink: steel,
    sides: 12,
    ring: true,
  })
  shell.tube(outline.barb.map(point), {
    radiusMm: (i) => (i === 0 ? 0.9 * r : 0.1 * r),
    ink: steel,
    sides: 6,
  })
}

type Fibre = Outline['fibres'][number]

/** A barb, hair or tail fibre along the line that was solved. */
function fibre(
  shell: Shell,
  f: Fibre,
  { ink, bars, tip, stem, mixed: other, making }: Dress,
  k: number,
) {
  const solved = f.line.map(point)
  const { path, at } =
    bars || tip || stem || making.crinkled ? finer(solved, 0.15) : finer(solved, 9)
  const last = Math.max(1, solved.length - 1)
  const own = other && k % 2 === 1 ? other : ink
  const shade = mixed(own, scatter(k, 7) < 0.5 ? BLACK : WHITE, 0.14 * scatter(k, 8))
  const longMm = solved.reduce(
    (sum, p, i) => sum + (i > 0 ? size(less(p, solved[i - 1] ?? p)) : 0),
    0,
  )
  shell.tube(path, {
    radiusMm: (i) => f.radiusMm * (1 - f.taper * ((at[i] ?? 0) / last)),
    ink: (i) => {
      const t = (at[i] ?? 0) / last
      if (tip && t >= TIP) return tip
      if (stem && t <= STEM) return stem
      const mm = t * longMm + 0.3
      if (bars && mm % BAR_MM.every < BAR_MM.long) return mixed(shade, bars, 0.8)
      if (making.crinkled && (mm + scatter(k, 3)) % 0.6 < 0.25) return mixed(shade, WHITE, 0.35)
      return shade
    },
    sides: 6,
  })
}

/** So much of either end of what is wound is rounded off, mm: no thread ends like a cut pipe. */
export const ROUNDED_MM = 0.15

/** A body or whatever else is wound: its taper with the turns, fringe or fuzz of its material. */
function wound(shell: Shell, axis: V3[], radii: readonly number[], dress: Dress) {
  const { turns, stripe, fringeMm, fuzz } = dress.making
  const { path, at } = finer(lengthened(axis), Math.min(0.15, (turns?.pitchMm ?? 1) / 4))
  const end = path.length - 1
  const far = walked(path)
  const radiusMm = (i: number) => {
    const toEnd = Math.min(far[i] ?? 0, (far[end] ?? 0) - (far[i] ?? 0))
    return (
      valueAt(radii, at[i] ?? 0) * (toEnd < ROUNDED_MM ? 0.55 + (0.45 * toEnd) / ROUNDED_MM : 1)
    )
  }
  const dark = mixed(dress.ink, BLACK, 0.6)
  shell.tube(path, {
    radiusMm,
    ink: (i, turn) => {
      const mm = far[i] ?? 0
      const turned = turns ? (mm / turns.pitchMm + turn) % 1 : 0.5
      let own = dress.mixed && scatter(Math.floor(mm / 0.5), 4) < 0.5 ? dress.mixed : dress.ink
      if (stripe && turned < stripe) own = dress.bars ?? dark
      if (dress.finish === 'fur') {
        const pinch = scatter(i, Math.floor(12 * turn))
        own = mixed(own, pinch < 0.5 ? BLACK : WHITE, 0.26 * Math.abs(pinch - 0.5))
      }
      const line = turns ? turns.line * Math.max(0, 1 - Math.abs(2 * turned - 1) * 3) : 0
      return mixed(own, BLACK, turns ? line : 0)
    },
    sides: 24,
  })
  const frames = carried(path)
  const out = (i: number, turn: number): V3 => {
    const f = frames[i]
    if (!f) return [0, 0, 1]
    return add(
      times(f.one, Math.cos(2 * Math.PI * turn)),
      times(f.other, Math.sin(2 * Math.PI * turn)),
    )
  }
  const long = far[end] ?? 0
  const widest = Math.max(...radii)
  const hairs = (count: number, lengthMm: (n: number) => number, lean: number) => {
    for (let n = 0; n < count; n++) {
      const i = Math.min(end, Math.floor(scatter(n, 11) * path.length))
      const from = path[i]
      const frame = frames[i]
      if (!from || !frame) continue
      const up = out(i, scatter(n, 12))
      const mm = lengthMm(n)
      const along = times(frame.along, lean * (scatter(n, 13) - 0.3) * mm)
      const root = add(from, times(up, 0.9 * valueAt(radii, at[i] ?? 0)))
      const bent = cross(up, frame.along)
      const knee = add(add(root, times(up, 0.7 * mm)), times(along, 0.3))
      const tip = add(
        add(root, times(up, mm)),
        add(along, times(bent, 0.5 * mm * (scatter(n, 14) - 0.5))),
      )
      const tone = dress.mixed && n % 2 === 0 ? dress.mixed : dress.ink
      const shade = mixed(tone, scatter(n, 15) < 0.5 ? BLACK : WHITE, 0.3 * scatter(n, 16))
      shell.tube([root, knee, tip], {
        radiusMm: (j) => 0.005 - 0.002 * j,
        ink: () => shade,
        sides: 3,
      })
    }
  }
  const area = 2 * Math.PI * widest * long
  if (fuzz)
    hairs(
      Math.min(3600, Math.round(3 * fuzz * area)),
      (n) => 0.07 + 0.34 * scatter(n, 17) ** 3,
      1.6,
    )
  if (fringeMm)
    hairs(
      Math.min(1600, Math.round(90 * long)),
      (n) => fringeMm * (0.7 + 0.3 * scatter(n, 18)),
      0.5,
    )
}

/** A soft bunch by its strands, which fill its envelope; a plume's strands carry a fine web. */
function bunch(shell: Shell, axis: V3[], radii: readonly number[], dress: Dress, number: number) {
  const { strands = 10, crinkle = 0.1, webMm } = dress.making
  const { path, at } = finer(axis, 0.2)
  const frames = carried(path)
  const widest = Math.max(...radii)
  const count = Math.max(webMm ? 10 : 26, Math.min(70, Math.round(strands * 2 * widest)))
  const thick = Math.min(0.018, (0.7 * widest) / Math.sqrt(count))
  for (let k = 0; k < count; k++) {
    const room = Math.sqrt((k + 0.5) / count)
    const angle = 2.399963 * k + number // the golden angle: strands that do not stand in rows
    const last = Math.max(2, Math.ceil(path.length * (0.72 + 0.28 * scatter(k, number + 1))))
    const strand = path.slice(0, last).map((p, i) => {
      const sway = crinkle * Math.sin(0.9 * i + 6.3 * scatter(k, 2)) * Math.min(1, i / 3)
      const r = valueAt(radii, at[i] ?? 0) * Math.min(1, room + sway)
      const f = frames[i]
      return f
        ? add(p, add(times(f.one, r * Math.cos(angle)), times(f.other, r * Math.sin(angle))))
        : p
    })
    const tone = dress.mixed && k % 2 === 1 ? dress.mixed : dress.ink
    const shade = mixed(tone, scatter(k, 5) < 0.5 ? BLACK : WHITE, 0.18 * scatter(k, 6))
    const inked = (i: number): Ink => {
      if (dress.tip && i / path.length >= TIP) return dress.tip
      if (dress.stem && i / path.length <= STEM) return dress.stem
      const barred = dress.bars && (i * 0.2 + 0.2) % BAR_MM.every < BAR_MM.long
      return barred && dress.bars ? mixed(shade, dress.bars, 0.75) : shade
    }
    shell.tube(strand, { radiusMm: (i) => thick * (1 - (0.5 * i) / last), ink: inked, sides: 4 })
    if (webMm) web(shell, strand, webMm, shade, k)
  }
}

/** The fine fibres of a plume, to both sides of one of its barbs. */
function web(shell: Shell, strand: readonly V3[], longMm: number, ink: Ink, k: number) {
  const frames = carried(strand)
  strand.forEach((p, i) => {
    const f = frames[i]
    if (!f || i < 2) return
    for (let side = 0; side < 4; side++) {
      const turn = 2 * Math.PI * scatter(k + 13 * side, i)
      const out = add(times(f.one, Math.cos(turn)), times(f.other, Math.sin(turn)))
      const mm = longMm * (0.4 + 0.6 * scatter(i, k + side))
      const from = add(p, times(f.along, 0.05 * side))
      const to = add(from, add(times(out, 0.85 * mm), times(f.along, 0.5 * mm)))
      shell.tube([from, to], {
        radiusMm: (j) => (j === 0 ? 0.006 : 0.003),
        ink: () => mixed(ink, WHITE, 0.18),
        sides: 3,
      })
    }
  })
}

/** The tip of a feather in its envelope: a stem, and barbs to both sides of it. */
function feather(shell: Shell, axis: V3[], radii: readonly number[], dress: Dress) {
  const { path, at } = finer(axis, 0.055)
  const frames = carried(path)
  const stem = mixed(dress.ink, BLACK, 0.35)
  shell.tube(path, {
    radiusMm: (i) => 0.035 * (1 - (0.7 * i) / path.length),
    ink: () => stem,
    sides: 6,
  })
  path.forEach((p, i) => {
    const f = frames[i]
    if (!f || i / path.length < 0.04) return
    const lengthwise: V3 = Math.abs(f.along[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0]
    const side = unit(less(lengthwise, times(f.along, dot(lengthwise, f.along))))
    const wide = FLAT * valueAt(radii, at[i] ?? 0)
    const barred = dress.bars && (i * 0.055) % BAR_MM.every < BAR_MM.long
    const own = barred && dress.bars ? mixed(dress.ink, dress.bars, 0.75) : dress.ink
    for (const to of [1, -1]) {
      const shade = mixed(own, scatter(i, to + 2) < 0.5 ? BLACK : WHITE, 0.1 * scatter(i, to + 5))
      const out = (share: number): V3 =>
        add(
          add(p, times(side, to * wide * share)),
          times(f.along, wide * share * (1.9 - 0.5 * share)),
        )
      shell.tube([p, out(0.5), out(1)], {
        radiusMm: (j) => 0.016 - 0.005 * j,
        ink: () => shade,
        sides: 4,
      })
    }
  })
}

/** Slices are given by their middles: a member reaches half a slice further at either end. */
function lengthened(axis: readonly V3[]): V3[] {
  const [first, second] = axis
  const last = axis[axis.length - 1]
  const before = axis[axis.length - 2]
  if (!first || !second || !last || !before) return [...axis]
  const beyond = (a: V3, b: V3) => add(a, times(less(a, b), 0.5))
  return [beyond(first, second), ...axis.slice(1, -1), beyond(last, before)]
}

function walked(path: readonly V3[]): number[] {
  let mm = 0
  return path.map((p, i) => (mm += i > 0 ? size(less(p, path[i - 1] ?? p)) : 0))
}
