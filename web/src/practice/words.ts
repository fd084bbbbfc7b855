import type { DrillName } from '../api/types'
import { store } from '../ui/store'

/** What each drill is called, and what one does in it. */
export const DRILLS: Record<DrillName, { name: string; does: string }> = {
  PART_OFF: { name: 'Which part is off', does: 'Find the part that is too long, short or thick.' },
  SET_BY_EYE: { name: 'Set it by eye', does: 'Set a length or a place on the bare hook.' },
  COUNT: { name: 'Count at a glance', does: 'Count fibres or turns that show for a moment.' },
  ROOM_LEFT: { name: 'Room left', does: 'Foresee how much room the head will have.' },
  HOW_IT_SITS: { name: 'How will it sit', does: 'Lay the waterline, then see it on the water.' },
  WHAT_HOLDS: {
    name: 'What holds it, what if',
    does: 'Say which loss sinks it, which change levels it.',
  },
  WHICH_HOOK: { name: 'Which hook for this natural', does: 'Choose the hook by the insect.' },
  WHICH_FEATHER: {
    name: 'Which feather for this hook',
    does: 'Choose among the feathers of your drawer.',
  },
}

export const drills = Object.keys(DRILLS) as DrillName[]

/** Drills that this tier leaves out. */
export const leftOut = store<DrillName[]>([], 'ripple-rest.practice.left-out')

/** How long a sitting is, minutes. */
export const MINUTES = 5

/** What a sitting is made of, as its address says. */
export type Set = {
  only: DrillName[]
  /** Looks at each of them; 0: as long as a sitting lasts. */
  each: number
  person: string
  seed?: number
  /** Shown large for others to look on: nothing is kept. */
  large: boolean
}

const isDrill = (word: string): word is DrillName => Object.hasOwn(DRILLS, word)

const MOST_EACH = 50

/** What an address asks for; what it cannot ask for is left out. */
export function setOf(query: URLSearchParams): Set {
  const each = Math.round(Number(query.get('each') ?? 0))
  const seed = Number(query.get('seed') || NaN)
  return {
    only: (query.get('only') ?? '').split(',').filter(isDrill),
    each: each > 0 ? Math.min(MOST_EACH, each) : 0,
    person: (query.get('for') ?? '').trim().slice(0, 80),
    large: query.has('large'),
    ...(Number.isSafeInteger(seed) ? { seed } : {}),
  }
}

/** The address of a set. */
export function addressOf({ only, each, person, seed, large }: Set): string {
  const query = new URLSearchParams()
  if (only.length > 0) query.set('only', only.join(','))
  if (each > 0) query.set('each', String(each))
  if (person) query.set('for', person)
  if (seed !== undefined) query.set('seed', String(seed))
  if (large) query.set('large', '')
  const words = query.toString()
  return `/practice/sitting${words && `?${words}`}`
}

/** The drill of the nth look of a set, the drills taking turns; undefined once it is over. */
export function drillAt({ only, each }: Set, n: number): DrillName | undefined {
  return each > 0 && n >= each * only.length ? undefined : only[n % only.length]
}
