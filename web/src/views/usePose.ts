import { useEffect, useRef, useState } from 'react'
import { estimatePose } from '../api/client'
import type { Estimate, PatternDocument } from '../api/types'

type Held = { key: string; estimate?: Estimate; error?: Error }

/** Poses that are kept, so that undo shows at once. */
const KEPT = 60

/**
 * The pose of a fly that may change faster than it can be found: one question at a time, and then
 * the latest, so that while a hand moves something poses follow as fast as they come.
 *
 * @param key names the fly and all that its pose depends on
 */
export function usePose(key: string, fly: PatternDocument) {
  const [held, setHeld] = useState<Held>({ key: '' })
  const known = useRef(new Map<string, Estimate>())
  const wanted = useRef<{ key: string; fly: PatternDocument } | undefined>(undefined)
  const busy = useRef(false)
  const here = useRef(true)
  useEffect(() => {
    here.current = true
    return () => {
      here.current = false
    }
  }, [])
  useEffect(() => {
    const pump = async () => {
      if (busy.current) return
      busy.current = true
      while (wanted.current && here.current) {
        const { key: asked, fly: document } = wanted.current
        wanted.current = undefined
        try {
          const estimate = known.current.get(asked) ?? (await estimatePose(document))
          known.current.set(asked, estimate)
          if (known.current.size > KEPT) {
            const oldest = known.current.keys().next().value
            if (oldest !== undefined) known.current.delete(oldest)
          }
          setHeld({ key: asked, estimate })
        } catch (cause) {
          const error = cause instanceof Error ? cause : new Error(String(cause))
          setHeld((before) => ({ key: asked, estimate: before.estimate, error }))
        }
      }
      busy.current = false
    }
    wanted.current = { key, fly }
    void pump()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the fly
  }, [key])
  return { estimate: held.estimate, error: held.error, isStale: held.key !== key }
}
