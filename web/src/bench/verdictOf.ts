import type { Estimate } from '../api/types'
import { say } from '../parts/units'

/** How a fly sits, in the core's words, or that this is being worked out. */
export const verdictOf = (estimate: Estimate | undefined) =>
  estimate ? say(estimate.verdict) : 'Putting it on the water…'
