import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { changeTest } from '../api/tests'
import type { Noted, TankTest } from '../api/types'
import { SaveQueue } from '../save/saveQueue'
import { inBrowser } from '../save/unsaved'
import { useQueue } from '../save/useQueue'

/** What is changed of a test. */
export type Written = { seen: Noted; leftOut: boolean; notes: string }

const valueOf = ({ test: { seen, leftOut, notes } }: TankTest): Written => ({
  seen,
  leftOut,
  notes,
})

/** What was seen is kept a moment after it was; what the core refuses is told and stays here. */
export function useTest(id: string, opened: TankTest) {
  const client = useQueryClient()
  const name = `test.${id}`
  const { value, state, kept, queue } = useQueue(
    name,
    () =>
      new SaveQueue<Written, TankTest>(
        {
          save: (written, revision, key) => changeTest(id, revision, written, key),
          revisionOf: (t) => t.revision,
          valueOf,
        },
        opened,
        inBrowser(name),
      ),
  )
  const revision = kept?.revision
  useEffect(() => {
    void client.invalidateQueries({ queryKey: ['tests'] })
    void client.invalidateQueries({ queryKey: ['learning'] })
  }, [client, revision])
  const change = (next: (before: Written) => Written) => queue.change(next(queue.snapshot().value))
  return {
    written: value,
    state,
    kept: kept ?? opened,
    queue,
    change,
    see: (seen: Partial<Noted>) => change((w) => ({ ...w, seen: { ...w.seen, ...seen } })),
  }
}

/** A test that is open, and how it is changed. */
export type Kept = ReturnType<typeof useTest>
