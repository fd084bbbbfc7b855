import { useThree } from '@react-three/fiber'
import { type ReactNode, useEffect, useMemo } from 'react'
import {
  BufferAttribute,
  BufferGeometry,
  MeshMatcapMaterial,
  MeshStandardMaterial,
  Quaternion,
  Vector3,
} from 'three'
import type { Outline } from '../api/types'
import { polish } from './Light'
import { Bar } from './Water'

/** How far round the fly its white card reaches, mm. */
const CARD_MM = 26

/** Where the card bends up behind the fly, and how wide that bend is, mm. */
const BEHIND_MM = 9
const BEND_MM = 7

/** The fly in the jaws of a vise, before a white card on which the lamp throws its shadow. */
export function Vise({
  outline,
  visible,
  children,
}: {
  outline: Outline
  visible: boolean
  children: ReactNode
}) {
  const invalidate = useThree((state) => state.invalidate)
  const made = useMemo(() => {
    const heights = [...outline.wire, ...outline.fibres.flatMap((f) => f.line)].map(
      (p) => p[2] ?? 0,
    )
    const floor = Math.min(...heights) - 2
    const bend = outline.wire.reduce(
      (far, p) => ((p[0] ?? 0) > (far[0] ?? 0) ? p : far),
      outline.wire[0] ?? [0, 0, 0],
    )
    return {
      floor,
      bend: new Vector3(bend[0], bend[1], bend[2]),
      card: card(floor),
      white: new MeshStandardMaterial({
        color: '#d9d6ce',
        roughness: 1,
        emissive: '#e8e4da',
        emissiveIntensity: 0.28,
      }),
      jaw: new MeshMatcapMaterial({ color: '#b9c0c6', matcap: polish() }),
    }
  }, [outline])
  useEffect(() => {
    invalidate()
    return () => [made.card, made.white, made.jaw].forEach((m) => m.dispose())
  }, [made, invalidate])
  const middle = made.bend.clone().add(AWAY.clone().multiplyScalar(JAW_MM / 2 - 0.4))
  return (
    <group name="in-the-vise" visible={visible}>
      {children}
      <mesh name="white-card" geometry={made.card} material={made.white} receiveShadow />
      <mesh name="jaw" material={made.jaw} position={middle} quaternion={ALONG} castShadow>
        <cylinderGeometry args={[1.8, 0.35, JAW_MM, 24]} />
      </mesh>
      <Bar at={[-2.5, -9, made.floor + 0.06]} />
    </group>
  )
}

const JAW_MM = 12

/** The way of the jaws from the bend of the hook: back and down, in the world of the fly. */
const AWAY = new Vector3(1, 0, -0.55).normalize()
const ALONG = new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), AWAY)

/** A sheet that lies under the fly and bends up behind it, seen from its white side alone. */
function card(floor: number): BufferGeometry {
  const profile: [number, number][] = [[-CARD_MM, floor]]
  for (let k = 0; k <= 16; k++) {
    const turn = ((k / 16) * Math.PI) / 2
    profile.push([BEHIND_MM + BEND_MM * Math.sin(turn), floor + BEND_MM * (1 - Math.cos(turn))])
  }
  profile.push([BEHIND_MM + BEND_MM, floor + CARD_MM])
  const positions: number[] = []
  const indices: number[] = []
  profile.forEach(([y, z], i) => {
    positions.push(-CARD_MM, y, z, CARD_MM, y, z)
    if (i > 0) {
      const a = 2 * i - 2
      indices.push(a, a + 1, a + 3, a, a + 3, a + 2)
    }
  })
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(new Float32Array(positions), 3))
  geometry.setIndex(indices)
  geometry.computeVertexNormals()
  return geometry
}
