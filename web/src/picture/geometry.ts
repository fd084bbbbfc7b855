import { BufferAttribute, BufferGeometry } from 'three'
import type { Mesh } from './shell'

/** A geometry of triangles as they were gathered. */
export function geometryOf({
  positions,
  normals,
  indices,
  colours,
}: Omit<Mesh, 'colours'> & { colours?: Float32Array }) {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(positions, 3))
  geometry.setAttribute('normal', new BufferAttribute(normals, 3))
  if (colours) geometry.setAttribute('color', new BufferAttribute(colours, 3))
  geometry.setIndex(new BufferAttribute(indices, 1))
  return geometry
}
