import { useEffect, useState } from 'react'
import { answer, type Question } from '../api/client'
import type { AnswerLine, PatternDocument } from '../api/types'

const QUESTIONS: Question[] = ['AMOUNTS', 'WHOLE', 'WHAT_IF', 'CARRY', 'LANDING', 'OVER_TIME']

/** The latest line to each question about one fly, and why the asking ended early if it did. */
export type Answers = Partial<Record<Question, AnswerLine>> & { failed?: string }

type Told = { key: string; answers: Answers }

/**
 * Asks the long questions one after another, once the pose is there; gives them up when the
 * fly changes. What was said of an older fly is gone at once.
 *
 * @param key names the fly and everything the answers depend on
 */
export function useAnswers(key: string, fly: PatternDocument, ready: boolean): Answers {
  const [told, setTold] = useState<Told>({ key, answers: {} })
  useEffect(() => {
    if (!ready) return
    const gone = new AbortController()
    const tell = (question: Question) => (line: AnswerLine) => {
      if (gone.signal.aborted) return
      setTold((before) => ({
        key,
        answers: { ...(before.key === key ? before.answers : {}), [question]: line },
      }))
    }
    const askAll = async () => {
      for (const question of QUESTIONS) {
        await answer(fly, question, tell(question), gone.signal)
      }
    }
    askAll().catch((cause: unknown) => {
      if (gone.signal.aborted) return
      const why = cause instanceof Error ? cause.message : 'No answer.'
      const failed = `${why} It is asked again with the next change.`
      setTold((before) => ({
        key,
        answers: { ...(before.key === key ? before.answers : {}), failed },
      }))
    })
    return () => gone.abort()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the fly
  }, [key, ready])
  return told.key === key ? told.answers : {}
}

type Asked = { line?: AnswerLine; failed?: string }

/**
 * One question about one fly, asked anew when anything about it changes; nothing is asked without
 * a fly.
 */
export function useAnswer(
  fly: PatternDocument | undefined,
  question: Question,
  more: Record<string, string> = {},
): Asked {
  const key = fly ? JSON.stringify([fly, question, more]) : ''
  const [told, setTold] = useState<Asked & { key: string }>({ key })
  useEffect(() => {
    if (!fly) return
    const gone = new AbortController()
    const tell = (line: AnswerLine) => {
      if (!gone.signal.aborted) setTold({ key, line })
    }
    answer(fly, question, tell, gone.signal, more).catch((cause: unknown) => {
      if (gone.signal.aborted) return
      setTold({ key, failed: cause instanceof Error ? cause.message : 'No answer.' })
    })
    return () => gone.abort()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for all of it
  }, [key])
  return told.key === key ? told : {}
}

/** Where a question is that has no answer yet. */
export function whereItIs({ line, failed }: Asked): string {
  if (failed) return failed
  if (line?.waits) return `waits behind ${line.waits.before}`
  return line?.progress ? `${line.progress.done} of ${line.progress.all} tried` : 'working…'
}
