import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { goByTests, learn, learningState } from '../api/tests'
import type { AnswerLine } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { attempt } from '../shell/problems'

/** What was learnt, and learning anew; it can be stopped, and then nothing changes. */
export function useLearning() {
  const client = useQueryClient()
  const { data: state } = useQuery({ queryKey: ['learning'], queryFn: learningState })
  const [line, setLine] = useState<AnswerLine>()
  const [failed, setFailed] = useState('')
  const asking = useRef<AbortController | undefined>(undefined)
  useEffect(() => () => asking.current?.abort(), [])
  const everything = () => client.invalidateQueries()
  const begin = async () => {
    const gone = new AbortController()
    asking.current = gone
    setFailed('')
    setLine({} as AnswerLine)
    try {
      await learn((l) => !gone.signal.aborted && setLine(l), gone.signal)
      await everything()
    } catch (e) {
      if (!gone.signal.aborted) setFailed(whatWentWrong(e))
    } finally {
      if (asking.current === gone) {
        asking.current = undefined
        setLine(undefined)
      }
    }
  }
  const stop = () => {
    asking.current?.abort()
    asking.current = undefined
    setLine(undefined)
  }
  const use = (inUse: boolean) =>
    void attempt(async () => {
      await goByTests(inUse)
      await everything()
    })
  return { state, line, failed, begin: () => void begin(), stop, use }
}
