import type { Question } from '../api/client'
import { store } from '../ui/store'

/** Which readings of the bench are open; what only they show is asked for only then. */
export const openReadings = store<string[]>([], 'ripple-rest.readings')

const ASKS: Record<string, Question> = {
  takes: 'AMOUNTS',
  'what-if': 'WHAT_IF',
  carry: 'CARRY',
  landing: 'LANDING',
  'over-time': 'OVER_TIME',
}

/**
 * The long questions that the open readings need, and those that the bench itself does.
 *
 * @param taught whether estimates go by the tier's tests
 */
export const wantedBy = (open: string[], taught = false): Question[] => [
  'WHOLE',
  ...(taught ? (['BY_TESTS'] as const) : []),
  ...Object.entries(ASKS).flatMap(([id, question]) => (open.includes(id) ? [question] : [])),
]

/** What a reading says that is asked for when it is opened. */
export const UNASKED = 'open to work it out'
