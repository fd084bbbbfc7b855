import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { getOuting, listBoxes } from '../api/plans'
import type { OutingView } from '../api/types'
import { dayWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { useMe } from '../api/useMe'
import { Page } from '../shell/Page'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Stepper } from '../ui/Stepper'
import { Missing } from './Missing'
import { Naturals } from './Naturals'
import { Needs } from './Needs'
import { Report } from './Report'
import { type Open, useOuting } from './useOuting'
import { WATER_WORDS } from './words'

/** One day on the water: what is expected, what goes along, what is missing, what came of it. */
export function OutingPage() {
  const { id = '' } = useParams()
  const outing = useQuery({ queryKey: ['outing', id], queryFn: () => getOuting(id), gcTime: 0 })
  if (outing.error) {
    return (
      <Page title="Outing">
        <p role="alert">{whatWentWrong(outing.error)}</p>
        <Link className="underline" to="/outings">
          To the outings
        </Link>
      </Page>
    )
  }
  return outing.data ? (
    <Opened key={id} id={id} opened={outing.data} again={() => void outing.refetch()} />
  ) : (
    <p className="p-8" aria-busy="true">
      Opening…
    </p>
  )
}

function Opened({ id, opened, again }: { id: string; opened: OutingView; again: () => void }) {
  const open = useOuting(id, opened)
  const { outing, view } = open
  const { mayChange } = useMe()
  return (
    <Page title={outing.name || 'Outing'}>
      <p className="text-soft flex flex-wrap items-baseline gap-x-4">
        <Link className="underline print:hidden" to="/outings">
          all outings
        </Link>
        <span>
          {dayWords(outing.day)}, from {outing.from.slice(0, 5)}, {outing.hours} h on{' '}
          {WATER_WORDS[outing.water]}
        </span>
        <span className="flex-1" />
        {mayChange ? <Saved open={open} /> : <span>you look on</span>}
        <button type="button" className="underline print:hidden" onClick={() => window.print()}>
          print
        </button>
      </p>
      <fieldset
        disabled={!mayChange}
        className="mt-3 grid gap-x-10 gap-y-6 *:min-w-0 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] print:block"
      >
        <div className="space-y-6 print:hidden">
          <Day open={open} />
          <Naturals open={open} />
        </div>
        <div className="space-y-6">
          <Needs open={open} onLives={again} />
          {!view.over && <Missing view={view} />}
          <Report id={id} view={view} onTold={again} />
        </div>
      </fieldset>
    </Page>
  )
}

/** Whether it is kept; a change from elsewhere stops until one of the two is chosen. */
function Saved({ open: { state, queue } }: { open: Open }) {
  if (state.kind === 'changed-elsewhere') {
    return (
      <span role="alert" className="text-warn flex flex-wrap gap-2">
        It was changed elsewhere.
        <Button onClick={() => queue.resolve('theirs', state.stored)}>Take that</Button>
        <Button onClick={() => queue.resolve('mine', state.stored)}>Keep this</Button>
      </span>
    )
  }
  return (
    <span role="status" className={`print:hidden ${state.kind === 'failed' ? 'text-warn' : ''}`}>
      {state.kind === 'failed'
        ? `Not kept: ${state.message}`
        : state.kind === 'saving'
          ? 'keeping…'
          : 'kept'}
    </span>
  )
}

const WATERS = [
  ['STILL', 'still'],
  ['GLIDE', 'glide'],
  ['RIFFLE', 'riffle'],
  ['POCKET', 'pocket'],
] as const

function Day({ open: { outing, change } }: { open: Open }) {
  const boxes = useQuery({ queryKey: ['boxes'], queryFn: listBoxes })
  return (
    <section aria-labelledby="day">
      <h2 id="day" className="font-serif text-2xl">
        The day
      </h2>
      <div className="space-y-1.5">
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">name</span>
          <input
            className="border-edge bg-leaf min-w-0 flex-1 rounded border px-2 py-1"
            value={outing.name}
            maxLength={80}
            onChange={(e) => change({ name: e.target.value })}
          />
        </label>
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">day</span>
          <input
            type="date"
            className="border-edge bg-leaf rounded border px-2 py-1"
            value={outing.day}
            onChange={(e) => e.target.value && change({ day: e.target.value })}
          />
        </label>
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">from</span>
          <input
            type="time"
            className="border-edge bg-leaf rounded border px-2 py-1"
            value={outing.from.slice(0, 5)}
            onChange={(e) => e.target.value && change({ from: e.target.value })}
          />
        </label>
        <Stepper
          label="hours of fishing"
          value={outing.hours}
          step={0.5}
          low={0.5}
          high={24}
          unit="h"
          onChange={(hours) => change({ hours })}
        />
        <Choice
          label="water"
          value={outing.water}
          options={WATERS}
          onChange={(water) => change({ water })}
        />
        <Stepper
          label="people from these boxes"
          value={outing.people}
          step={1}
          low={1}
          high={20}
          onChange={(people) => change({ people })}
        />
        <Choice
          label="a fly that has soaked"
          value={outing.competition ? 'away' : 'again'}
          options={[
            ['again', 'is dressed again'],
            ['away', 'is put away: it counts'],
          ]}
          onChange={(v) => change({ competition: v === 'away' })}
        />
        <Stepper
          label="fish an hour, each"
          value={outing.fishPerHour}
          step={0.5}
          low={0}
          high={30}
          onChange={(fishPerHour) => change({ fishPerHour })}
        />
        <Stepper
          label="heaviest fish"
          value={outing.heaviestG}
          step={50}
          low={50}
          high={5000}
          unit="g"
          onChange={(heaviestG) => change({ heaviestG })}
        />
        {(boxes.data?.boxes.length ?? 0) > 1 && (
          <fieldset className="flex flex-wrap items-center gap-x-4">
            <legend className="text-soft float-left mr-4">goes along</legend>
            {boxes.data?.boxes.map((b) => {
              const all = outing.boxes.length === 0
              const along = all || outing.boxes.includes(b.id)
              return (
                <label key={b.id} className="flex items-center gap-1 pointer-coarse:min-h-11">
                  <input
                    type="checkbox"
                    checked={along}
                    onChange={() => {
                      const now = all ? (boxes.data?.boxes.map((o) => o.id) ?? []) : outing.boxes
                      change({
                        boxes: along ? now.filter((o) => o !== b.id) : [...now, b.id],
                      })
                    }}
                  />
                  {b.name}
                </label>
              )
            })}
          </fieldset>
        )}
        <label className="grid gap-1">
          <span className="text-soft">notes</span>
          <textarea
            className="border-edge bg-leaf rounded border px-2 py-1"
            rows={2}
            maxLength={2000}
            value={outing.notes}
            onChange={(e) => change({ notes: e.target.value })}
          />
        </label>
      </div>
    </section>
  )
}
