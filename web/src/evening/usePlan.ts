import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { changePlan, planEvenings, takeLacking } from '../api/plans'
import type { AnswerLine, EveningPlan, NewPlan } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { SaveQueue } from '../save/saveQueue'
import { inBrowser } from '../save/unsaved'
import { useQueue } from '../save/useQueue'

const NAME = 'evenings'

const valueOf = ({ evenings, wants, slots, byStock }: EveningPlan): NewPlan => ({
  evenings: evenings.map((e) => e.evening),
  wants,
  slots,
  byStock,
})

/**
 * The plan of evenings: what a hand changes is kept a moment later, and its clock comes back with it;
 * planning anew can be stopped, and then nothing changes.
 */
export function usePlan(opened: EveningPlan, again: () => Promise<unknown>) {
  const client = useQueryClient()
  const { value, state, kept, queue } = useQueue(
    NAME,
    () =>
      new SaveQueue<NewPlan, EveningPlan>(
        {
          save: (plan, revision, key) => changePlan(revision, plan, key),
          revisionOf: (p) => p.revision,
          valueOf,
        },
        opened,
        inBrowser(NAME),
      ),
  )
  const [line, setLine] = useState<AnswerLine>()
  const [failed, setFailed] = useState('')
  const asking = useRef<AbortController | undefined>(undefined)
  useEffect(() => () => asking.current?.abort(), [])
  const revision = kept?.revision
  useEffect(() => {
    void client.invalidateQueries({ queryKey: ['evenings'] })
  }, [client, revision])
  const plan = async () => {
    const gone = new AbortController()
    asking.current = gone
    setFailed('')
    setLine({} as AnswerLine)
    try {
      await queue.flush()
      await planEvenings((l) => !gone.signal.aborted && setLine(l), gone.signal)
      await again()
    } catch (e) {
      if (!gone.signal.aborted) setFailed(whatWentWrong(e))
    } finally {
      if (asking.current === gone) setLine(undefined)
    }
  }
  const stop = () => {
    asking.current?.abort()
    asking.current = undefined
    setLine(undefined)
  }
  const lacking = async () => {
    setFailed('')
    try {
      await queue.step(async (at, key) => takeLacking(at, key))
    } catch (e) {
      setFailed(whatWentWrong(e))
    }
  }
  return {
    wanted: value,
    state,
    view: kept && kept.revision >= opened.revision ? kept : opened,
    queue,
    change: (next: Partial<NewPlan>) => queue.change({ ...queue.snapshot().value, ...next }),
    line,
    failed,
    plan: () => void plan(),
    stop,
    lacking: () => void lacking(),
  }
}

/** The plan that is open, and how it is changed. */
export type Open = ReturnType<typeof usePlan>
