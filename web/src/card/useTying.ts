import { useCallback, useEffect, useRef, useState } from 'react'
import { finishTying, getTying, keepTying } from '../api/tying'
import type { Tying } from '../api/types'
import { SaveQueue } from '../save/saveQueue'
import { inBrowser } from '../save/unsaved'
import { useQueue } from '../save/useQueue'

/** How often a running clock is kept, s; every step is kept at once. */
const KEEP_EVERY = 15

/** How often it is asked where the fly is, while a tablet and the bench follow each other, ms. */
const FOLLOW_MS = 1000

const RETRY_MS = 4000

/**
 * Where a fly on the vise is, asked until it is known; never taken for the first step when it cannot
 * be asked: that would be kept over the right one.
 */
export function useWhere(id: string) {
  const [there, setThere] = useState<Tying>()
  const [lost, setLost] = useState('')
  useEffect(() => {
    let here = true
    let again: ReturnType<typeof setTimeout> | undefined
    const look = () =>
      void getTying(id).then(
        (at) => {
          if (!here) return
          setLost('')
          setThere(at)
        },
        (e: Error) => {
          if (!here) return
          setLost(e.message)
          again = setTimeout(look, RETRY_MS)
        },
      )
    look()
    return () => {
      here = false
      clearTimeout(again)
    }
  }, [id])
  return { there, lost }
}

/**
 * A fly on the vise: page 0 is the preparation, then one page a step, then the end. Every turn of a
 * page is kept on the server, and with the browser until the server has answered.
 *
 * @param steps of the card
 * @param variant on which hook and in which colours, as the query of an address
 * @param follow whether another device turns pages too: then the last turn is where both are, and the
 *     clock is the one's that is not the tablet
 */
export function useTying(
  id: string,
  steps: number,
  there: Tying,
  variant: string,
  follow?: 'bench' | 'tablet',
) {
  const name = `tying.${id}`
  const { value, state, queue } = useQueue(
    name,
    () =>
      new SaveQueue<Tying, Tying>(
        {
          save: (at, revision, key) => keepTying(id, revision, at, key),
          revisionOf: (t) => t.revision,
          valueOf: (t) => t,
        },
        there,
        inBrowser(name),
      ),
  )
  const [running, setRunning] = useState(true)
  /** Seconds of the open page that the queue does not have yet. */
  const [ticked, setTicked] = useState(0)
  const at = later(value, steps, ticked)
  const latest = useRef(at)
  useEffect(() => {
    latest.current = at
  })
  const keep = useCallback(
    (next: Tying) => {
      setTicked(0)
      queue.change(next)
      void queue.flush()
    },
    [queue],
  )
  const over = at.step > steps
  useEffect(() => {
    if (!running || over) return
    const tick = setInterval(() => setTicked((n) => n + 1), 1000)
    return () => clearInterval(tick)
  }, [running, over])
  useEffect(() => {
    if (ticked >= KEEP_EVERY && follow !== 'tablet') keep(latest.current)
  }, [ticked, keep, follow])
  useEffect(
    () => () => {
      if (latest.current !== queue.snapshot().value) queue.change(latest.current)
    },
    [queue],
  )

  useFollowing(id, queue, follow !== undefined, setTicked)
  const finishing = useRef<Promise<string> | undefined>(undefined)
  const go = (by: number) => {
    if (finishing.current) return
    keep({ ...at, step: Math.min(steps + 1, Math.max(0, at.step + by)) })
  }
  /** Logs the fly once, however often it is asked. */
  const finish = () => {
    finishing.current ??= (async () => {
      let fly = ''
      await queue.step(async (revision, key) => {
        fly = (await finishTying(id, revision, key, variant)).id
        latest.current = { step: 0, seconds: [], revision: 0 }
        return latest.current
      })
      return fly
    })()
    finishing.current.catch(() => (finishing.current = undefined))
    return finishing.current
  }
  return {
    at,
    state,
    running,
    pause: () => setRunning((r) => !r),
    go,
    finish,
    restart: () => keep({ ...at, step: 0, seconds: [] }),
    resolve: (choice: 'mine' | 'theirs', stored: Tying) => {
      setTicked(0)
      queue.resolve(choice, stored)
    },
  }
}

/** Goes where the fly is when another device turned a page. */
function useFollowing(
  id: string,
  queue: SaveQueue<Tying, Tying>,
  follow: boolean,
  setTicked: (s: number) => void,
) {
  useEffect(() => {
    if (!follow) return
    const look = setInterval(() => {
      void getTying(id).then(
        (at) => {
          if (!queue.idle || at.revision === queue.snapshot().kept?.revision) return
          setTicked(0)
          queue.resolve('theirs', at)
        },
        () => undefined, // asked again in a moment
      )
    }, FOLLOW_MS)
    // whoever turned a page first is followed; nobody is asked which it should be
    const stop = queue.subscribe(() => {
      const { state } = queue.snapshot()
      if (state.kind !== 'changed-elsewhere') return
      setTicked(0)
      queue.resolve('theirs', state.stored)
    })
    return () => {
      clearInterval(look)
      stop()
    }
  }, [id, queue, follow, setTicked])
}

/** So many seconds more for the page that is open; the preparation's come after those of the steps. */
function later(at: Tying, steps: number, more: number): Tying {
  if (more === 0) return at
  const place = at.step === 0 ? steps : at.step - 1
  const seconds = Array.from({ length: steps + 1 }, (_, i) => at.seconds[i] ?? 0)
  seconds[place] = (seconds[place] ?? 0) + more
  return { ...at, seconds }
}
