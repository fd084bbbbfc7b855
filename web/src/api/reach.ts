import { store } from '../ui/store'

/** Whether the application answered when it was last asked. */
export const reach = store(true)

/** Whether somebody who was signed in is so no more: it ended, or it was ended elsewhere. */
export const out = store(false)

export const isOut = () => out.set(true)
export const isIn = () => out.set(false)

export const answered = () => reach.set(true)
export const unanswered = () => reach.set(false)
