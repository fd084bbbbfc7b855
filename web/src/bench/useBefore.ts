import { useState } from 'react'

/**
 * What a value was under the key before this one: what a fly was before the last change.
 *
 * @param value undefined while it is not known for this key
 */
export function useBefore<T>(key: string, value: T | undefined): T | undefined {
  const [memo, setMemo] = useState<{ key: string; now?: T; before?: T }>({ key })
  if (memo.key !== key) {
    setMemo({ key, before: memo.now ?? memo.before })
  } else if (value !== undefined && memo.now !== value) {
    setMemo({ ...memo, now: value })
  }
  return memo.key === key ? memo.before : (memo.now ?? memo.before)
}
