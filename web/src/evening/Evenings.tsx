import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { sortableKeyboardCoordinates } from '@dnd-kit/sortable'
import { useQuery } from '@tanstack/react-query'
import { getPlan } from '../api/plans'
import { address } from '../api/room'
import type { EveningPlan } from '../api/types'
import { count, dayFrom, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { Button } from '../ui/Button'
import { Evening } from './Evening'
import { Wants } from './Wants'
import { batchesOf, put } from './batches'
import { type Open, usePlan } from './usePlan'

/** Evenings at the vise: what is tied when, why so, and what does not fit. */
export function Evenings() {
  const plan = useQuery({ queryKey: ['plan'], queryFn: getPlan, gcTime: 0 })
  if (plan.error) {
    return (
      <Page title="Evenings at the vise">
        <p role="alert">{whatWentWrong(plan.error)}</p>
      </Page>
    )
  }
  return plan.data ? (
    <Opened key={plan.data.revision} opened={plan.data} again={() => plan.refetch()} />
  ) : (
    <p className="p-8" aria-busy="true">
      Opening…
    </p>
  )
}

function Opened({ opened, again }: { opened: EveningPlan; again: () => Promise<unknown> }) {
  const open = usePlan(opened, again)
  const { view, wanted, change } = open
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const batches = view.evenings.flatMap(batchesOf)
  const drop = ({ active, over }: DragEndEvent) => {
    const batch = batches.find((b) => b.key === active.id)
    const on = batches.find((b) => b.key === over?.id)
    const evening = on?.evening ?? view.evenings.find((e) => e.evening.id === over?.id)?.evening.id
    if (!batch || !evening || batch === on || on?.tied) return
    const after = on && batches.indexOf(on) > batches.indexOf(batch) && on.evening === batch.evening
    const before = after ? batches[batches.indexOf(on) + 1] : on
    change({
      slots: put(view.slots, batch, evening, before?.evening === evening ? before : undefined),
    })
  }
  const addEvening = () =>
    change({
      evenings: [
        ...wanted.evenings,
        { id: crypto.randomUUID(), day: dayFrom(1), from: '19:30', minutes: 120 },
      ],
    })
  return (
    <Page title="Evenings at the vise">
      <div className="flex flex-wrap items-center gap-3 print:hidden">
        <Planning open={open} />
        <Button onClick={addEvening}>Add an evening</Button>
        <span className="flex-1" />
        <Saved open={open} />
        <a className="underline" href={address('/api/evenings/calendar.ics')} download>
          calendar
        </a>
        <button type="button" className="underline" onClick={() => window.print()}>
          print
        </button>
      </div>
      <div className="mt-3 grid gap-x-8 gap-y-6 *:min-w-0 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] print:block">
        <div className="space-y-5">
          {view.evenings.length === 0 && (
            <p className="text-soft">Add an evening that is free, and say what is to be tied.</p>
          )}
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
            {view.evenings.map((e) => (
              <Evening key={e.evening.id} evening={e} open={open} />
            ))}
          </DndContext>
          <Told view={view} />
        </div>
        <Wants open={open} />
      </div>
    </Page>
  )
}

/** The button that plans, or how far planning is. */
function Planning({ open: { line, failed, plan, stop, view } }: { open: Open }) {
  if (line) {
    const { progress, waits } = line
    return (
      <>
        <span role="status">
          {waits
            ? `waits for ${waits.before} others`
            : progress
              ? `planning: ${progress.done} of ${progress.all}`
              : 'planning…'}
        </span>
        <Button onClick={stop}>Stop</Button>
      </>
    )
  }
  return (
    <>
      <Button
        className="bg-tide! text-paper"
        disabled={view.evenings.length === 0 || view.wants.length === 0}
        onClick={plan}
      >
        {view.slots.length === 0 ? 'Plan' : 'Plan again'}
      </Button>
      {!view.current && view.slots.length > 0 && (
        <span className="text-soft">Evenings or wants changed since it was planned.</span>
      )}
      {failed && (
        <span role="alert" className="text-warn">
          {failed}
        </span>
      )}
    </>
  )
}

function Saved({ open: { state, queue } }: { open: Open }) {
  if (state.kind === 'changed-elsewhere') {
    return (
      <span role="alert" className="text-warn flex flex-wrap gap-2">
        It was changed elsewhere, or a fly was tied.
        <Button onClick={() => queue.resolve('theirs', state.stored)}>Take that</Button>
        <Button onClick={() => queue.resolve('mine', state.stored)}>Keep this</Button>
      </span>
    )
  }
  return state.kind === 'failed' ? (
    <span role="alert" className="text-warn">
      Not kept: {state.message}
    </span>
  ) : null
}

/** Why it is so, and what does not fit. */
function Told({ view }: { view: EveningPlan }) {
  const want = (id: string) => view.wants.find((w) => w.id === id)
  const left = view.left.filter((l) => want(l.want))
  return (
    <>
      {left.length > 0 && (
        <section aria-labelledby="left" className="border-warn border-l-4 pl-3">
          <h2 id="left" className="font-serif text-xl font-semibold">
            Does not fit
          </h2>
          <ul>
            {left.map((l) => {
              const of = want(l.want)
              return (
                <li key={l.want}>
                  <strong>
                    {l.count} × {of && fliesWords(of.flies)}
                  </strong>
                  : {l.why}
                </li>
              )
            })}
          </ul>
        </section>
      )}
      {view.why.length > 0 && (
        <section aria-labelledby="why">
          <h2 id="why" className="font-serif text-xl font-semibold">
            Why so
          </h2>
          <ul className="list-disc pl-5">
            {view.why.map((w) => (
              <li key={w}>{w}</li>
            ))}
          </ul>
          <p className="text-soft text-sm">
            {count(view.slots.length, 'fly', 'flies')} in your own times for a step, where they were
            taken; what is made ready once an evening is common practice, no source.
          </p>
        </section>
      )}
    </>
  )
}
