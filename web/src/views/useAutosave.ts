import { useCallback, useEffect, useRef, useState } from 'react'
import { ApiError, savePattern, stepPattern } from '../api/client'
import type { PatternDocument, PatternResource } from '../api/types'

export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'failed'; message: string }
  | { kind: 'changed-elsewhere'; stored: PatternResource }

const PAUSE_MS = 200

function wentWrong(e: unknown): SaveState {
  return e instanceof ApiError && e.problem.stored
    ? { kind: 'changed-elsewhere', stored: e.problem.stored }
    : { kind: 'failed', message: e instanceof Error ? e.message : String(e) }
}

/**
 * Keeps a pattern without being asked: the newest document is sent a moment after the last change,
 * one at a time, and again after a failure. A change from elsewhere stops it until one is chosen.
 */
export function useAutosave(opened: PatternResource) {
  const [document, setDocument] = useState(opened.document)
  const [state, setState] = useState<SaveState>({ kind: 'saved' })
  const [steps, setSteps] = useState({ undo: opened.undo, redo: opened.redo })
  const revision = useRef(opened.revision)
  const wanted = useRef<PatternDocument | undefined>(undefined)
  const busy = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)

  const flush = useCallback(async () => {
    if (busy.current) return
    busy.current = true
    clearTimeout(timer.current)
    let sending = wanted.current
    try {
      while (sending) {
        wanted.current = undefined
        const saved = await savePattern(opened.id, revision.current, sending)
        revision.current = saved.revision
        setSteps({ undo: saved.undo, redo: saved.redo })
        sending = wanted.current
        if (!sending) setState({ kind: 'saved' })
      }
    } catch (e) {
      wanted.current ??= sending
      setState(wentWrong(e))
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

  /** A step back or forth through what the server keeps; what is not saved yet is saved first. */
  const step = useCallback(
    async (way: 'undo' | 'redo') => {
      await flush()
      if (busy.current || wanted.current) return
      busy.current = true
      setState({ kind: 'saving' })
      try {
        const there = await stepPattern(opened.id, revision.current, way)
        revision.current = there.revision
        setSteps({ undo: there.undo, redo: there.redo })
        setDocument(there.document)
        setState({ kind: 'saved' })
      } catch (e) {
        setState(wentWrong(e))
      } finally {
        busy.current = false
      }
    },
    [flush, opened.id],
  )

  /** Takes the stored version, or writes this one over it knowingly. */
  const resolve = useCallback(
    (choice: 'mine' | 'theirs', stored: PatternResource) => {
      revision.current = stored.revision
      if (choice === 'theirs') {
        wanted.current = undefined
        setSteps({ undo: stored.undo, redo: stored.redo })
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

  return { document, state, steps, change, step, resolve, retry: () => void flush() }
}
