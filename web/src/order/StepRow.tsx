import { useSortable } from '@dnd-kit/sortable'
import { GripVertical, ListPlus, Pencil, X } from 'lucide-react'
import { useId, useState } from 'react'
import type { Card, OwnStep } from '../api/types'
import { say } from '../parts/units'
import { Button } from '../ui/Button'
import { IconButton } from '../ui/IconButton'

const MOST = 600

type Props = {
  step: Card['steps'][number]
  place: number
  /** What the tier has said of it. */
  said: OwnStep | undefined
  problems: Card['problems']
  open: boolean
  onOpen: (open: boolean) => void
  /** It is moved behind a step that it needs. */
  onMend: (after: string) => void
  onWords: (words: string, note: string) => void
  onAdd: (words: string) => void
  onRemove: () => void
}

/** One step: its handle, its words, and what can be done with it. */
export function StepRow(props: Props) {
  const { step, place, said, problems, open } = props
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({
    id: step.key,
  })
  const [adding, setAdding] = useState(false)
  const own = step.part === 'own'
  const name = own ? `your step ${place}` : step.title.toLowerCase()
  return (
    <li
      ref={setNodeRef}
      className="border-rule bg-leaf border-b py-1"
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      <div className="flex items-start gap-2">
        <button
          type="button"
          aria-label={`move ${name}`}
          className="hover:text-tide inline-flex min-h-8 min-w-8 cursor-grab touch-none items-center justify-center pointer-coarse:min-h-11 pointer-coarse:min-w-11"
          {...attributes}
          {...listeners}
        >
          <GripVertical size={16} aria-hidden />
        </button>
        <span className="text-soft w-6 pt-1 text-right tabular-nums">{place}</span>
        <div className="min-w-0 flex-1 pt-1">
          <strong>{step.title}</strong>
          {said?.words && !own && <span className="text-tide text-sm"> in your words</span>}
          <p className="text-soft text-sm">{say(step.how)}</p>
          {step.note && <p className="text-sm">Note: {step.note}</p>}
          {problems.map((p) => (
            <p key={p.after} className="text-warn flex flex-wrap items-center gap-2 text-sm">
              ▲ {p.words}
              <Button onClick={() => props.onMend(p.after)}>Move it there</Button>
            </p>
          ))}
        </div>
        <IconButton
          label={`change the words: ${name}`}
          aria-expanded={open}
          onClick={() => props.onOpen(!open)}
          icon={<Pencil size={16} aria-hidden />}
        />
        <IconButton
          label={`add a step behind: ${name}`}
          aria-expanded={adding}
          onClick={() => setAdding(!adding)}
          icon={<ListPlus size={16} aria-hidden />}
        />
        {own && (
          <IconButton
            label={`leave out ${name}`}
            onClick={props.onRemove}
            icon={<X size={16} aria-hidden />}
          />
        )}
      </div>
      {open && (
        <Words
          step={step}
          said={said}
          own={own}
          onSave={props.onWords}
          onClose={() => props.onOpen(false)}
        />
      )}
      {adding && (
        <Add
          name={name}
          onAdd={(words) => {
            props.onAdd(words)
            setAdding(false)
          }}
          onClose={() => setAdding(false)}
        />
      )}
    </li>
  )
}

function Words({
  step,
  said,
  own,
  onSave,
  onClose,
}: {
  step: Card['steps'][number]
  said: OwnStep | undefined
  own: boolean
  onSave: (words: string, note: string) => void
  onClose: () => void
}) {
  const [words, setWords] = useState(said?.words ?? say(step.how))
  const [note, setNote] = useState(said?.note ?? '')
  // words that are ours still follow the fly; only changed ones are kept
  const mine = words.trim() === say(step.how).trim() && !said?.words ? '' : words.trim()
  return (
    <div data-inner className="my-1 ml-10 grid gap-1" onKeyDown={escaped(onClose)}>
      <Area label="What to do" value={words} onChange={setWords} />
      <Area label="Note to this step" value={note} onChange={setNote} />
      <span className="flex gap-2">
        <Button disabled={own && !mine} onClick={() => onSave(mine, note.trim())}>
          Keep these words
        </Button>
        {!own && said?.words && (
          <Button onClick={() => onSave('', note.trim())}>Use the card’s own words</Button>
        )}
        <Button onClick={onClose}>Leave as it is</Button>
      </span>
    </div>
  )
}

function Add({
  name,
  onAdd,
  onClose,
}: {
  name: string
  onAdd: (words: string) => void
  onClose: () => void
}) {
  const [words, setWords] = useState('')
  return (
    <div data-inner className="my-1 ml-10 grid gap-1" onKeyDown={escaped(onClose)}>
      <Area label={`What to do behind: ${name}`} value={words} onChange={setWords} />
      <span className="flex gap-2">
        <Button disabled={!words.trim()} onClick={() => onAdd(words.trim())}>
          Add this step
        </Button>
        <Button onClick={onClose}>Add nothing</Button>
      </span>
    </div>
  )
}

function Area(props: { label: string; value: string; onChange: (words: string) => void }) {
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className="text-soft text-sm">
        {props.label}
      </label>
      <textarea
        id={id}
        rows={2}
        maxLength={MOST}
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
        className="border-edge bg-paper w-full rounded border px-2 py-1"
      />
    </div>
  )
}

/** Escape closes what is open in a row, and not the window round it. */
const escaped = (close: () => void) => (e: React.KeyboardEvent) => {
  if (e.key !== 'Escape') return
  close()
}
