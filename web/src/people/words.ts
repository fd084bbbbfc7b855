import type { ChangeLine, Role } from '../api/people'

/** What each may do, in words. */
export const ROLES: Record<Role, { name: string; as: string; may: string }> = {
  WARDEN: {
    name: 'warden',
    as: 'a warden',
    may: 'You say who may come in, and do all that a tier does.',
  },
  TIER: {
    name: 'tier',
    as: 'a tier',
    may: 'You have a bench, a book and a drawer of your own, and change what is the club’s.',
  },
  GUEST: {
    name: 'guest',
    as: 'a guest',
    may: 'You look at what is the club’s and say something to it.',
  },
}

export const ROLE_OPTIONS = Object.entries(ROLES).map(
  ([role, { name }]) => [role as Role, name] as const,
)

/** Whoever did it; somebody who left has no name any more. */
export const byWhom = (name: string) => name || 'somebody who left'

const DID: Record<ChangeLine['what'], string> = {
  ADDED: 'put it in',
  CHANGED: 'changed it',
  DELETED: 'deleted it',
  RESTORED: 'brought it back',
}

export const didWhat = (c: ChangeLine) => (c.words ? `${c.words}` : DID[c.what])

/** A moment as one says it: the day, and the time of it. */
export const momentWords = (at: string) =>
  new Date(at).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  })
