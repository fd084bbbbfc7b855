import { ApiError } from '../api/http'
import type { Problem } from '../api/types'
import { store } from '../ui/store'

/** What was refused last, until it is read. */
export const problem = store<Problem | undefined>(undefined)

/** Runs an action and shows what went wrong with it, if anything; whether it went well. */
export async function attempt(action: () => Promise<unknown>): Promise<boolean> {
  try {
    await action()
    return true
  } catch (e) {
    if (!(e instanceof ApiError)) throw e
    problem.set(e.problem)
    return false
  }
}
