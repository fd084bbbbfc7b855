import { useEffect } from 'react'
import { useSearchParams } from 'react-router'
import { Button } from '../ui/Button'
import { STEPS, tour } from './tour'
import { useStore } from '../ui/store'

const WORDS = [
  'Fennel Hut is a hut on a small river with two lakes; its warden ties what visitors borrow, and keeps notes on what came back and what drowned. These are the warden’s flies: try first what one turn of hackle less does to the fly below.',
  'Below the drawing, under “Hackle”, press − beside “turns”, or pull one of the rings at the tips on the drawing. The fly moves to its new rest, and what changed is told beside it.',
  'That is all there is to it: change something, see how it will sit. Undo is in the row above; “New” makes a fly from a style, and “More” says what the words mean.',
]

/** Who the warden is, what to try first, and one change made together; can be skipped and called again. */
export function FirstVisit() {
  const [query, setQuery] = useSearchParams()
  const called = query.has('tour')
  const at = useStore(tour)
  useEffect(() => {
    if (!called) return
    tour.set(0)
    setQuery(
      (before) => {
        const next = new URLSearchParams(before)
        next.delete('tour')
        return next
      },
      { replace: true },
    )
  }, [called, setQuery])
  if (at >= STEPS) return null
  return (
    <section
      aria-label="First visit"
      className="bg-leaf border-tide mx-6 my-2 flex flex-wrap items-center gap-x-4 gap-y-1 rounded-md border-2 px-3 py-1.5 max-sm:mx-3 print:hidden"
    >
      <p className="min-w-64 flex-1" aria-live="polite">
        {WORDS[at]}
      </p>
      <span className="text-soft">
        {at + 1} of {STEPS}
      </span>
      {at !== 1 && (
        <Button onClick={() => tour.set(at + 1)}>{at === STEPS - 1 ? 'Done' : 'Go on'}</Button>
      )}
      {at < STEPS - 1 && (
        <button type="button" className="min-h-6 underline" onClick={() => tour.set(STEPS)}>
          Skip
        </button>
      )}
    </section>
  )
}
