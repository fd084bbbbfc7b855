import { useMemo } from 'react'
import { savePattern, stepPattern } from '../api/client'
import type { PatternDocument, PatternResource } from '../api/types'
import { SaveQueue, type SaveState as State } from '../save/saveQueue'
import { inBrowser } from '../save/unsaved'
import { useQueue } from '../save/useQueue'

export type SaveState = State<PatternResource>

/**
 * Keeps a pattern without being asked; undo and redo have their place among its changes.
 *
 * @param keeps whether it may be changed; who only looks on tries things out on this page
 */
export function useAutosave(opened: PatternResource, keeps = true) {
  const { id } = opened
  const name = `pattern.${id}`
  const { value, state, kept, queue } = useQueue(
    name,
    () =>
      new SaveQueue<PatternDocument, PatternResource>(
        {
          save: (document, revision, key) =>
            keeps
              ? savePattern(id, revision, document, key)
              : Promise.resolve({ ...opened, revision, document }),
          revisionOf: (r) => r.revision,
          valueOf: (r) => r.document,
        },
        opened,
        inBrowser(name),
      ),
  )
  const does = useMemo(
    () => ({
      change: (next: PatternDocument) => queue.change(next),
      step: (way: 'undo' | 'redo') =>
        queue.step((revision, key) => stepPattern(id, revision, way, key)).catch(() => undefined), // nothing more to undo; the buttons say so
      resolve: (choice: 'mine' | 'theirs', stored: PatternResource) =>
        queue.resolve(choice, stored),
      retry: () => queue.retry(),
    }),
    [id, queue],
  )
  return { document: value, state, kept: kept ?? opened, ...does }
}
