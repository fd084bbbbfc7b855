import { store } from '../ui/store'

const seen = store(false, 'ripple-rest.hint-seen')

/** The one thing to say to somebody who is here for the first time. */
export function Hint() {
  if (seen.use()) return null
  return (
    <p
      role="note"
      className="bg-leaf border-tide absolute top-2 left-6 max-w-[26rem] rounded-md border-2 px-3 py-1 print:hidden"
    >
      This fly lies as it would on the water. Pull a ring at one of its tips and see.{' '}
      <button type="button" className="underline" onClick={() => seen.set(true)}>
        I see
      </button>
    </p>
  )
}

/** Nobody who has changed something needs it any more. */
export const hintTaken = () => seen.set(true)
