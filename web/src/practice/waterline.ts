import type { Outline } from '../api/types'

/** Where the water lies in the frame of a level fly: its angle, tail down, and its depth under the eye. */
export type Water = { pitchDeg: number; eyeMm: number }

/** A point of the middle plane: x toward the bend and z up, mm. */
export type At = { x: number; z: number }

const RAD = Math.PI / 180

/** The point of the water that is nearest to the eye, and the direction of the water to the rear. */
function line({ pitchDeg, eyeMm }: Water, eye: At): { foot: At; along: At } {
  const sin = Math.sin(pitchDeg * RAD)
  const cos = Math.cos(pitchDeg * RAD)
  return {
    foot: { x: eye.x + eyeMm * sin, z: eye.z - eyeMm * cos },
    along: { x: cos, z: sin },
  }
}

/** Places on the waterline, so far along it from where it is nearest to the eye. */
export function on(water: Water, eye: At, mm: number): At {
  const { foot, along } = line(water, eye)
  return { x: foot.x + mm * along.x, z: foot.z + mm * along.z }
}

/** The water through two places, the first nearer the head. */
export function through(front: At, rear: At, eye: At): Water {
  const pitch = Math.atan2(rear.z - front.z, rear.x - front.x)
  const eyeMm = (eye.z - front.z) * Math.cos(pitch) - (eye.x - front.x) * Math.sin(pitch)
  return { pitchDeg: pitch / RAD, eyeMm }
}

/** Where the rear edge of the eye is. */
export const eyeOf = ({ wire }: Outline): At => ({ x: wire[0]?.[0] ?? 0, z: wire[0]?.[2] ?? 0 })

/** How far from the place nearest to the eye a hand takes hold of the water, mm, where there is room. */
const FRONT_MM = 5
const REAR_MM = 13

/** From the eye to the edges of the drawing, mm. */
export type Room = { left: number; right: number; up: number; down: number }

/** Where hands take hold of it: before the head and behind the bend, but always on the drawing. */
export function held({ pitchDeg }: Water, room: Room): { front: number; rear: number } {
  const sin = Math.sin(pitchDeg * RAD)
  const cos = Math.cos(pitchDeg * RAD)
  const within = (mm: number, aside: number, rises: number) =>
    Math.max(
      1,
      Math.min(
        mm,
        aside / Math.max(0.01, cos),
        (rises > 0 ? room.up : room.down) / Math.max(0.01, Math.abs(rises)),
      ),
    )
  return {
    front: -within(FRONT_MM, room.left, -sin),
    rear: within(REAR_MM, room.right, sin),
  }
}
