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
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { CopyPlus, GripVertical, X } from 'lucide-react'
import type { Part } from '../api/types'
import { IconButton } from '../ui/IconButton'
import { Window } from '../ui/Window'
import { title } from '../parts/words'
import { nameOfPart } from '../parts/document'

type Props = {
  parts: Part[]
  onChange: (parts: Part[]) => void
  onClose: () => void
}

/** The parts in tying order: dragged, moved by keys, doubled, left out. */
export function TyingOrder({ parts, onChange, onClose }: Props) {
  const names = parts.map((_, i) => nameOfPart(parts, i))
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    const from = names.indexOf(String(active.id))
    const to = names.indexOf(String(over?.id))
    if (to >= 0 && from !== to) onChange(arrayMove(parts, from, to))
  }
  return (
    <Window title="Tying order" open onClose={onClose}>
      <p className="text-soft my-2">
        Drag a part by its handle, or press space on the handle and use the arrow keys.
      </p>
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <SortableContext items={names} strategy={verticalListSortingStrategy}>
          <ol aria-label="Parts in tying order">
            {parts.map((_, i) => {
              const name = names[i] ?? ''
              return (
                <Row
                  key={name}
                  name={name}
                  place={i + 1}
                  only={parts.length === 1}
                  onDouble={() =>
                    onChange([
                      ...parts.slice(0, i + 1),
                      { ...parts[i] } as Part,
                      ...parts.slice(i + 1),
                    ])
                  }
                  onRemove={() => onChange(parts.filter((_, j) => j !== i))}
                />
              )
            })}
          </ol>
        </SortableContext>
      </DndContext>
    </Window>
  )
}

function Row({
  name,
  place,
  only,
  onDouble,
  onRemove,
}: {
  name: string
  place: number
  only: boolean
  onDouble: () => void
  onRemove: () => void
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: name })
  const words = title(name)
  return (
    <li
      ref={setNodeRef}
      className="border-rule bg-leaf flex items-center gap-2 border-b py-1"
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      <button
        type="button"
        aria-label={`move ${words}`}
        className="hover:text-tide inline-flex min-h-8 min-w-8 cursor-grab touch-none items-center justify-center pointer-coarse:min-h-11 pointer-coarse:min-w-11"
        {...attributes}
        {...listeners}
      >
        <GripVertical size={16} aria-hidden />
      </button>
      <span className="text-soft w-5 text-right tabular-nums">{place}</span>
      <span className="flex-1">{words}</span>
      <IconButton
        label={`duplicate ${words}`}
        onClick={onDouble}
        icon={<CopyPlus size={16} aria-hidden />}
      />
      <IconButton
        label={`leave out ${words}`}
        disabled={only}
        onClick={onRemove}
        icon={<X size={16} aria-hidden />}
      />
    </li>
  )
}
