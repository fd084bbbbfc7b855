import { X } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Flies, Want } from '../api/types'
import { FliesFields } from '../box/FliesFields'
import { count, dayFrom, dayWords, fliesKey, fliesWords, planned } from '../parts/flies'
import { Button } from '../ui/Button'
import { IconButton } from '../ui/IconButton'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { Window } from '../ui/Window'
import type { Open } from './usePlan'

const WORTHS = [
  ['2', 'if there is time'],
  ['10', 'wanted'],
  ['40', 'has to be'],
] as const

/** What is to be tied: what outings lack, and what one wishes beside. */
export function Wants({ open }: { open: Open }) {
  const { view, wanted, change } = open
  const [adding, setAdding] = useState(false)
  const put = (id: string, to: Partial<Want>) =>
    change({ wants: wanted.wants.map((w) => (w.id === id ? { ...w, ...to } : w)) })
  const lack = view.lacks.filter((l) => l.lacking > 0)
  const asked = wanted.wants.reduce((sum, w) => sum + (w.outing ? w.count : 0), 0)
  const tied = (id: string) => view.slots.filter((s) => s.want === id && s.fly).length
  const missing = lack.reduce((sum, l) => sum + l.lacking, 0)
  const plan = new URLSearchParams(
    wanted.wants
      .filter((w) => w.count > tied(w.id))
      .map((w) => planned(w.flies, w.count - tied(w.id))),
  )
  return (
    <section aria-labelledby="wants" className="print:hidden">
      <h2 id="wants" className="font-serif text-2xl">
        To be tied
      </h2>
      <p className="text-soft">
        {missing > 0
          ? `Outings to come lack ${count(missing, 'fly', 'flies')}; ${asked} stand here.`
          : 'Outings to come lack nothing.'}
      </p>
      <p className="my-2 flex flex-wrap gap-2">
        <Button onClick={open.lacking}>Take over what they lack</Button>
        <Button onClick={() => setAdding(true)}>Wish for more…</Button>
      </p>
      <ul>
        {wanted.wants.map((w) => {
          const outing = view.lacks.find((l) => l.outing === w.outing)
          return (
            <li key={w.id} className="border-rule border-b py-2">
              <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
                <strong className="min-w-0 flex-1">{fliesWords(w.flies)}</strong>
                <Stepper
                  label="flies"
                  value={w.count}
                  step={1}
                  low={1}
                  high={99}
                  onChange={(n) => put(w.id, { count: n })}
                />
                <IconButton
                  label={`not ${fliesWords(w.flies)}`}
                  icon={<X size={16} aria-hidden />}
                  onClick={() => change({ wants: wanted.wants.filter((o) => o.id !== w.id) })}
                />
              </div>
              <p className="text-soft flex flex-wrap items-center gap-x-3 text-sm">
                {outing ? (
                  <Link className="underline" to={`/outings/${w.outing}`}>
                    for {outing.name}, {dayWords(w.due)}
                  </Link>
                ) : (
                  <label>
                    by{' '}
                    <input
                      type="date"
                      className="border-edge bg-leaf rounded border px-1"
                      value={w.due}
                      onChange={(e) => e.target.value && put(w.id, { due: e.target.value })}
                    />
                  </label>
                )}
                <label>
                  not before{' '}
                  <input
                    type="date"
                    className="border-edge bg-leaf rounded border px-1"
                    value={w.from}
                    onChange={(e) => e.target.value && put(w.id, { from: e.target.value })}
                  />
                </label>
                <Pick
                  label={`how much it matters, ${fliesWords(w.flies)}`}
                  hidden
                  value={nearest(w.worth)}
                  options={WORTHS}
                  onChange={(worth) => put(w.id, { worth: Number(worth) })}
                />
                {tied(w.id) > 0 && <span className="text-tide">{tied(w.id)} tied</span>}
              </p>
            </li>
          )
        })}
      </ul>
      <label className="mt-3 flex items-center gap-2 pointer-coarse:min-h-11">
        <input
          type="checkbox"
          checked={wanted.byStock}
          onChange={(e) => change({ byStock: e.target.checked })}
        />
        only what the drawer has the materials for
      </label>
      <p className="mt-2">
        <Link className="underline" to={`/drawer/tie?${plan}`}>
          shopping list for these
        </Link>
      </p>
      {adding && (
        <Wish
          onClose={() => setAdding(false)}
          onAdd={(flies) => {
            setAdding(false)
            const there = wanted.wants.find(
              (w) => !w.outing && fliesKey(w.flies) === fliesKey(flies),
            )
            if (there) return put(there.id, { count: Math.min(99, there.count + 1) })
            const due = view.evenings.at(-1)?.evening.day ?? dayFrom(14)
            change({
              wants: [
                ...wanted.wants,
                {
                  id: crypto.randomUUID(),
                  flies,
                  count: 3,
                  outing: '',
                  from: dayFrom(0),
                  due,
                  worth: 10,
                },
              ],
            })
          }}
        />
      )}
    </section>
  )
}

const nearest = (worth: number) => (worth < 6 ? '2' : worth < 25 ? '10' : '40')

function Wish({ onAdd, onClose }: { onAdd: (flies: Flies) => void; onClose: () => void }) {
  const [flies, setFlies] = useState<Flies>()
  return (
    <Window title="Tie more" open onClose={onClose}>
      <div className="grid gap-2">
        <FliesFields flies={flies} onChange={setFlies} />
        <Button disabled={!flies} onClick={() => flies && onAdd(flies)}>
          Put it on the list
        </Button>
      </div>
    </Window>
  )
}
