import { Copy, Download, Printer, Redo2, Trash2, Undo2 } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { exportAddress } from '../api/client'
import type { PatternDocument, School } from '../api/types'
import { Pick } from '../ui/Pick'
import type { SaveState } from './useAutosave'
import { Views } from '../shell/Views'

type Props = {
  document: PatternDocument
  state: SaveState
  schools: School[]
  id: string
  steps: { undo: string; redo: string }
  onStep: (way: 'undo' | 'redo') => void
  onChange: (next: PatternDocument) => void
  onCopy: () => void
  onDelete: () => void
  onSchool: (school: string) => void
  onRetry: () => void
}

/** The fly's name and style, its views, and what can be done with all of it. */
export function Heading(props: Props) {
  const { document, state, schools, id, steps, onStep } = props
  const { onChange, onCopy, onDelete, onSchool, onRetry } = props
  const { pattern } = document
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-1 px-6 pt-2">
      <h1 className="sr-only">{pattern.name}</h1>
      <Typed
        key={pattern.name}
        label="Name of the fly"
        value={pattern.name}
        needed
        className="hover:border-rule border-transparent bg-transparent font-serif text-[1.65rem] font-bold"
        onChange={(name) => onChange({ ...document, pattern: { ...pattern, name } })}
      />
      <Pick
        label="style"
        narrow
        value={pattern.school}
        options={schools.map(
          (s) => [s.id as typeof pattern.school, s.label.toLowerCase()] as const,
        )}
        onChange={onSchool}
      />
      <label className="text-soft flex items-baseline gap-2">
        stands for
        <Typed
          key={`for ${pattern.natural}`}
          value={pattern.natural ?? ''}
          placeholder="any insect"
          className="border-rule bg-leaf text-ink placeholder:text-soft"
          onChange={(natural) => onChange({ ...document, pattern: { ...pattern, natural } })}
        />
      </label>
      <Views id={id} />
      <span className="flex-1" />
      <Saved state={state} onRetry={onRetry} />
      <span className="flex items-center print:hidden">
        <StepButton way="undo" name={steps.undo} onStep={onStep} />
        <StepButton way="redo" name={steps.redo} onStep={onStep} />
        <IconButton label="Copy" onClick={onCopy} icon={<Copy size={18} aria-hidden />} />
        <a
          href={exportAddress(id)}
          download
          aria-label="Export"
          title="Export"
          className="hover:text-tide p-1.5"
        >
          <Download size={18} aria-hidden />
        </a>
        <IconButton
          label="Print"
          onClick={() => window.print()}
          icon={<Printer size={18} aria-hidden />}
        />
        <IconButton label="Delete" onClick={onDelete} icon={<Trash2 size={18} aria-hidden />} />
      </span>
    </div>
  )
}

/** Words that are kept when the field is left; Escape puts them back. */
function Typed({
  label,
  value,
  needed,
  placeholder,
  className,
  onChange,
}: {
  label?: string
  value: string
  needed?: boolean
  placeholder?: string
  className: string
  onChange: (value: string) => void
}) {
  const [draft, setDraft] = useState(value)
  const commit = () => {
    const text = draft.trim().slice(0, 80)
    if ((text || !needed) && text !== value) onChange(text)
    else setDraft(value)
  }
  return (
    <input
      aria-label={label}
      value={draft}
      maxLength={80}
      size={Math.max(needed ? 6 : 11, draft.length)}
      placeholder={placeholder}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur()
        if (e.key === 'Escape') setDraft(value)
      }}
      className={`max-w-full rounded border px-1 ${className}`}
    />
  )
}

function Saved({ state, onRetry }: { state: SaveState; onRetry: () => void }) {
  if (state.kind === 'failed') {
    return (
      <span role="alert" className="text-warn">
        not saved: {state.message}{' '}
        <button type="button" className="underline" onClick={onRetry}>
          try again
        </button>
      </span>
    )
  }
  return (
    <span role="status" className="text-soft print:hidden" data-testid="saved">
      {state.kind === 'saved' ? 'saved' : state.kind === 'saving' ? 'saving…' : 'changed elsewhere'}
    </span>
  )
}

function StepButton({
  way,
  name,
  onStep,
}: {
  way: 'undo' | 'redo'
  name: string
  onStep: (way: 'undo' | 'redo') => void
}) {
  const label = name === '' ? `Nothing to ${way}` : `${way === 'undo' ? 'Undo' : 'Redo'}: ${name}`
  const Icon = way === 'undo' ? Undo2 : Redo2
  return (
    <IconButton
      label={label}
      disabled={name === ''}
      onClick={() => onStep(way)}
      icon={<Icon size={18} aria-hidden />}
    />
  )
}

function IconButton({
  label,
  icon,
  disabled,
  onClick,
}: {
  label: string
  icon: ReactNode
  disabled?: boolean
  onClick: () => void
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
      className="hover:text-tide p-1.5 disabled:opacity-30"
    >
      {icon}
    </button>
  )
}
