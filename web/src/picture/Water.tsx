import { useThree } from '@react-three/fiber'
import { useEffect, useMemo } from 'react'
import {
  BackSide,
  BoxGeometry,
  Color,
  DoubleSide,
  MeshBasicMaterial,
  MeshStandardMaterial,
  Path,
  PlaneGeometry,
  ShaderMaterial,
  Shape,
  ShapeGeometry,
  Vector2,
} from 'three'
import type { Relief } from '../api/types'
import { extentOf, filmMesh } from './film'
import { geometryOf } from './geometry'
import { LAMP } from './Light'
import { BAR_MM } from './turning'

/** The block of water that is shown is so deep, mm, and so much deeper than what hangs in it. */
const DEEP_MM = 9
const UNDER_MM = 2.5

/** Refractive index of water at 20 °C and 589 nm: 1.3330 (IAPWS R9-97). */
const WATER_INDEX = 1.333

/**
 * The film as it was solved: its mirror by Fresnel's equations for unpolarised light, from above and
 * from below, where beyond the critical angle (Snell's window) it mirrors everything. Rays are not
 * bent: what lies under it is drawn where it is.
 */
const film = () =>
  new ShaderMaterial({
    transparent: true,
    depthWrite: false,
    side: DoubleSide,
    uniforms: {
      lamp: { value: LAMP },
      sky: { value: new Color('#f2f7f8') },
      zenith: { value: new Color('#6f9db3') },
      deep: { value: new Color('#1d5560') },
      index: { value: WATER_INDEX },
    },
    vertexShader: `
      varying vec3 up;
      varying vec3 place;
      void main() {
        up = normalize(mat3(modelMatrix) * normal);
        vec4 world = modelMatrix * vec4(position, 1.0);
        place = world.xyz;
        gl_Position = projectionMatrix * viewMatrix * world;
      }`,
    fragmentShader: `
      uniform vec3 lamp, sky, zenith, deep;
      uniform float index;
      varying vec3 up;
      varying vec3 place;
      float fresnel(float cosIn, float n) {
        float sin2 = (1.0 - cosIn * cosIn) / (n * n);
        if (sin2 >= 1.0) return 1.0;
        float cosOut = sqrt(1.0 - sin2);
        float s = (cosIn - n * cosOut) / (cosIn + n * cosOut);
        float p = (n * cosIn - cosOut) / (n * cosIn + cosOut);
        return 0.5 * (s * s + p * p);
      }
      void main() {
        vec3 toEye = normalize(cameraPosition - place);
        vec3 n = normalize(up);
        bool above = dot(toEye, n) > 0.0;
        float cosIn = abs(dot(toEye, n));
        float mirror = fresnel(cosIn, above ? index : 1.0 / index);
        vec3 way = reflect(-toEye, n);
        float toLamp = max(0.0, dot(way, lamp));
        float glint = above ? 0.5 * pow(toLamp, 24.0) + 2.0 * pow(toLamp, 500.0) : 0.0;
        vec3 overhead = mix(sky, zenith, clamp(2.2 * abs(way.y), 0.0, 1.0));
        vec3 seen = above ? overhead : mix(deep, 1.8 * deep, clamp(1.0 + way.y, 0.0, 1.0));
        vec3 through = above ? deep : sky;
        float tilt = length(n.xz);
        float shade = (above ? 0.75 : 0.5) * (1.0 - exp(-5.0 * tilt));
        float turned = dot(n, lamp) - lamp.y;
        float opacity = clamp(max(shade, mix(above ? 0.06 : 0.05, 0.97, mirror)) + glint, 0.0, 1.0);
        vec3 colour = mix(through, seen, clamp((mirror + 0.04) / max(opacity, 0.05), 0.0, 1.0));
        gl_FragColor = vec4(colour + glint + (above ? 2.2 * turned : 0.0), opacity);
        #include <colorspace_fragment>
      }`,
  })

/** A block of water under the film that was solved, with a bar of five millimetres along its edge. */
export function Water({
  relief,
  lowestMm,
}: {
  relief: Relief | undefined
  /** How far up its lowest point is, mm: under the film it is less than nothing. */
  lowestMm: number
}) {
  const invalidate = useThree((state) => state.invalidate)
  const made = useMemo(() => {
    const e = extentOf(relief)
    const deep = Math.max(DEEP_MM, UNDER_MM - lowestMm)
    const wide = e.right - e.left
    const long = e.far - e.near
    const level = { cellMm: 1, fromXMm: e.left, fromYMm: e.near, columns: Math.ceil(wide) + 1 }
    const flat = {
      ...level,
      heightUm: Array<number>(level.columns * (Math.ceil(long) + 1)).fill(0),
    }
    return {
      e,
      deep,
      surface: geometryOf(filmMesh(relief ?? flat)),
      body: new BoxGeometry(wide, long, deep),
      floor: new PlaneGeometry(wide, long),
      skirt: skirt(e),
      heaven: new MeshBasicMaterial({ color: '#eef5f6', side: BackSide }),
      film: film(),
      water: new MeshBasicMaterial({
        color: '#5f9aa3',
        transparent: true,
        opacity: 0.13,
        depthWrite: false,
        side: DoubleSide,
      }),
      sand: new MeshStandardMaterial({ color: '#d3ddd8', roughness: 1 }),
    }
  }, [relief, lowestMm])
  useEffect(() => {
    invalidate()
    return () =>
      [
        made.surface,
        made.body,
        made.floor,
        made.skirt,
        made.film,
        made.water,
        made.sand,
        made.heaven,
      ].forEach((m) => m.dispose())
  }, [made, invalidate])
  const { e, deep } = made
  const x = (e.left + e.right) / 2
  const y = (e.near + e.far) / 2
  return (
    <group name="water">
      <group name="block">
        <mesh
          name="floor"
          geometry={made.floor}
          material={made.sand}
          position={[x, y, -deep]}
          receiveShadow
        />
        <mesh
          name="water-body"
          geometry={made.body}
          material={made.water}
          position={[x, y, -deep / 2 - 0.02]}
          renderOrder={1}
        />
        <Bar at={[e.right - BAR_MM - 1, e.near + 0.8, 0.06]} />
      </group>
      <mesh name="film" geometry={made.surface} material={made.film} renderOrder={2} />
      <group name="all-round" visible={false}>
        <mesh geometry={made.skirt} material={made.film} renderOrder={2} />
        <mesh rotation={[Math.PI / 2, 0, 0]} material={made.heaven}>
          <sphereGeometry args={[SKY_MM, 24, 8, 0, 2 * Math.PI, 0, Math.PI / 2]} />
        </mesh>
      </group>
    </group>
  )
}

/** How far off the sky is that one sees from under water, mm. */
const SKY_MM = 180

/** The level film round the one that was solved, for an eye that is in the water with it. */
function skirt({ left, right, near, far }: ReturnType<typeof extentOf>) {
  const all = new Shape([
    new Vector2(-SKY_MM, -SKY_MM),
    new Vector2(SKY_MM, -SKY_MM),
    new Vector2(SKY_MM, SKY_MM),
    new Vector2(-SKY_MM, SKY_MM),
  ])
  all.holes.push(
    new Path([
      new Vector2(left, near),
      new Vector2(left, far),
      new Vector2(right, far),
      new Vector2(right, near),
    ]),
  )
  return new ShapeGeometry(all)
}

/** A bar of five millimetres, its millimetres in turn dark and pale; it lies beside the fly. */
export function Bar({ at }: { at: [number, number, number] }) {
  return (
    <group name={`bar of ${BAR_MM} mm`} position={at}>
      {Array.from({ length: BAR_MM }, (_, i) => (
        <mesh key={i} position={[i + 0.5, 0.25, 0]}>
          <boxGeometry args={[1, 0.5, 0.12]} />
          <meshStandardMaterial color={i % 2 === 0 ? '#22303a' : '#f4efe4'} roughness={0.8} />
        </mesh>
      ))}
    </group>
  )
}
