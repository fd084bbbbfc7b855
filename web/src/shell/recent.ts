import { inClub } from '../api/room'
import { store } from '../ui/store'

const MOST = 30

/** Patterns opened on this device, the last one first. */
export const recent = store<string[]>([], inClub ? 'ripple-rest.recent.club' : 'ripple-rest.recent')

/** Remembers that a pattern was opened. */
export function opened(id: string) {
  if (recent.get()[0] === id) return
  recent.set([id, ...recent.get().filter((r) => r !== id)].slice(0, MOST))
}

/** Those that are marked first, then those opened last, then as they come. */
export function ordered<T extends { id: string; favourite: boolean }>(
  patterns: T[],
  last: string[],
): T[] {
  const place = (p: T) => {
    const i = last.indexOf(p.id)
    return (p.favourite ? 0 : MOST + 1) + (i < 0 ? MOST : i)
  }
  return [...patterns].sort((a, b) => place(a) - place(b))
}
