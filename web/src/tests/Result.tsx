import { Link } from 'react-router'
import type { Foretold } from '../api/types'
import { percent, sitting } from '../parts/words'
import { length } from '../parts/units'
import { Table } from '../shell/Page'
import { Button } from '../ui/Button'
import type { Kept } from './useTest'
import { MEASURES, against, measureWords } from './words'

/** What was foretold beside what was seen. */
export function Result({ kept, foretold: f }: { kept: Kept; foretold: Foretold }) {
  const { seen, leftOut, notes } = kept.written
  const way = f.ways.find((w) => w.sits === seen.sits)
  const rows: string[][] = []
  if (seen.sits) {
    rows.push([
      'sits',
      f.ways[0] ? `${sitting(f.ways[0].sits)}, ${percent(f.ways[0].share)}` : '–',
      sitting(seen.sits),
      way ? `foretold ${percent(way.share)}` : 'never foretold',
    ])
  }
  for (const m of seen.measured) {
    const band = f.measures.find((b) => b.what === m.what)
    rows.push([
      MEASURES[m.what].name,
      band ? `${measureWords(m.what, band.low)} to ${measureWords(m.what, band.high)}` : '–',
      m.what === 'ANGLE'
        ? `${measureWords(m.what, m.value)} ± ${m.error.toFixed(0)}°`
        : `${length(m.value)} ± ${length(m.error)}`,
      against(f, m.what, m.value),
    ])
  }
  if (seen.hung.length > 0) {
    const low = f.bearsMg[1] ?? 0
    const high = f.bearsMg[17] ?? 0
    const up = Math.max(0, ...seen.hung.filter((h) => h.floats).map((h) => h.mg))
    const down = Math.min(...seen.hung.filter((h) => !h.floats).map((h) => h.mg))
    rows.push([
      'bears',
      `${low.toFixed(0)} to ${high.toFixed(0)} mg`,
      `${up.toFixed(0)} mg${Number.isFinite(down) ? `, not ${down.toFixed(0)}` : ' and more'}`,
      down < low ? 'less than foretold' : up > high ? 'more than foretold' : 'as foretold',
    ])
  }
  if (typeof seen.popsBack === 'boolean') {
    rows.push([
      'comes back up',
      percent(f.popsBack),
      seen.popsBack ? 'yes' : 'no',
      `foretold ${percent(seen.popsBack ? f.popsBack : 1 - f.popsBack)}`,
    ])
  }
  if (seen.lasted) {
    rows.push([
      'minutes up',
      f.minutes ? `half are down after ${f.minutes.toFixed(0)}` : 'half outlast two hours',
      `${seen.lasted.minutes}${seen.lasted.down ? '' : ' and more'}`,
      '',
    ])
  }
  return (
    <div className="text-base">
      {rows.length === 0 ? (
        <p>Nothing is told yet.</p>
      ) : (
        <Table head={['', 'foretold, 8 in 10', 'seen', '']} rows={rows} />
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
