import type { Relief } from '../api/types'
import type { Mesh } from './shell'

/** The film as triangles, just as it was solved: a point of the grid a point of the mesh. */
export function filmMesh({
  cellMm,
  fromXMm,
  fromYMm,
  columns,
  heightUm,
}: Relief): Omit<Mesh, 'colours'> {
  const rows = heightUm.length / columns
  const positions = new Float32Array(3 * heightUm.length)
  const normals = new Float32Array(3 * heightUm.length)
  const at = (i: number, j: number) =>
    (heightUm[
      Math.max(0, Math.min(rows - 1, j)) * columns + Math.max(0, Math.min(columns - 1, i))
    ] ?? 0) / 1000
  for (let j = 0; j < rows; j++) {
    for (let i = 0; i < columns; i++) {
      const k = 3 * (j * columns + i)
      positions[k] = fromXMm + i * cellMm
      positions[k + 1] = fromYMm + j * cellMm
      positions[k + 2] = at(i, j)
      const dx = (at(i + 1, j) - at(i - 1, j)) / (2 * cellMm)
      const dy = (at(i, j + 1) - at(i, j - 1)) / (2 * cellMm)
      const long = Math.hypot(dx, dy, 1)
      normals[k] = -dx / long
      normals[k + 1] = -dy / long
      normals[k + 2] = 1 / long
    }
  }
  const indices = new Uint32Array(6 * (columns - 1) * (rows - 1))
  let n = 0
  for (let j = 0; j + 1 < rows; j++) {
    for (let i = 0; i + 1 < columns; i++) {
      const a = j * columns + i
      indices.set([a, a + 1, a + columns, a + 1, a + columns + 1, a + columns], n)
      n += 6
    }
  }
  return { positions, normals, indices }
}

/** Where the film of a picture ends, mm: left, right, near, far; some water round a fly that sank. */
export function extentOf(relief: Relief | undefined) {
  if (!relief) return { left: -14, right: 14, near: -12, far: 12 }
  const rows = relief.heightUm.length / relief.columns
  return {
    left: relief.fromXMm,
    right: relief.fromXMm + (relief.columns - 1) * relief.cellMm,
    near: relief.fromYMm,
    far: relief.fromYMm + (rows - 1) * relief.cellMm,
  }
}
