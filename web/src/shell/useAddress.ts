import { useCallback, useEffect, useRef } from 'react'
import { useSearchParams } from 'react-router'

/**
 * What is looked at, in the address: it survives a reload, the way back, and a copied link. Two
 * changes made before the router has drawn the first both count.
 */
export function useAddress() {
  const [query, setQuery] = useSearchParams()
  const set = useRef(setQuery)
  const latest = useRef(query)
  useEffect(() => {
    set.current = setQuery
    latest.current = query
  }, [query, setQuery])
  const put = useCallback((change: (next: URLSearchParams) => void) => {
    const next = new URLSearchParams(latest.current)
    change(next)
    latest.current = next
    set.current(next, { replace: true, preventScrollReset: true })
  }, [])
  return [query, put] as const
}
