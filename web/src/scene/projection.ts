import type { Outline } from '../api/types'

/** A point of the drawing, px. */
export type Point = { x: number; y: number }

/** From where the fly is looked at: the viewer of the side view has its near side before them. */
export type Camera = 'side' | 'head-on' | 'above' | 'below'

/** Where the drawing lies: px per mm, and where the world's origin falls. */
export type View = { scale: number; originX: number; originY: number; camera?: Camera }

/** A world point [x, y, z] in mm as right, up and toward the viewer, mm. */
export function turned(camera: Camera, point: readonly number[]): [number, number, number] {
  const [x = 0, y = 0, z = 0] = point
  switch (camera) {
    case 'side':
      return [x, z, -y]
    case 'head-on':
      return [-y, z, -x]
    case 'above':
      return [x, y, z]
    case 'below':
      return [x, -y, -z]
  }
}

/** A world point on the drawing. */
export function project(view: View, point: readonly number[]): Point {
  const [right, up] = turned(view.camera ?? 'side', point)
  return { x: view.originX + view.scale * right, y: view.originY - view.scale * up }
}

/** How far a world point is on the viewer's side of the fly's middle, mm. */
export const nearness = (view: View, point: readonly number[]) =>
  turned(view.camera ?? 'side', point)[2]

/** Whether the film is seen edge on, as a line. */
export const seesLine = (camera: Camera) => camera === 'side' || camera === 'head-on'

/** Extent of a fly as a camera has it, mm. */
export function extent(outline: Outline, camera: Camera = 'side') {
  const points = [
    ...outline.eye,
    ...outline.wire,
    ...outline.members.flatMap((m) => m.axis),
    ...outline.fibres.flatMap((f) => f.line),
  ].map((p) => turned(camera, p))
  const rights = points.map((p) => p[0])
  const ups = points.map((p) => p[1])
  const room = seesLine(camera) ? 2 : 0
  return {
    left: Math.min(...rights),
    right: Math.max(...rights),
    bottom: Math.min(...ups, -room),
    top: Math.max(...ups, room),
  }
}

/** The largest whole view that shows the fly inside the margins, the fly in the middle. */
export function fit(
  outline: Outline,
  width: number,
  height: number,
  margin: { side: number; top: number; bottom: number },
  camera: Camera = 'side',
): View {
  const e = extent(outline, camera)
  const scale = Math.max(
    1,
    Math.min(
      (width - 2 * margin.side) / (e.right - e.left),
      (height - margin.top - margin.bottom) / (e.top - e.bottom),
      48,
    ),
  )
  return {
    camera,
    scale,
    originX: width / 2 - (scale * (e.left + e.right)) / 2,
    originY:
      margin.top +
      (height - margin.top - margin.bottom - scale * (e.top - e.bottom)) / 2 +
      scale * e.top,
  }
}

/** What a hand has done to a view: how many times larger, and how far aside, px. */
export type Hand = { zoom: number; x: number; y: number }

export const UNTOUCHED: Hand = { zoom: 1, x: 0, y: 0 }
const LEAST_ZOOM = 0.4
const MOST_ZOOM = 16

/** A view as a hand has moved it, about the middle of the drawing. */
export function handled(view: View, hand: Hand, width: number, height: number): View {
  const about = (origin: number, middle: number, aside: number) =>
    middle + (origin - middle) * hand.zoom + aside
  return {
    ...view,
    scale: view.scale * hand.zoom,
    originX: about(view.originX, width / 2, hand.x),
    originY: about(view.originY, height / 2, hand.y),
  }
}

/** Zooms so that what lies under a point stays there; the point is told from the middle, px. */
export function zoomed(hand: Hand, by: number, at: Point = { x: 0, y: 0 }): Hand {
  const zoom = Math.min(MOST_ZOOM, Math.max(LEAST_ZOOM, hand.zoom * by))
  const k = zoom / hand.zoom
  return { zoom, x: at.x - (at.x - hand.x) * k, y: at.y - (at.y - hand.y) * k }
}

/** Where the bend begins: one shank along the wire. */
export function bend({ wire }: Outline, shankMm: number): readonly number[] {
  let walked = 0
  for (let i = 1; i < wire.length; i++) {
    const a = wire[i - 1] ?? []
    const b = wire[i] ?? []
    walked += Math.hypot(...a.map((v, k) => v - (b[k] ?? 0)))
    if (walked >= shankMm - 0.01) return b
  }
  return wire[wire.length - 1] ?? [0, 0, 0]
}
