import { store } from '../ui/store'

/** Whether the application answered when it was last asked. */
export const reach = store(true)

export const answered = () => reach.set(true)
export const unanswered = () => reach.set(false)
