import type { Colour, Part, PatternDocument } from '../api/types'
import { nameOfPart, withParts } from './document'

export type Colouring = NonNullable<PatternDocument['pattern']['colourings']>[number]

/** Most colourings of one pattern, and the longest name of one. */
export const MOST_COLOURINGS = 12
export const LONGEST_NAME = 60

/** The colours that a pattern's parts have now. */
export function coloursOf(document: PatternDocument): Colouring['parts'] {
  const parts = document.pattern.parts as Part[]
  return parts.flatMap(({ colour }, i) =>
    colour ? [{ part: nameOfPart(parts, i) as Colouring['parts'][number]['part'], colour }] : [],
  )
}

/** The pattern in other colours; parts that a colouring does not name stay as they are. */
export function inColours(
  document: PatternDocument,
  { parts: colours }: Colouring,
): PatternDocument {
  const parts = document.pattern.parts as Part[]
  return withParts(
    document,
    parts.map((part, i) => {
      const said = colours.find((c) => c.part === nameOfPart(parts, i))
      return said ? { ...part, colour: said.colour } : part
    }),
  )
}

/** Whether a pattern has the colours of a colouring now. */
export function isIn(document: PatternDocument, colouring: Colouring): boolean {
  const now = coloursOf(document)
  return colouring.parts.every(
    (c) => key(c.colour) === key(now.find((n) => n.part === c.part)?.colour),
  )
}

const key = ({ name = '', marking = 'plain', second = '' }: Colour = {}) =>
  JSON.stringify([name, marking, second])

/** The pattern with its present colours kept under a name, in the place of one of that name. */
export function keptAs(document: PatternDocument, name: string): PatternDocument {
  const kept = { name, parts: coloursOf(document) }
  const before = document.pattern.colourings ?? []
  return withColourings(
    document,
    before.some((c) => c.name === name)
      ? before.map((c) => (c.name === name ? kept : c))
      : [...before, kept],
  )
}

export function without(document: PatternDocument, name: string): PatternDocument {
  return withColourings(
    document,
    (document.pattern.colourings ?? []).filter((c) => c.name !== name),
  )
}

function withColourings(document: PatternDocument, all: Colouring[]): PatternDocument {
  const pattern = { ...document.pattern, colourings: all }
  if (all.length === 0) delete (pattern as PatternDocument['pattern']).colourings
  return { ...document, pattern }
}
