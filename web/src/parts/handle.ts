import type { Handle, Length, Part, PatternDocument, Snap } from '../api/types'
import { isRule, withHook, withPart } from './document'

/** A length as the core names it, as a document holds it. */
export function lengthOf({ rule, factor, mm }: Snap['length']): Length {
  return rule === ''
    ? { value: mm, unit: 'mm' }
    : { rule: rule as Extract<Length, { rule: string }>['rule'], factor }
}

/** The document with what a handle moves at another value, or at a rule that it snapped to. */
export function movedTo(
  document: PatternDocument,
  handle: Handle,
  value: number,
  snap?: Snap,
): PatternDocument {
  if (handle.field === 'size') return withHook(document, { size: value, measured: undefined })
  if (handle.unit !== 'mm') return withPart(document, handle.index, { [handle.field]: value })
  const now = document.pattern.parts[handle.index] as Part | undefined
  const length = now?.[handle.field] as Length | undefined
  const next = snap
    ? lengthOf(snap.length)
    : length && isRule(length)
      ? { ...length, factor: Number(((value * length.factor) / handle.mm).toFixed(3)) }
      : { value: Number(value.toFixed(1)), unit: 'mm' as const }
  return withPart(document, handle.index, { [handle.field]: next })
}
