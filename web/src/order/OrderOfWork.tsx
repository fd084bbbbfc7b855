import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { writeCard } from '../api/client'
import type { PatternDocument } from '../api/types'
import {
  added,
  isOwnOrder,
  reordered,
  reworded,
  stepsOf,
  withSteps,
  without,
  workedOut,
} from '../parts/steps'
import { Button } from '../ui/Button'
import { Window } from '../ui/Window'
import { StepRow } from './StepRow'

type Props = {
  document: PatternDocument
  onChange: (next: PatternDocument) => void
  onClose: () => void
}

/** What hands do, in order: dragged, put in other words, added to; what cannot be tied is told. */
export function OrderOfWork({ document, onChange, onClose }: Props) {
  const card = useQuery({
    queryKey: ['order', document.pattern],
    queryFn: () => writeCard(document),
    placeholderData: keepPreviousData,
    gcTime: 0,
  })
  const [open, setOpen] = useState('')
  const [failed, setFailed] = useState('')
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const steps = card.data?.steps ?? []
  const keys = steps.map((s) => s.key)
  const own = isOwnOrder(document, steps)
  const move = (from: number, to: number) => {
    if (from >= 0 && to >= 0 && from !== to) onChange(reordered(document, steps, from, to))
  }
  const drop = ({ active, over }: DragEndEvent) =>
    move(keys.indexOf(String(active.id)), keys.indexOf(String(over?.id)))
  const workOut = () => {
    setFailed('')
    writeCard(withSteps(document, []))
      .then((derived) => onChange(workedOut(document, derived.steps)))
      .catch((e: Error) => setFailed(e.message))
  }
  return (
    <Window title="Order of work" open onClose={onClose}>
      <p className="text-soft my-2">
        {own
          ? 'This order is your own.'
          : 'Worked out: what has to be done first comes first, else parts in the order of the pattern.'}{' '}
        Drag a step by its handle, or press space on the handle and use the arrow keys.
      </p>
      {own && <Button onClick={workOut}>Work the order out again</Button>}
      {(card.error ?? failed) && (
        <p role="alert" className="text-warn">
          {card.error?.message ?? failed}
        </p>
      )}
      {card.isPending && <p role="status">Writing the steps…</p>}
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={keys} strategy={verticalListSortingStrategy}>
          <ol aria-label="Steps in the order of work" aria-busy={card.isPlaceholderData}>
            {steps.map((step, i) => (
              <StepRow
                key={step.key}
                step={step}
                place={i + 1}
                said={stepsOf(document).find((s) => s.do === step.key)}
                problems={card.data?.problems.filter((p) => p.step === step.key) ?? []}
                open={open === step.key}
                onOpen={(yes) => setOpen(yes ? step.key : '')}
                onMend={(after) => move(i, keys.indexOf(after))}
                onWords={(words, note) => {
                  onChange(reworded(document, steps, step.key, words, note))
                  setOpen('')
                }}
                onAdd={(words) => onChange(added(document, steps, i, words))}
                onRemove={() => onChange(without(document, step.key))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </Window>
  )
}
