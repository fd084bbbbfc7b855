import type { Outline } from '../api/types'

/** The hook, and of what is on it these parts alone. */
export function some(outline: Outline, parts: readonly string[]): Outline {
  const has = ({ part }: { part: string }) => parts.includes(part)
  return {
    ...outline,
    members: outline.members.filter(has),
    strands: outline.strands.filter(has),
    fibres: outline.fibres.filter(has),
  }
}
