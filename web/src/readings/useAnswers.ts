import { useEffect, useRef, useState } from 'react'
import { answer, type Question } from '../api/client'
import type { AnswerLine, PatternDocument } from '../api/types'

/** The latest line to each question about one fly, and why the asking ended early if it did. */
export type Answers = Partial<Record<Question, AnswerLine>> & { failed?: string }

type Told = { key: string; answers: Answers }

/**
 * Asks long questions one after another, once the pose is there: those that are wanted and no other.
 * All are given up when the fly changes, one when it is no longer wanted. What was said of an older
 * fly is gone at once.
 *
 * @param key names the fly and everything the answers depend on
 */
export function useAnswers(
  key: string,
  fly: PatternDocument,
  ready: boolean,
  wanted: Question[],
): Answers {
  const [told, setTold] = useState<Told>({ key, answers: {} })
  const asking = useRef<{ question: Question; gone: AbortController } | undefined>(undefined)
  const want = useRef(wanted)
  const next = useRef<() => void>(() => undefined)
  const names = wanted.join()
  useEffect(() => {
    want.current = wanted
    const now = asking.current
    if (now && !wanted.includes(now.question)) now.gone.abort()
    else next.current()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the names stand for the list
  }, [names])
  useEffect(() => {
    if (!ready) return
    let over = false
    const answered = new Set<Question>()
    const tell = (said: Answers) =>
      setTold((before) => ({
        key,
        answers: { ...(before.key === key ? before.answers : {}), ...said },
      }))
    const askNext = async () => {
      const question = want.current.find((q) => !answered.has(q))
      if (over || asking.current || !question) return
      const gone = new AbortController()
      asking.current = { question, gone }
      let known: AnswerLine | undefined // what came early stays while more is worked out
      try {
        await answer(
          fly,
          question,
          (line) => {
            if (found(line)) known = line
            if (!gone.signal.aborted) tell({ [question]: known ?? line })
          },
          gone.signal,
        )
        answered.add(question)
      } catch (cause) {
        if (!gone.signal.aborted) {
          const why = cause instanceof Error ? cause.message : 'No answer.'
          tell({ failed: `${why} It is asked again with the next change.` })
          over = true
        }
      }
      if (asking.current?.gone === gone) asking.current = undefined
      void askNext()
    }
    next.current = () => void askNext()
    void askNext()
    return () => {
      over = true
      next.current = () => undefined
      asking.current?.gone.abort()
      asking.current = undefined
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the fly
  }, [key, ready])
  return told.key === key ? told.answers : {}
}

/** Where an answer is; while a new one is worked out, {@code before} is the one that was there. */
export type Asked = { line?: AnswerLine; failed?: string; before?: AnswerLine }

/**
 * What is streamed line by line, asked anew when its key changes and given up when nobody waits.
 *
 * @param key names all that the answer depends on; nothing is asked without one
 */
export function useStream(
  key: string | undefined,
  ask: (onLine: (line: AnswerLine) => void, signal: AbortSignal) => Promise<AnswerLine>,
): Asked {
  const [told, setTold] = useState<Asked & { key?: string }>({ key })
  useEffect(() => {
    if (key === undefined) return
    const gone = new AbortController()
    const tell = (next: Asked) => {
      if (gone.signal.aborted) return
      setTold((held) => ({
        key,
        before: held.key === key ? held.before : (found(held.line) ?? held.before),
        ...next,
      }))
    }
    ask((line) => tell({ line }), gone.signal).catch((cause: unknown) =>
      tell({ failed: cause instanceof Error ? cause.message : 'No answer.' }),
    )
    return () => gone.abort()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for all of it
  }, [key])
  return told.key === key ? told : { before: found(told.line) ?? told.before }
}

/** A line that holds an answer, not only how far it is. */
const found = (line: AnswerLine | undefined) =>
  line && !line.waits && !line.progress ? line : undefined

/**
 * One question about one fly, asked anew when anything about it changes; nothing is asked without
 * a fly.
 */
export function useAnswer(
  fly: PatternDocument | undefined,
  question: Question,
  more: Record<string, string> = {},
): Asked {
  const key = fly ? JSON.stringify([fly, question, more]) : undefined
  return useStream(key, (onLine, signal) =>
    answer(fly as PatternDocument, question, onLine, signal, more),
  )
}

/** Where a question is that has no answer yet. */
export function whereItIs({ line, failed }: Pick<Asked, 'line' | 'failed'>): string {
  if (failed) return failed
  if (line?.waits) return `${line.waits.before} ahead in queue`
  return line?.progress ? `${line.progress.done} of ${line.progress.all} tried` : 'working…'
}
