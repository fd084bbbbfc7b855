import { useCallback, useEffect, useRef } from 'react'
import { useSearchParams } from 'react-router'
import type { Camera } from '../scene/projection'

const CAMERAS: readonly string[] = ['side', 'head-on', 'above', 'below']

/** What is looked at, in the address: it survives a reload, the way back, and a copied link. */
export function usePlace() {
  const [query, setQuery] = useSearchParams()
  const view = query.get('view') ?? 'side'
  const set = useRef(setQuery)
  useEffect(() => {
    set.current = setQuery
  })
  const put = useCallback(
    (changes: Record<string, string>) =>
      set.current(
        (before) => {
          const next = new URLSearchParams(before)
          for (const [name, value] of Object.entries(changes)) {
            if (value === '') next.delete(name)
            else next.set(name, value)
          }
          return next
        },
        { replace: true, preventScrollReset: true },
      ),
    [],
  )
  return {
    camera: (CAMERAS.includes(view) ? view : 'side') as Camera,
    chosen: query.get('part') ?? '',
    rest: query.get('rest') ?? '0',
    put,
  }
}

/** The rest that is shown, until the fly is changed: another fly has other rests. */
export function useRest(key: string, asked: string, forget: () => void): string {
  const first = useRef(key)
  useEffect(() => {
    if (first.current === key) return
    first.current = key
    if (asked !== '0') forget()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only a change of the fly forgets
  }, [key])
  return asked
}
