import { describe, expect, it } from 'vitest'
import type { Outline } from '../api/types'
import type { Dress } from './dress'
import { extentOf, filmMesh } from './film'
import { ROUNDED_MM, pieces } from './fly'
import { inWords } from './inWords'
import { type Making, makingOf } from '../scene/makings'
import { type Mesh, Shell, type V3, cross, dot, finer, less, size } from './shell'

const at = ({ positions }: Mesh, i: number): V3 => [
  positions[3 * i] ?? NaN,
  positions[3 * i + 1] ?? NaN,
  positions[3 * i + 2] ?? NaN,
]
const all = (mesh: Mesh) => Array.from({ length: mesh.positions.length / 3 }, (_, i) => at(mesh, i))

const grey = (making: Making): Dress => ({ making, finish: making.finish, ink: [0.5, 0.5, 0.5] })

const outline: Outline = {
  eye: [
    [-5, 0, 0.4],
    [-5.4, 0, 0],
    [-5, 0, -0.4],
    [-5, 0, 0.4],
  ],
  wire: Array.from({ length: 20 }, (_, i) => [-5 + i / 2, 0, i > 14 ? (14 - i) / 2 : 0]),
  wireMm: 0.4,
  barb: [
    [4.3, 0, -2],
    [4, 0, -1.2],
  ],
  members: [
    {
      part: 'body',
      soft: false,
      axis: Array.from({ length: 30 }, (_, i) => [-3 + i / 10, 0, 0]),
      radiiMm: Array.from({ length: 30 }, (_, i) => 0.3 + i / 100),
    },
    {
      part: 'wing',
      soft: true,
      axis: Array.from({ length: 20 }, (_, i) => [-3, 0, i / 3]),
      radiiMm: Array.from({ length: 20 }, () => 0.5),
    },
  ],
  strands: [],
  fibres: [
    {
      part: 'tail',
      state: 'LYING',
      bears: true,
      radiusMm: 0.03,
      taper: 0.6,
      line: [
        [0, 0, 0],
        [2, 0.2, -0.1],
        [4, 0.3, -0.4],
      ],
    },
  ],
  film: [],
  across: [],
  tints: [],
}

const made = (making: Making, of = outline) => pieces(of, () => grey(making))
const mesh = (part: string, making: Making) => {
  const found = made(making).find((p) => p.part === part)
  if (!found) throw new Error(part)
  return found.mesh
}

describe('A solid fly', () => {
  it('has its fibres as thick as they were solved, on the lines that were solved', () => {
    const tail = mesh('tail', { finish: 'feather' })
    outline.fibres[0]?.line.forEach((p, i) => {
      const thick = 0.03 * (1 - 0.3 * i)
      const off = Math.min(
        ...all(tail).map((v) => Math.abs(size(less(v, p as unknown as V3)) - thick)),
      )
      expect(off).toBeLessThan(1e-6)
    })
  })

  it.each(['quill', 'tinsel', 'foam'])('has a body of %s on its envelope', (material) => {
    for (const [x, y, z] of all(mesh('body', makingOf(material)))) {
      const ends = x < -3.05 + ROUNDED_MM || x > -0.05 - ROUNDED_MM
      const round = Math.hypot(y, z)
      if (ends || round === 0) continue
      expect(Math.abs(round - (0.3 + (x + 3) / 10))).toBeLessThan(0.01)
    }
  })

  it('shows its outside, lit from outside', () => {
    const body = mesh('body', { finish: 'foam' })
    for (let i = 0; i < body.indices.length; i += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => at(body, body.indices[i + k] ?? 0)) as [V3, V3, V3]
      const normal = body.normals.slice(3 * (body.indices[i] ?? 0), 3 * (body.indices[i] ?? 0) + 3)
      const out = cross(less(b, a), less(c, a))
      expect(dot(out, [normal[0] ?? 0, normal[1] ?? 0, normal[2] ?? 0])).toBeGreaterThanOrEqual(
        -1e-9,
      )
    }
  })

  it('has a fringe, a fuzz or a web where its material has', () => {
    const plain = mesh('body', { finish: 'fur' }).indices.length
    expect(mesh('body', makingOf('herl')).indices.length).toBeGreaterThan(2 * plain)
    expect(mesh('body', makingOf('dry-dubbing')).indices.length).toBeGreaterThan(2 * plain)
    const yarn = mesh('wing', makingOf('post-yarn')).indices.length
    expect(mesh('wing', makingOf('soft-plume')).indices.length).toBeGreaterThan(yarn)
  })

  it('has a barb only where its hook has', () => {
    const hook = (barb: Outline['barb']) =>
      made({ finish: 'fur' }, { ...outline, barb }).find((p) => p.part === 'hook')?.mesh.indices
        .length ?? 0
    expect(hook(outline.barb)).toBeGreaterThan(hook([]))
  })
})

it('makes a path finer without leaving it', () => {
  const { path, at: places } = finer(
    [
      [0, 0, 0],
      [1, 0, 0],
      [1, 2, 0],
    ],
    0.3,
  )
  expect(path.length).toBe(12)
  expect(path.every(([x, y]) => y === 0 || x === 1)).toBe(true)
  expect(places[0]).toBe(0)
  expect(places[places.length - 1]).toBe(2)
})

it('draws a ring without an end', () => {
  const round = Array.from({ length: 12 }, (_, i): V3 => [
    Math.cos((i * Math.PI) / 6),
    0,
    Math.sin((i * Math.PI) / 6),
  ])
  const ring = new Shell()
    .tube(round, { radiusMm: () => 0.1, ink: () => [1, 1, 1], sides: 6, ring: true })
    .mesh()
  expect(ring.positions.length).toBe(3 * 12 * 6)
  for (const v of all(ring)) {
    expect(Math.hypot(Math.hypot(v[0], v[2]) - 1, v[1])).toBeCloseTo(0.1, 1)
  }
})

it('has the film just as it was sent', () => {
  const relief = {
    cellMm: 0.1,
    fromXMm: -1,
    fromYMm: 2,
    columns: 3,
    heightUm: [0, -50, 0, 10, -80, 0],
  }
  const film = filmMesh(relief)
  expect([...film.positions.slice(12, 15)].map((v) => Math.round(1000 * v))).toEqual([
    -900, 2100, -80,
  ])
  expect(film.indices.length).toBe(12)
  expect(film.normals[2]).toBeGreaterThan(0.5)
  expect(extentOf(relief)).toEqual({ left: -1, right: -0.8, near: 2, far: 2.1 })
})

it.each([
  [{ round: 0, over: 2 }, 'its near side, 2° above the water'],
  [{ round: -88, over: 4 }, 'its head, 4° above the water'],
  [{ round: 180, over: -20 }, 'its far side, 20° under the water'],
  [{ round: 330, over: 10 }, 'its near side, toward its head, 10° above the water'],
  [{ round: 12, over: 86 }, 'straight above'],
])('says where the eye is', (direction, words) => {
  expect(inWords(direction)).toBe(words)
})
