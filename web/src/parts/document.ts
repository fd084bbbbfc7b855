import type { Length, Part, PatternDocument } from '../api/types'

/** The part of a kind, if the pattern has one. */
export function partOf(document: PatternDocument, kind: string): Part | undefined {
  return document.pattern.parts.find((p) => p.part === kind) as Part | undefined
}

/** The document with fields of one part changed. */
export function withPart(
  document: PatternDocument,
  kind: string,
  change: Partial<Part>,
): PatternDocument {
  const parts = document.pattern.parts.map((p) => (p.part === kind ? { ...p, ...change } : p))
  return { ...document, pattern: { ...document.pattern, parts } as PatternDocument['pattern'] }
}

/** The document with fields of its hook changed. */
export function withHook(
  document: PatternDocument,
  change: Partial<PatternDocument['pattern']['hook']>,
): PatternDocument {
  const hook = { ...document.pattern.hook, ...change }
  return { ...document, pattern: { ...document.pattern, hook } }
}

/** The document with its conditions changed. */
export function withConditions(
  document: PatternDocument,
  change: Partial<NonNullable<PatternDocument['conditions']>>,
): PatternDocument {
  if (!document.conditions) return document
  return { ...document, conditions: { ...document.conditions, ...change } }
}

/** Whether a length follows the hook. */
export function isRule(length: Length): length is Extract<Length, { rule: string }> {
  return 'rule' in length
}

/** A number kept inside bounds and to a step, free of binary fractions. */
export function stepped(value: number, step: number, low: number, high: number): number {
  const decimals = (String(step).split('.')[1] ?? '').length
  return Number(Math.min(high, Math.max(low, value)).toFixed(decimals))
}
