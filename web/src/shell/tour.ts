import { store } from '../ui/store'

/** How far the first visit has come: 0 to begin, past the last step when it is over. */
export const tour = store(0, 'ripple-rest.tour')

export const STEPS = 3

/** Somebody who has changed something has taken the step that asks for it. */
export function tourTaken() {
  if (tour.get() === 1) tour.set(2)
}
