import { reach } from '../api/reach'
import type { SaveQueue } from './saveQueue'

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- queues of different things
type AnyQueue = SaveQueue<any, any>

/** Queues that a view holds, or that have something left to send. */
const queues = new Map<string, { queue: AnyQueue; holders: number }>()

/** The queue that is still at work under a name, or a new one. */
export function queueNamed<Q extends AnyQueue>(name: string, make: () => Q): Q {
  return (queues.get(name)?.queue as Q | undefined) ?? make()
}

/** Keeps a queue until it is let go and has sent all it had. */
export function hold(name: string, queue: AnyQueue): () => void {
  const entry = queues.get(name)
  if (entry?.queue === queue) entry.holders++
  else queues.set(name, { queue, holders: 1 })
  return () => {
    const held = queues.get(name)
    if (held?.queue !== queue) return
    held.holders--
    void queue.flush()
    const drop = () => {
      if (held.holders > 0 || !queue.idle || queues.get(name) !== held) return
      queues.delete(name)
      stop()
    }
    const stop = queue.subscribe(() => queueMicrotask(() => setTimeout(drop)))
    setTimeout(drop)
  }
}

const all = () => [...queues.values()].map(({ queue }) => queue)

/** Whether something is not kept yet that can be. */
export const unsent = () =>
  all().some((q) => !q.idle && q.snapshot().state.kind !== 'changed-elsewhere')

/** Sends all that is waiting. */
export const flushAll = () => Promise.all(all().map((q) => q.flush()))

window.addEventListener('pagehide', () => void flushAll())
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'hidden') void flushAll()
})
reach.watch(() => {
  if (reach.get()) void flushAll()
})
