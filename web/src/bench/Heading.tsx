import { Copy, Download, NotebookPen, Printer, Redo2, Star, Trash2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { exportAddress } from '../api/client'
import { useMe } from '../api/useMe'
import type { PatternDocument, Style } from '../api/types'
import { Views } from '../shell/Views'
import { IconButton } from '../ui/IconButton'
import type { SaveState } from './useAutosave'

type Props = {
  document: PatternDocument
  state: SaveState
  styles: Style[]
  id: string
  steps: { undo: string; redo: string }
  onStep: (way: 'undo' | 'redo') => void
  onChange: (next: PatternDocument) => void
  onCopy: () => void
  onDelete: () => void
  onNotes: () => void
  onRetry: () => void
  favourite: boolean
  onFavourite: (on: boolean) => void
}

/** The fly's name and style, its views, and what can be done with all of it. */
export function Heading(props: Props) {
  const { document, state, styles, id, steps, onStep } = props
  const { onChange, onCopy, onDelete, onNotes, onRetry, favourite, onFavourite } = props
  const { pattern } = document
  const { mayChange } = useMe()
  const styleName = (of: string) => styles.find((s) => s.id === of)?.label.toLowerCase() ?? of
  return (
    <div className="flex flex-wrap items-center gap-x-2.5 gap-y-1 px-6 pt-2 max-sm:gap-y-0 max-sm:px-3">
      <h1 className="sr-only">{pattern.name}</h1>
      <Typed
        key={pattern.name}
        label="Name of the fly"
        value={pattern.name}
        needed
        className="hover:border-rule border-transparent bg-transparent font-serif text-[1.65rem] font-bold"
        onChange={(name) => onChange({ ...document, pattern: { ...pattern, name } })}
      />
      <span className="text-soft" title="New from style… makes a fly of another style">
        {styleName(pattern.style)}
      </span>
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
      <span className="ml-auto flex flex-wrap items-center gap-x-2.5 print:hidden">
        {mayChange ? (
          <Saved state={state} onRetry={onRetry} />
        ) : (
          <span className="text-soft" data-testid="saved">
            you look on: what you try is not kept
          </span>
        )}
        <span className="flex items-center">
          {mayChange && <StepButton way="undo" name={steps.undo} onStep={onStep} />}
          {mayChange && <StepButton way="redo" name={steps.redo} onStep={onStep} />}
          {mayChange && (
            <IconButton
              label={favourite ? 'No longer a favourite' : 'Mark as a favourite'}
              aria-pressed={favourite}
              onClick={() => onFavourite(!favourite)}
              icon={<Star size={18} fill={favourite ? 'currentColor' : 'none'} aria-hidden />}
            />
          )}
          <IconButton
            label={pattern.notes ? 'Notes' : 'Add notes'}
            onClick={onNotes}
            icon={<NotebookPen size={18} aria-hidden />}
          />
          {mayChange && (
            <IconButton label="Copy" onClick={onCopy} icon={<Copy size={18} aria-hidden />} />
          )}
          <a
            href={exportAddress(id)}
            download
            aria-label="Export"
            title="Export"
            className="hover:text-tide inline-flex min-h-6 min-w-6 items-center justify-center p-1.5 pointer-coarse:min-h-11 pointer-coarse:min-w-11"
          >
            <Download size={18} aria-hidden />
          </a>
          <IconButton
            label="Print"
            className="max-sm:hidden"
            onClick={() => window.print()}
            icon={<Printer size={18} aria-hidden />}
          />
          {mayChange && (
            <IconButton label="Delete" onClick={onDelete} icon={<Trash2 size={18} aria-hidden />} />
          )}
        </span>
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
    <span role="status" className="text-soft" data-testid="saved">
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
