import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { changeOuting } from '../api/plans'
import type { Outing, OutingView } from '../api/types'
import { SaveQueue } from '../save/saveQueue'
import { inBrowser } from '../save/unsaved'
import { useQueue } from '../save/useQueue'

/** An outing is kept a moment after it was changed; what is reckoned for it comes back with it. */
export function useOuting(id: string, opened: OutingView) {
  const client = useQueryClient()
  const name = `outing.${id}`
  const { value, state, kept, queue } = useQueue(
    name,
    () =>
      new SaveQueue<Outing, OutingView>(
        {
          save: (outing, revision, key) => changeOuting(id, revision, outing, key),
          revisionOf: (v) => v.revision,
          valueOf: (v) => v.outing,
        },
        opened,
        inBrowser(name),
      ),
  )
  const revision = kept?.revision
  useEffect(() => {
    void client.invalidateQueries({ queryKey: ['outings'] })
  }, [client, revision])
  return {
    outing: value,
    state,
    view: kept && kept.revision >= opened.revision ? kept : opened,
    queue,
    change: (next: Partial<Outing>) => queue.change({ ...queue.snapshot().value, ...next }),
  }
}

/** An outing that is open, and how it is changed. */
export type Open = ReturnType<typeof useOuting>
