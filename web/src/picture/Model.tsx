import { useThree } from '@react-three/fiber'
import { useEffect, useMemo } from 'react'
import {
  DoubleSide,
  type Material,
  MeshLambertMaterial,
  MeshMatcapMaterial,
  MeshStandardMaterial,
  Plane,
  Vector3,
} from 'three'
import type { Outline } from '../api/types'
import { dressed } from './dress'
import { pieces } from './fly'
import { geometryOf } from './geometry'
import { polish } from './Light'
import { type Finish, ROUGHNESS } from '../scene/makings'

const room = polish()

const lit = (finish: Finish): Material =>
  finish === 'metal'
    ? new MeshMatcapMaterial({ vertexColors: true, matcap: room, color: '#d8dce0' })
    : new MeshStandardMaterial({
        vertexColors: true,
        roughness: ROUGHNESS[finish],
        ...(finish === 'clear' && { transparent: true, opacity: 0.6, side: DoubleSide }),
      })

/** How high the picture is that is being drawn, px. */
export const pictureHighPx = { value: 800 }

/** So much more than it is every part is drawn wide to each side, px: a barb is finer than a pixel. */
const WIDER_PX = 0.35

/** Widens what is drawn by a part of a pixel, whatever the distance; what is exported stays as it is. */
function seen(material: Material): Material {
  material.onBeforeCompile = (shader) => {
    shader.uniforms.pictureHighPx = pictureHighPx
    shader.vertexShader = shader.vertexShader
      .replace('#include <common>', '#include <common>\nuniform float pictureHighPx;')
      .replace(
        '#include <begin_vertex>',
        `#include <begin_vertex>
        float away = -(modelViewMatrix * vec4(transformed, 1.0)).z;
        float pixel = 2.0 * away / (projectionMatrix[1][1] * pictureHighPx);
        transformed += normalize(objectNormal) * ${WIDER_PX} * pixel;`,
      )
  }
  return material
}

/** A fly in its materials, each of its parts under its own name. */
export function Model({
  outline,
  materials,
  name,
  mirrored,
}: {
  outline: Outline
  materials: Record<string, string>
  name: string
  /** Drawn once more upside down in the film, as faintly as water mirrors. */
  mirrored?: boolean
}) {
  const parts = useMemo(
    () =>
      pieces(outline, dressed(outline, materials)).map(({ part, finish, mesh }) => ({
        part,
        geometry: geometryOf(mesh),
        material: seen(lit(finish)),
      })),
    [outline, materials],
  )
  const invalidate = useThree((state) => state.invalidate)
  useEffect(() => {
    invalidate()
    return () =>
      parts.forEach((p) => {
        p.geometry.dispose()
        p.material.dispose()
      })
  }, [parts, invalidate])
  return (
    <group name={name}>
      {parts.map((p) => (
        <mesh
          key={p.part}
          name={p.part}
          geometry={p.geometry}
          material={p.material}
          castShadow
          receiveShadow
        />
      ))}
      {mirrored && (
        <group name="mirrored" scale={[1, 1, -1]}>
          {parts.map((p) => (
            <mesh key={p.part} geometry={p.geometry} material={mirror} renderOrder={1} />
          ))}
        </group>
      )}
    </group>
  )
}

/** Water mirrors so much at the slant at which one mostly looks (Fresnel at 70° to 75°). */
const MIRRORED = 0.2

/** What is over the film, seen in it: the same for all parts, which saves a slow card some work. */
const mirror = seen(
  new MeshLambertMaterial({
    vertexColors: true,
    transparent: true,
    opacity: MIRRORED,
    clippingPlanes: [new Plane(new Vector3(0, -1, 0), 0)],
  }),
)
