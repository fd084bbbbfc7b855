import { useCallback, useEffect, useRef } from 'react'
import type { Sight } from '../drawing/DrawingBar'
import { hasWebGl } from '../parts/webgl'
import { useAddress } from '../shell/useAddress'

const CAMERAS: readonly string[] = ['side', 'head-on', 'above', 'below', 'free']

/** Camera, part and rest that are looked at, kept in the address. */
export function usePlace() {
  const [query, change] = useAddress()
  const view = query.get('view') ?? 'side'
  const put = useCallback(
    (changes: Record<string, string>) =>
      change((next) => {
        for (const [name, value] of Object.entries(changes)) {
          if (value === '') next.delete(name)
          else next.set(name, value)
        }
      }),
    [change],
  )
  return {
    camera: (CAMERAS.includes(view) && (view !== 'free' || hasWebGl()) ? view : 'side') as Sight,
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
