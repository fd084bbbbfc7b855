import type {
  Estimate,
  Handle,
  Part,
  PatternDocument,
  PlaceAt,
  Snap,
  StretchAt,
} from '../api/types'
import { withPart } from './document'

/** Whether a handle moves a place on the shank, and not a length or a number. */
export const isPlace = (handle: Handle) => handle.place.length > 0

/** The place that a handle is at, as a document holds it. */
function placeOf(handle: Handle): PlaceAt {
  const at = handle.place[0]
  return at ? { landmark: at.reach, offset: at.offset, unit: unitOf(at.unit) } : { landmark: 'eye' }
}

const unitOf = (unit: string) => (unit === 'eye' || unit === 'share' ? unit : 'mm')

/** The same place, moved so that it lies at other millimetres, or at what it snapped to. */
function movedPlace(handle: Handle, mm: number, snap: Snap | undefined): PlaceAt {
  if (snap) {
    const { reach: landmark, offset, unit } = snap.length
    return offset === 0 ? { landmark } : { landmark, offset, unit: unitOf(unit) }
  }
  const at = placeOf(handle)
  const offset = (at.offset ?? 0) + (mm - handle.mm) / handle.mmPerUnit
  return { ...at, offset: Number(offset.toFixed(at.unit === 'share' ? 3 : 2)) }
}

/** Where a part is wound at present, also where its style says so. */
export function stretchesOf(part: Part | undefined, handles: Handle[]): StretchAt[] {
  const from = handles.filter((h) => h.field.startsWith('from-'))
  return from.map((h, n) => {
    const to = handles.find((other) => other.field === h.field.replace('from', 'to'))
    const wires = part?.stretches?.[n]?.wires
    return {
      from: placeOf(h),
      to: to ? placeOf(to) : placeOf(h),
      ...(wires !== undefined && { wires }),
    }
  })
}

/** The document with a place of a part at other millimetres; all its stretches are then its own. */
export function withPlace(
  document: PatternDocument,
  handles: Handle[],
  handle: Handle,
  mm: number,
  snap: Snap | undefined,
): PatternDocument {
  const to = movedPlace(handle, mm, snap)
  if (handle.field === 'seat') return withPart(document, handle.index, { seat: to })
  const part = document.pattern.parts[handle.index] as Part | undefined
  const own = stretchesOf(
    part,
    handles.filter((h) => h.part === handle.part && isPlace(h)),
  )
  const [end, n] = handle.field.split('-')
  const stretches = own.map((s, i) => (i === Number(n) - 1 ? { ...s, [end ?? 'from']: to } : s))
  return withPart(document, handle.index, { stretches })
}

/** Places that a part can be said by: none that lean on itself. */
export const placesFor = (estimate: Estimate, part: string) =>
  estimate.places.filter((p) => !p.length.reach.startsWith(`${part}.`))
