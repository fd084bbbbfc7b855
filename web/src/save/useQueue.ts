import { useEffect, useState, useSyncExternalStore } from 'react'
import { useBlocker } from 'react-router'
import { flushAll, hold, queueNamed, unsent } from './queues'
import type { SaveQueue } from './saveQueue'

/** The queue of one thing, held while the view is open; what it shows, and the queue itself. */
export function useQueue<V, R>(name: string, make: () => SaveQueue<V, R>) {
  const [queue] = useState(() => queueNamed(name, make))
  useEffect(() => hold(name, queue), [name, queue])
  return { ...useSyncExternalStore(queue.subscribe, queue.snapshot), queue }
}

/** A page is left when what was changed on it is kept, or cannot be kept now. */
export function SavedBeforeLeaving() {
  const blocker = useBlocker(() => unsent())
  useEffect(() => {
    if (blocker.state !== 'blocked') return
    void flushAll().finally(() => blocker.proceed())
  }, [blocker])
  return null
}
