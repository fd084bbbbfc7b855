import { useQuery } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { listSeasons } from '../api/plans'
import type { Flies, Outing, Schemas } from '../api/types'
import { fliesKey } from '../parts/flies'
import { ORDERS, STAGES } from '../parts/naturals'
import { Button } from '../ui/Button'
import { IconButton } from '../ui/IconButton'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import type { Open } from './useOuting'

type Natural = Outing['naturals'][number]

/** Insects that are expected, by hand or from the season, and what of the book stands for them. */
export function Naturals({ open }: { open: Open }) {
  const { outing, view, change } = open
  const seasons = useQuery({ queryKey: ['seasons'], queryFn: listSeasons, staleTime: Infinity })
  const month = Number(outing.day.slice(5, 7))
  const put = (i: number, to: Partial<Natural>) =>
    change({ naturals: outing.naturals.map((n, j) => (j === i ? { ...n, ...to } : n)) })
  const take = (flies: Flies) => {
    if (outing.wanted.some((w) => fliesKey(w.flies) === fliesKey(flies))) return
    change({ wanted: [...outing.wanted, { flies, share: 0.5, count: 0 }] })
  }
  return (
    <section aria-labelledby="naturals">
      <h2 id="naturals" className="font-serif text-2xl">
        Expected
      </h2>
      <div className="flex flex-wrap items-center gap-2">
        <Pick
          label="as usual in"
          value=""
          placeholder={
            seasons.data?.find((s) => month >= s.firstMonth && month <= s.lastMonth)?.label ??
            'a season'
          }
          options={(seasons.data ?? []).map((s) => [s.id, s.label] as const)}
          onChange={(id) => {
            const season = seasons.data?.find((s) => s.id === id)
            if (season) change({ naturals: season.naturals })
          }}
        />
        <Button
          onClick={() =>
            change({
              naturals: [
                ...outing.naturals,
                { order: 'MAYFLY', stage: 'ADULT', bodyMm: 8, shade: '', words: '' },
              ],
            })
          }
        >
          Add one
        </Button>
      </div>
      <p className="text-soft text-sm">Common practice, no source; you know your river better.</p>
      <ul>
        {outing.naturals.map((n, i) => (
          <li key={i} className="border-rule space-y-1 border-b py-2">
            <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
              <Pick
                label="insect"
                hidden
                value={n.order}
                options={ORDERS}
                onChange={(order) => put(i, { order })}
              />
              <Pick
                label="stage"
                hidden
                value={n.stage}
                options={STAGES}
                onChange={(stage) => put(i, { stage })}
              />
              <Stepper
                label="body"
                value={n.bodyMm}
                step={0.5}
                low={2}
                high={50}
                unit="mm"
                onChange={(bodyMm) => put(i, { bodyMm })}
              />
              <span className="flex-1" />
              <IconButton
                label={`not ${n.words || n.order.toLowerCase()}`}
                icon={<X size={16} aria-hidden />}
                onClick={() => change({ naturals: outing.naturals.filter((_, j) => j !== i) })}
              />
            </div>
            <p className="text-soft text-sm">{[n.shade, n.words].filter(Boolean).join(', ')}</p>
            {view.naturals[i] && <Fits fits={view.naturals[i]} onTake={take} />}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Fits({ fits, onTake }: { fits: Schemas['NaturalView']; onTake: (f: Flies) => void }) {
  return (
    <>
      <p className="text-sm">
        Hook {fits.sameSize} by its body
        {fits.oneSmaller && `, or ${fits.oneSmaller}: some go one smaller`}.
      </p>
      <p className="flex flex-wrap gap-1">
        {fits.patterns.length === 0 && (
          <span className="text-soft text-sm">Nothing in the book stands for it.</span>
        )}
        {fits.patterns.map((p) => (
          <Button
            key={p.id}
            className="px-2 text-sm"
            aria-label={`take ${p.name} ${fits.sameSize} along`}
            onClick={() =>
              onTake({ pattern: p.id, name: p.name, size: fits.sameSize, colouring: '' })
            }
          >
            + {p.name} {fits.sameSize}
          </Button>
        ))}
      </p>
    </>
  )
}
