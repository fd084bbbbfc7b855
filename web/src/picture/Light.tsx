import { DataTexture, SRGBColorSpace, Vector3 } from 'three'

/** From where the lamp shines, seen from the fly; y is up. */
export const LAMP = new Vector3(-0.45, 1, 0.55).normalize()

/** One lamp that throws soft shadows, the light of the sky and of the bench, and some from behind. */
export function Light() {
  return (
    <>
      <hemisphereLight args={['#ffffff', '#a9b3a8', 1.5]} />
      <directionalLight position={[20, 12, -40]} intensity={0.8} />
      <directionalLight
        position={LAMP.clone().multiplyScalar(60)}
        intensity={2.2}
        castShadow
        shadow-mapSize={[2048, 2048]}
        shadow-radius={5}
        shadow-bias={-0.0006}
        shadow-camera-left={-24}
        shadow-camera-right={24}
        shadow-camera-top={24}
        shadow-camera-bottom={-24}
        shadow-camera-near={10}
        shadow-camera-far={120}
      />
    </>
  )
}

const SIZE = 64

/**
 * What polished metal mirrors of a workroom, by the direction in which its surface looks: a pale
 * ceiling, a dark line of furniture, a paler bench, and the lamp. A map of the whole room, filtered
 * for every roughness, costs a machine without a graphics card five seconds; this costs nothing.
 */
export function polish(): DataTexture {
  const light = new Uint8Array(4 * SIZE * SIZE)
  for (let row = 0; row < SIZE; row++) {
    for (let column = 0; column < SIZE; column++) {
      const x = (2 * (column + 0.5)) / SIZE - 1
      const y = (2 * (row + 0.5)) / SIZE - 1
      const z = Math.sqrt(Math.max(0, 1 - x * x - y * y))
      const ceiling = 1 / (1 + Math.exp(-14 * (y - 0.25)))
      const bench = 1 / (1 + Math.exp(12 * (y + 0.35)))
      const lamp = Math.exp(70 * (-0.35 * x + 0.72 * y + 0.6 * z - 1))
      const seen = 0.16 + 0.6 * ceiling + 0.3 * bench + 0.9 * lamp
      const shade = Math.round(255 * Math.min(1, seen))
      light.set([shade, shade, shade, 255], 4 * (row * SIZE + column))
    }
  }
  const texture = new DataTexture(light, SIZE, SIZE)
  texture.colorSpace = SRGBColorSpace
  texture.needsUpdate = true
  return texture
}
