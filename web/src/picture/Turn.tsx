import { Canvas, useFrame, useThree } from '@react-three/fiber'
import { useCallback, useEffect, useRef } from 'react'
import { type PerspectiveCamera, Spherical, Vector3 } from 'three'
import { OrbitControls } from 'three/addons/controls/OrbitControls.js'
import type { Outline, Relief } from '../api/types'
import type { Direction } from './inWords'
import { Light } from './Light'
import { Model } from './Model'
import { type Where, drawn, shot } from './pass'
import { turning } from './turning'
import { Vise } from './Vise'
import { Water } from './Water'

/** How the eye moves, by hand. */
export type Move = 'left' | 'right' | 'up' | 'down' | 'nearer' | 'farther' | 'home' | Preset
export type Preset = 'side' | 'head-on' | 'above' | 'below'

const VIEW_DEG = 26
const TURN = Math.PI / 12
const STEP = 1.2
const HOME: Direction = { round: -32, over: 16 }
const PRESETS: Record<Preset, Direction> = {
  side: { round: 0, over: 2 },
  'head-on': { round: -88, over: 4 },
  above: { round: 0, over: 86 },
  below: { round: -20, over: -48 },
}

type Props = {
  fly: Outline
  film: Relief | undefined
  inVise: Outline
  materials: Record<string, string>
  where: Where
  /** How much of the picture the vise has where it is wiped across, 0 to 1. */
  wipe: number
  /** Told where the eye is, once it has moved. */
  onLook: (direction: Direction) => void
  /** Told once there is something to see. */
  onDrawn: () => void
  /** Given what moves the eye. */
  onHand: (go: (move: Move) => void) => void
}

/** The fly in three dimensions, lit by one lamp; drawn anew only when something has changed. */
export function Turn(props: Props) {
  const { fly, film, inVise, materials, where, wipe, onLook, onDrawn, onHand } = props
  return (
    <Canvas
      frameloop="demand"
      shadows="percentage"
      flat
      dpr={[1, 2]}
      camera={{ fov: VIEW_DEG, near: 1, far: 400, position: [-20, 12, 34] }}
      gl={{ antialias: true, alpha: true, localClippingEnabled: true }}
    >
      <Light />
      <group rotation={[-Math.PI / 2, 0, 0]} name="fly-in-mm">
        <group name="on-the-water" visible={where !== 'vise'}>
          <Model outline={fly} materials={materials} name="fly" mirrored />
          <Water relief={film} lowestMm={lowest(fly)} />
        </group>
        <Vise outline={inVise} visible={where !== 'water'}>
          <Model outline={inVise} materials={materials} name="fly" />
        </Vise>
      </group>
      <Eye fly={fly} onLook={onLook} onHand={onHand} />
      <Pass fly={fly} inVise={inVise} where={where} wipe={wipe} onDrawn={onDrawn} />
    </Canvas>
  )
}

/** The eye, on a sphere round the fly; hand, buttons and keys all move it. */
function Eye({ fly, onLook, onHand }: Pick<Props, 'fly' | 'onLook' | 'onHand'>) {
  const { camera, gl, invalidate } = useThree()
  const told = useRef(onLook)
  const flyNow = useRef(fly)
  const controls = useRef<OrbitControls>(undefined)
  useEffect(() => {
    told.current = onLook
    flyNow.current = fly
  }, [onLook, fly])
  useEffect(() => {
    const orbit = new OrbitControls(camera, gl.domElement)
    controls.current = orbit
    orbit.enableDamping = false
    orbit.minDistance = 6
    orbit.maxDistance = 160
    const changed = () => {
      told.current(direction(camera.position, orbit.target))
      invalidate()
    }
    orbit.addEventListener('change', changed)
    return () => {
      orbit.removeEventListener('change', changed)
      orbit.dispose()
    }
  }, [camera, gl, invalidate])
  const first = useRef(true)
  useEffect(() => {
    const orbit = controls.current
    if (!orbit) return
    const look = ({ round, over }: Direction, distance: number) => {
      const by = new Spherical(distance, Math.PI / 2 - rad(over), rad(round))
      camera.position.copy(orbit.target).add(new Vector3().setFromSpherical(by))
      orbit.update()
    }
    const go = (move: Move) => {
      const now = direction(camera.position, orbit.target)
      const distance = camera.position.distanceTo(orbit.target)
      const turned = (round: number, over: number) =>
        look(
          { round: now.round + round, over: Math.max(-88, Math.min(88, now.over + over)) },
          distance,
        )
      const degrees = (TURN * 180) / Math.PI
      if (move === 'left') turned(-degrees, 0)
      else if (move === 'right') turned(degrees, 0)
      else if (move === 'up') turned(0, degrees)
      else if (move === 'down') turned(0, -degrees)
      else if (move === 'nearer') look(now, Math.max(orbit.minDistance, distance / STEP))
      else if (move === 'farther') look(now, Math.min(orbit.maxDistance, distance * STEP))
      else {
        const { middle, far } = framed(flyNow.current, (camera as PerspectiveCamera).aspect)
        orbit.target.copy(middle)
        look(move === 'home' ? HOME : PRESETS[move], far)
      }
    }
    onHand(go)
    if (first.current) go('home')
    first.current = false
  }, [camera, onHand])
  return null
}

/** Draws what is to be seen whenever it has changed, and gives pictures of it. */
function Pass({ fly, inVise, where, wipe, onDrawn }: Passed) {
  const { gl, scene, camera, invalidate } = useThree()
  const stale = useRef(true)
  useEffect(() => {
    stale.current = true // lamp and fly stand still while the eye moves: so do their shadows
  }, [fly, inVise, where])
  const draw = useCallback(
    (width: number, height: number) => {
      drawn(
        gl,
        scene,
        camera as PerspectiveCamera,
        { where, wipe },
        { width, height },
        stale.current,
      )
      stale.current = false
    },
    [gl, scene, camera, where, wipe],
  )
  const first = useRef(true)
  useFrame(({ size }) => {
    draw(size.width, size.height)
    if (first.current) onDrawn()
    first.current = false
  }, 1)
  useEffect(() => {
    invalidate()
    turning.current = {
      shot: (width, height, ratio) =>
        shot(gl, camera as PerspectiveCamera, draw, { width, height }, ratio),
    }
    return () => {
      turning.current = undefined
    }
  }, [gl, camera, draw, invalidate])
  return null
}

type Passed = Pick<Props, 'fly' | 'inVise' | 'where' | 'wipe' | 'onDrawn'>

/** How far up the lowest point of a fly is, to whole millimetres. */
const lowest = (fly: Outline) =>
  Math.floor(Math.min(...[...fly.wire, ...fly.fibres.flatMap((f) => f.line)].map((p) => p[2] ?? 0)))

/** The middle of a fly, in the scene's own directions (y up), and from how far all of it is seen. */
function framed(fly: Outline, aspect: number) {
  const points = [
    ...fly.wire,
    ...fly.fibres.flatMap((f) => f.line),
    ...fly.members.flatMap((m) => m.axis),
  ]
  const span = (k: number) => {
    const values = points.map((p) => p[k] ?? 0)
    return { low: Math.min(...values), high: Math.max(...values) }
  }
  const x = span(0)
  const z = span(2)
  const high = Math.max((x.high - x.low) / aspect, z.high - z.low, 6.5)
  return {
    middle: new Vector3((x.low + x.high) / 2, (z.low + z.high) / 2, 0),
    far: (0.78 * high) / Math.tan(rad(VIEW_DEG) / 2),
  }
}

function direction(eye: Vector3, target: Vector3): Direction {
  const by = new Spherical().setFromVector3(eye.clone().sub(target))
  return { round: deg(by.theta), over: 90 - deg(by.phi) }
}

const rad = (d: number) => (d * Math.PI) / 180
const deg = (r: number) => Math.round((r * 180) / Math.PI)
