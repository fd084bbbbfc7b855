import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { isThere } from '../api/client'
import { answered, reach } from '../api/reach'
import { useStore } from '../ui/store'

const ASK_MS = 1500

/** Says that the application does not answer, and asks until it does again. */
export function Reach() {
  const there = useStore(reach)
  const client = useQueryClient()
  useEffect(() => {
    if (there) return
    const timer = setInterval(() => {
      void isThere().then((ok) => {
        if (!ok) return
        answered()
        void client.invalidateQueries()
      })
    }, ASK_MS)
    return () => clearInterval(timer)
  }, [there, client])
  if (there) return null
  return (
    <p role="alert" className="bg-warn text-paper px-6 py-1 print:hidden" data-testid="unreachable">
      The application does not answer. What you change stays on this page and is saved as soon as it
      is back; start it with ./ripple-rest start.
    </p>
  )
}
