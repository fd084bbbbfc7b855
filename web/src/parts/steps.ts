import type { Card, OwnStep, PatternDocument } from '../api/types'

type Step = Card['steps'][number]

/** How a step begins that no part asks for. */
const OWN = 'own:'

export const stepsOf = (document: PatternDocument): OwnStep[] => document.pattern.steps ?? []

export function withSteps(document: PatternDocument, steps: OwnStep[]): PatternDocument {
  const pattern = { ...document.pattern, steps }
  if (steps.length === 0) delete (pattern as Partial<typeof pattern>).steps
  return { ...document, pattern }
}

/** The tier's steps once one was put where another stands: then the whole order is theirs. */
export function reordered(
  document: PatternDocument,
  card: Step[],
  from: number,
  to: number,
): PatternDocument {
  const keys = card.map((s) => s.key)
  const [key] = keys.splice(from, 1)
  if (key !== undefined) keys.splice(to, 0, key)
  return withSteps(
    document,
    keys.map((k) => said(document, k)),
  )
}

/** With other words or another note for a step; where it stands is left as it is. */
export function reworded(
  document: PatternDocument,
  card: Step[],
  key: string,
  words: string,
  note: string,
): PatternDocument {
  const listed = new Set(stepsOf(document).map((s) => s.do))
  if (words || note) listed.add(key)
  return withSteps(
    document,
    card
      .filter((s) => listed.has(s.key))
      .map((s) => (s.key === key ? step(key, words, note) : said(document, s.key))),
  )
}

/** With a step of the tier's own behind another. */
export function added(
  document: PatternDocument,
  card: Step[],
  behind: number,
  words: string,
): PatternDocument {
  const listed = new Set(stepsOf(document).map((s) => s.do))
  const before = card[behind]?.key
  const numbers = stepsOf(document).map((s) =>
    s.do.startsWith(OWN) ? Number(s.do.slice(OWN.length)) : 0,
  )
  const own = step(`${OWN}${Math.max(0, ...numbers) + 1}`, words, '')
  return withSteps(
    document,
    card
      .filter((s) => listed.has(s.key) || s.key === before)
      .flatMap((s) => (s.key === before ? [said(document, s.key), own] : [said(document, s.key)])),
  )
}

/** Without a step of the tier's own. */
export function without(document: PatternDocument, key: string): PatternDocument {
  return withSteps(
    document,
    stepsOf(document).filter((s) => s.do !== key),
  )
}

/** In the order that is worked out, with the tier's words and own steps kept. */
export function workedOut(document: PatternDocument, derived: Step[]): PatternDocument {
  const mine = stepsOf(document)
  const kept: OwnStep[] = []
  for (const { key } of derived) {
    const at = mine.findIndex((s) => s.do === key)
    const now = mine[at]
    if (!now) continue
    const owns = ownBehind(mine, at)
    if (now.words || now.note || owns.length > 0) kept.push(now, ...owns)
  }
  return withSteps(document, kept)
}

function ownBehind(steps: OwnStep[], at: number): OwnStep[] {
  const end = steps.findIndex((s, i) => i > at && !s.do.startsWith(OWN))
  return steps.slice(at + 1, end < 0 ? undefined : end)
}

const step = (key: string, words: string, note: string): OwnStep => ({
  do: key,
  ...(words && { words }),
  ...(note && { note }),
})

const said = (document: PatternDocument, key: string): OwnStep =>
  stepsOf(document).find((s) => s.do === key) ?? { do: key }

/** Whether the tier has an order of their own, and not only words. */
export function isOwnOrder(document: PatternDocument, card: Step[]): boolean {
  return card.length > 0 && stepsOf(document).length === card.length
}
