import type { Handle } from '../api/types'
import { type Point, type View, project } from './projection'

/** Where a dragged value has come to: in the handle's unit, and the rule it has snapped to. */
export type Dragged = { value: number; snap?: Handle['snaps'][number] }

/** A hand this near to a rule's place is drawn to it, px. */
const SNAP_PX = 5

/** Ends of a handle on the drawing; nothing where this view has it end on or not at all. */
export function ends(view: View, handle: Handle): { root: Point; tip: Point } | undefined {
  const [from, to] = handle.reach
  if (!from || !to) return undefined
  const root = project(view, from)
  const tip = project(view, to)
  return Math.hypot(tip.x - root.x, tip.y - root.y) < 12 ? undefined : { root, tip }
}

/**
 * What a length becomes when its tip is pulled to a point: as much longer as the point lies farther
 * along from the root. It snaps softly to the places that rules name, unless it is to be free.
 */
export function pulled(
  handle: Handle,
  at: { root: Point; tip: Point },
  to: Point,
  free = false,
): Dragged {
  const dx = at.tip.x - at.root.x
  const dy = at.tip.y - at.root.y
  const square = dx * dx + dy * dy
  const share = ((to.x - at.root.x) * dx + (to.y - at.root.y) * dy) / square
  const pxPerMm = free ? Infinity : Math.sqrt(square) / handle.mm
  return landed(handle, share * handle.mm, pxPerMm)
}

/** The nearest thing that can be had to a length: a size of hook, a rule's place, or its own. */
export function landed(handle: Handle, mm: number, pxPerMm: number): Dragged {
  const nearest = handle.snaps.reduce<Handle['snaps'][number] | undefined>(
    (best, s) => (!best || Math.abs(s.mm - mm) < Math.abs(best.mm - mm) ? s : best),
    undefined,
  )
  if (handle.field === 'size') {
    return nearest ? { value: Number(nearest.name), snap: nearest } : { value: handle.value }
  }
  const value = bounded(handle, mm)
  const near = nearest && Math.abs(nearest.mm - mm) <= SNAP_PX / pxPerMm
  return near ? { value: nearest.mm, snap: nearest } : { value }
}

/** A value by so many steps or leaps away, as keys move it. */
export function nudged(handle: Handle, by: number, leap: boolean): Dragged {
  const step = leap ? handle.leap : handle.step
  if (handle.field === 'size') {
    const value = bounded(handle, handle.value - by * step)
    return { value, snap: handle.snaps.find((s) => Number(s.name) === value) }
  }
  return { value: bounded(handle, handle.value + by * step) }
}

function bounded(handle: Handle, value: number): number {
  const kept = Math.min(handle.high, Math.max(handle.low, value))
  return Math.round(kept * 100) / 100
}
