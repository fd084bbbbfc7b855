import type { Length, Part, PartKind, PatternDocument } from '../api/types'

/** The first part of a kind, if the pattern has one. */
export function partOf(document: PatternDocument, kind: string): Part | undefined {
  return document.pattern.parts.find((p) => p.part === kind) as Part | undefined
}

/** The document with other parts, in tying order. */
export function withParts(document: PatternDocument, parts: Part[]): PatternDocument {
  return { ...document, pattern: { ...document.pattern, parts } as PatternDocument['pattern'] }
}

/** What is undefined is not said at all. */
const said = <T extends object>(part: T): T =>
  Object.fromEntries(Object.entries(part).filter(([, v]) => v !== undefined)) as T

/** The document with fields of one part changed; undefined leaves it to the style. */
export function withPart(
  document: PatternDocument,
  index: number,
  change: Partial<Part>,
): PatternDocument {
  const parts = document.pattern.parts.map((p, i) => (i === index ? said({ ...p, ...change }) : p))
  return withParts(document, parts as Part[])
}

/** The document with other words to it; empty ones are left out. */
export function withWords(
  document: PatternDocument,
  words: { notes: string; for: string; asked: string },
): PatternDocument {
  const said = Object.fromEntries(
    Object.entries(words).map(([field, text]) => [field, text.trim() || undefined]),
  )
  return { ...document, pattern: { ...document.pattern, ...said } }
}

type Prepared = NonNullable<PatternDocument['pattern']['preparation']>[number]

/** The document with a part prepared for the water otherwise than its style has it, or not. */
export function withPreparation(
  document: PatternDocument,
  part: string,
  how: Prepared['how'] | undefined,
): PatternDocument {
  const { preparation: all = [], ...pattern } = document.pattern
  const others = all.filter((p) => p.part !== part)
  const preparation = how ? [...others, { part, how }] : others
  return {
    ...document,
    pattern: preparation.length === 0 ? pattern : { ...pattern, preparation },
  }
}

/** The parts with one of them a step nearer the start of the tying order, or the end. */
export function moved(parts: Part[], index: number, by: -1 | 1): Part[] {
  const next = [...parts]
  const [part] = next.splice(index, 1)
  if (part) next.splice(index + by, 0, part)
  return next
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

/** Whether a length ends at a place, whatever the hook. */
export function isReach(length: Length): length is Extract<Length, { reach: string }> {
  return 'reach' in length
}

/** As the core calls it: the kind, and from the second of a kind on its number. */
export function nameOfPart(parts: readonly { part: string }[], index: number): string {
  const kind = parts[index]?.part ?? ''
  const before = parts.slice(0, index).filter((p) => p.part === kind).length
  return before === 0 ? kind : `${kind}-${before + 1}`
}

/** Before the first part that most tie after it. */
export function inserted(parts: Part[], part: Part, kinds: PartKind[]): Part[] {
  const place = (p: Part) => kinds.findIndex((k) => k.id === p.part)
  const at = parts.findIndex((p) => place(p) > place(part))
  return at < 0 ? [...parts, part] : [...parts.slice(0, at), part, ...parts.slice(at)]
}
