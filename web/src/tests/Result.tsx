import { Link } from 'react-router'
import { say } from '../parts/units'
import { Table } from '../shell/Page'
import { Button } from '../ui/Button'
import { STANDS } from './words'
import type { Kept } from './useTest'

/** What was foretold beside what was seen. */
export function Result({ kept }: { kept: Kept }) {
  const { leftOut, notes } = kept.written
  const { beside } = kept.kept
  return (
    <div className="text-base">
      {beside.length === 0 ? (
        <p>Nothing is told yet.</p>
      ) : (
        <Table
          head={['', 'foretold, 8 in 10', 'seen', '']}
          rows={beside.map((b) => [b.what, say(b.foretold), say(b.seen), STANDS[b.stands]])}
        />
      )}
      <label className="mt-3 block">
        notes
        <textarea
          className="border-edge bg-leaf block w-full rounded border px-2 py-1"
          rows={2}
          maxLength={2000}
          value={notes}
          onChange={(e) => kept.change((w) => ({ ...w, notes: e.target.value }))}
        />
      </label>
      <p className="mt-3 flex flex-wrap items-center gap-3">
        <Button
          aria-pressed={leftOut}
          onClick={() => kept.change((w) => ({ ...w, leftOut: !w.leftOut }))}
        >
          {leftOut ? 'Count it again' : 'Leave it out'}
        </Button>
        {leftOut && <span className="text-soft">Nothing is learnt from it.</span>}
        <Link className="underline" to="/tests">
          What all tests teach
        </Link>
      </p>
    </div>
  )
}
