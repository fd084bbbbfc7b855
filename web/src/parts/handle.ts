import type { Handle, Length, Part, PatternDocument, Snap } from '../api/types'
import { isReach, isRule, withHook, withPart } from './document'
import { isPlace, withPlace } from './place'

/** A length as the core names it, as a document holds it. */
export function lengthOf({ rule, factor, reach, offset, unit, mm }: Snap['length']): Length {
  if (rule !== '') return { rule: rule as Extract<Length, { rule: string }>['rule'], factor }
  if (reach === '') return { value: mm, unit: 'mm' }
  return { reach, offset, unit: unit as Extract<Length, { reach: string }>['unit'] }
}

const further = (offset: number, by: number) => Number((offset + by).toFixed(1))

/** The document with what a handle moves at another value, or at a rule that it snapped to. */
export function movedTo(
  document: PatternDocument,
  handle: Handle,
  value: number,
  snap?: Snap,
  /** All of the fly: a place moves with those of its part. */
  handles: Handle[] = [],
): PatternDocument {
  if (isPlace(handle)) return withPlace(document, handles, handle, value, snap)
  if (handle.field === 'size') return withHook(document, { size: value, measured: undefined })
  if (handle.unit !== 'mm') return withPart(document, handle.index, { [handle.field]: value })
  const now = document.pattern.parts[handle.index] as Part | undefined
  const length = now?.[handle.field] as Length | undefined
  const next = snap
    ? lengthOf(snap.length)
    : length && isRule(length)
      ? { ...length, factor: Number(((value * length.factor) / handle.mm).toFixed(3)) }
      : length && isReach(length) && (length.unit ?? 'mm') === 'mm'
        ? { ...length, offset: further(length.offset ?? 0, value - handle.mm), unit: 'mm' as const }
        : { value: Number(value.toFixed(1)), unit: 'mm' as const }
  return withPart(document, handle.index, { [handle.field]: next })
}
