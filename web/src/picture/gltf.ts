import { Group, Mesh, MeshPhysicalMaterial, MeshStandardMaterial } from 'three'
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js'
import type { Scene } from '../api/types'
import { dressed } from './dress'
import { filmMesh } from './film'
import { pieces } from './fly'
import { geometryOf } from './geometry'
import { ROUGHNESS } from '../scene/makings'

/**
 * Fly and film as binary glTF 2.0 (ISO/IEC 12113:2022), which counts in metres with y up: as they
 * were solved, each part under its own name.
 */
export async function gltf(scene: Scene, materials: Record<string, string>): Promise<Blob> {
  const inMetres = new Group()
  inMetres.name = 'fly-at-rest'
  inMetres.scale.setScalar(0.001)
  inMetres.rotation.x = -Math.PI / 2
  if (scene.fly) {
    for (const { part, finish, mesh } of pieces(scene.fly, dressed(scene.fly, materials))) {
      const material = new MeshStandardMaterial({
        vertexColors: true,
        roughness: ROUGHNESS[finish],
        metalness: finish === 'metal' ? 0.95 : 0,
      })
      const solid = new Mesh(geometryOf(mesh), material)
      solid.name = part
      inMetres.add(solid)
    }
  }
  if (scene.film) {
    const water = new MeshPhysicalMaterial({
      color: '#9fc4cc',
      roughness: 0.02,
      transparent: true,
      opacity: 0.35,
    })
    const film = new Mesh(geometryOf(filmMesh(scene.film)), water)
    film.name = 'film'
    inMetres.add(film)
  }
  const made = await new GLTFExporter().parseAsync(inMetres, { binary: true })
  return new Blob([made as ArrayBuffer], { type: 'model/gltf-binary' })
}
