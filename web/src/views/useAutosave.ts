import { useCallback, useEffect, useRef, useState } from 'react'
import { ApiError, savePattern } from '../api/client'
import type { PatternDocument, PatternResource } from '../api/types'

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'failed'; message: string }
  | { kind: 'changed-elsewhere'; stored: PatternResource }

const PAUSE_MS = 200

/**
 * Keeps a pattern without being asked: the newest document is sent a moment after the last change,
 * one at a time, and again after a failure. A change from elsewhere stops it until one is chosen.
 */
export function useAutosave(opened: PatternResource) {
  const [document, setDocument] = useState(opened.document)
  const [state, setState] = useState<SaveState>({ kind: 'saved' })
  const revision = useRef(opened.revision)
  const wanted = useRef<PatternDocument | undefined>(undefined)
  const busy = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)

  const flush = useCallback(async () => {
    if (busy.current) return
    busy.current = true
    let sending = wanted.current
    try {
      while (sending) {
        wanted.current = undefined
        const saved = await savePattern(opened.id, revision.current, sending)
        revision.current = saved.revision
        sending = wanted.current
        if (!sending) setState({ kind: 'saved' })
      }
    } catch (e) {
      wanted.current ??= sending
      if (e instanceof ApiError && e.problem.stored) {
        setState({ kind: 'changed-elsewhere', stored: e.problem.stored })
      } else {
        setState({ kind: 'failed', message: e instanceof Error ? e.message : String(e) })
      }
    } finally {
      busy.current = false
    }
  }, [opened.id])

  const change = useCallback(
    (next: PatternDocument) => {
      setDocument(next)
      wanted.current = next
      setState((s) => (s.kind === 'changed-elsewhere' ? s : { kind: 'saving' }))
      clearTimeout(timer.current)
      timer.current = setTimeout(() => void flush(), PAUSE_MS)
    },
    [flush],
  )

  /** Takes the stored version, or writes this one over it knowingly. */
  const resolve = useCallback(
    (choice: 'mine' | 'theirs', stored: PatternResource) => {
      revision.current = stored.revision
      if (choice === 'theirs') {
        wanted.current = undefined
        setDocument(stored.document)
        setState({ kind: 'saved' })
      } else {
        setState({ kind: 'saving' })
        void flush()
      }
    },
    [flush],
  )

  useEffect(() => {
    const leave = () => {
      clearTimeout(timer.current)
      void flush()
    }
    window.addEventListener('pagehide', leave)
    return () => {
      window.removeEventListener('pagehide', leave)
      leave()
    }
  }, [flush])

  return { document, state, change, resolve, retry: () => void flush() }
}
