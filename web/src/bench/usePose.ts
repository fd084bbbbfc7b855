import { type SetStateAction, useCallback, useEffect, useRef, useState } from 'react'
import { estimatePose } from '../api/client'
import type { Estimate, PatternDocument } from '../api/types'

type Asked = { key: string; fly: PatternDocument; draft?: PatternDocument }
type Held = { key: string; estimate?: Estimate; error?: Error; draft?: PatternDocument }

/** Poses that are kept, so that undo shows at once. */
const KEPT = 60

/** What of a document its pose depends on: words do not move a fly. */
export function bare(document: PatternDocument): PatternDocument {
  return { ...document, pattern: { ...document.pattern, name: '-', notes: '', natural: '' } }
}

/**
 * The pose of a fly that may change faster than it can be found: one question at a time, and then
 * the latest. While a hand moves something, {@code follow} asks for poses of drafts; a draft is
 * shown only once its pose is there, so that nothing else is drawn anew as the hand moves.
 *
 * @param key names the fly and all that its pose depends on
 */
export function usePose(key: string, fly: PatternDocument) {
  const [held, setHeld] = useState<Held>({ key: '' })
  const known = useRef(new Map<string, Estimate>())
  const wanted = useRef<Asked | undefined>(undefined)
  const asking = useRef<Asked | undefined>(undefined)
  const here = useRef(true)
  const drawing = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  /** Shows an answer, but lets the next question go first: drawing would hold it up. */
  const show = useCallback((answer: SetStateAction<Held>) => {
    clearTimeout(drawing.current)
    if (wanted.current) drawing.current = setTimeout(() => setHeld(answer))
    else setHeld(answer)
  }, [])
  const ask = useCallback(
    async (first: Asked) => {
      const now = asking.current
      wanted.current = now && now.key === first.key && now.draft === first.draft ? undefined : first
      if (now) return
      while (wanted.current && here.current) {
        const asked = wanted.current
        asking.current = asked
        wanted.current = undefined
        try {
          const estimate = known.current.get(asked.key) ?? (await estimatePose(asked.fly))
          keep(known.current, asked.key, estimate)
          show({ key: asked.key, estimate, draft: asked.draft })
        } catch (cause) {
          const error = cause instanceof Error ? cause : new Error(String(cause))
          show((before) => ({ key: asked.key, estimate: before.estimate, error }))
        }
      }
      asking.current = undefined
    },
    [show],
  )
  useEffect(() => {
    here.current = true
    return () => {
      here.current = false
    }
  }, [])
  useEffect(() => {
    if (held.key !== key || held.draft) void ask({ key, fly })
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the fly
  }, [key])
  /** Asks for a fly that is about to be shown, before the page is drawn anew for it. */
  const expect = useCallback(
    (next: PatternDocument) => {
      const coming = bare(next)
      void ask({ key: JSON.stringify(coming), fly: coming })
    },
    [ask],
  )
  const follow = useCallback(
    (draft: PatternDocument) => {
      const moving = bare(draft)
      void ask({ key: JSON.stringify(moving), fly: moving, draft })
    },
    [ask],
  )
  /** Forgets the draft: the fly itself is shown again. */
  const letGo = useCallback(() => void ask({ key, fly }), [ask, key, fly])
  const isStale = held.key !== key
  return {
    estimate: held.estimate,
    error: held.error,
    draft: held.draft,
    isStale,
    expect,
    follow,
    letGo,
  }
}

function keep(known: Map<string, Estimate>, key: string, estimate: Estimate) {
  known.set(key, estimate)
  if (known.size <= KEPT) return
  const oldest = known.keys().next().value
  if (oldest !== undefined) known.delete(oldest)
}
