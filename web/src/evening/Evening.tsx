import { useDroppable } from '@dnd-kit/core'
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { GripVertical, Pin, PinOff, X } from 'lucide-react'
import { Link } from 'react-router'
import type { EveningPlan } from '../api/types'
import { count, dayWords, fliesWords, tieAddress, timeAfter } from '../parts/flies'
import { IconButton } from '../ui/IconButton'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { Strip } from './Strip'
import { type Batch, batchesOf, pinned, put } from './batches'
import type { Open } from './usePlan'

type View = EveningPlan['evenings'][number]

/** One evening: its clock as a strip, and its work run by run. */
export function Evening({ evening: e, open }: { evening: View; open: Open }) {
  const { view, wanted, change } = open
  const { evening } = e
  const batches = batchesOf(e)
  const { setNodeRef, isOver } = useDroppable({
    id: evening.id,
    disabled: batches.length > 0, // then one drops on its runs
  })
  const set = (to: Partial<typeof evening>) =>
    change({
      evenings: wanted.evenings.map((o) => (o.id === evening.id ? { ...o, ...to } : o)),
    })
  const ends = timeAfter(evening.from, evening.minutes)
  const next = batches.find((b) => !b.tied)
  return (
    <section
      ref={setNodeRef}
      aria-label={dayWords(evening.day)}
      className={`bg-leaf rounded-md border p-3 break-inside-avoid ${isOver ? 'border-tide' : 'border-rule'}`}
    >
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 className="font-serif text-xl font-semibold">{dayWords(evening.day)}</h2>
        <span className="tabular-nums">
          {evening.from.slice(0, 5)} to {ends}
        </span>
        <span className={e.overMinutes > 0.5 ? 'text-warn' : 'text-soft'}>
          {e.over
            ? 'over'
            : e.work.length === 0
              ? 'nothing planned'
              : e.overMinutes > 0.5
                ? `▲ ${Math.round(e.overMinutes)} min beyond its end`
                : `done about ${timeAfter(evening.from, e.spentMinutes)}`}
        </span>
        <span className="flex-1" />
        {next && !e.over && <TieNext batch={next} open={open} />}
      </div>
      <Strip evening={e} wants={view.wants} />
      <SortableContext items={batches.map((b) => b.key)} strategy={verticalListSortingStrategy}>
        <ol aria-label={`Work of ${dayWords(evening.day)}`}>
          {batches.map((b) => (
            <Row key={b.key} batch={b} evening={evening} open={open} />
          ))}
        </ol>
      </SortableContext>
      <details className="mt-2 print:hidden">
        <summary className="text-soft">when</summary>
        <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
          <input
            type="date"
            aria-label="day"
            className="border-edge bg-leaf rounded border px-2 py-0.5"
            value={evening.day}
            onChange={(i) => i.target.value && set({ day: i.target.value })}
          />
          <input
            type="time"
            aria-label="from"
            className="border-edge bg-leaf rounded border px-2 py-0.5"
            value={evening.from.slice(0, 5)}
            onChange={(i) => i.target.value && set({ from: i.target.value })}
          />
          <Stepper
            label="for"
            value={evening.minutes}
            step={10}
            low={10}
            high={720}
            unit="min"
            onChange={(minutes) => set({ minutes })}
          />
          <IconButton
            label={`not on ${dayWords(evening.day)}`}
            icon={<X size={16} aria-hidden />}
            onClick={() => change({ evenings: wanted.evenings.filter((o) => o.id !== evening.id) })}
          />
        </div>
      </details>
    </section>
  )
}

/** Leads to the next fly on the vise; from there it goes on fly by fly. */
function TieNext({ batch, open }: { batch: Batch; open: Open }) {
  const want = open.view.wants.find((w) => w.id === batch.want)
  if (!want) return null
  return (
    <Link
      className="bg-tide text-paper rounded-md px-3 py-1 pointer-coarse:py-2.5 print:hidden"
      to={tieAddress(want.flies, batch.evening)}
    >
      tie it
    </Link>
  )
}

function Row({
  batch,
  evening,
  open: { view, change },
}: {
  batch: Batch
  evening: View['evening']
  open: Open
}) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: batch.key,
    disabled: batch.tied,
  })
  const want = view.wants.find((w) => w.id === batch.want)
  const job = view.jobs.find((j) => j.want === batch.want)
  const others = view.evenings.filter((e) => e.evening.id !== evening.id && !e.over)
  if (!want) return null
  const words = fliesWords(want.flies)
  return (
    <li
      ref={setNodeRef}
      className={`border-rule bg-leaf flex flex-wrap items-start gap-2 border-b py-1 ${isDragging ? 'relative z-10 shadow' : ''}`}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      <button
        type="button"
        aria-label={`move ${words}`}
        disabled={batch.tied}
        className="hover:text-tide inline-flex min-h-8 min-w-8 cursor-grab touch-none items-center justify-center disabled:opacity-30 pointer-coarse:min-h-11 pointer-coarse:min-w-11 print:hidden"
        {...attributes}
        {...listeners}
      >
        <GripVertical size={16} aria-hidden />
      </button>
      <span className="text-soft w-12 pt-1 tabular-nums">
        {timeAfter(evening.from, batch.from)}
      </span>
      <span className="min-w-0 flex-1 pt-1 max-sm:basis-3/5">
        <strong>
          {batch.slots.length} × {words}
        </strong>
        {batch.tied && <span className="text-tide"> tied</span>}
        {job && (
          <span className="text-soft block text-sm">
            {job.thread}, {job.minutes.toFixed(0)} min each
            {job.driesMinutes > 0 && `, dries ${job.driesMinutes.toFixed(0)} min before it is done`}
            {job.prepare.length > 0 && `; first: ${job.prepare.join('; ')}`}
          </span>
        )}
      </span>
      {!batch.tied && (
        <span className="ml-auto flex items-center print:hidden">
          {others.length > 0 && (
            <Pick
              label={`evening of ${words}`}
              hidden
              narrow
              value=""
              placeholder="other evening"
              options={others.map((e) => [e.evening.id, dayWords(e.evening.day)] as const)}
              onChange={(to) => change({ slots: put(view.slots, batch, to) })}
            />
          )}
          <IconButton
            label={batch.pinned ? `let ${words} move` : `pin ${words} here`}
            icon={batch.pinned ? <Pin size={16} aria-hidden /> : <PinOff size={16} aria-hidden />}
            aria-pressed={batch.pinned}
            className={batch.pinned ? 'text-tide' : 'text-soft'}
            onClick={() => change({ slots: pinned(view.slots, batch, !batch.pinned) })}
          />
        </span>
      )}
      <span className="sr-only">{count(batch.slots.length, 'fly', 'flies')}</span>
    </li>
  )
}
