import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Copy, Download, Redo2, Trash2, Undo2 } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { ApiError, estimatePose, exportAddress } from '../api/client'
import type { PartKind, PatternDocument, PatternResource, School } from '../api/types'
import { differences, fieldProblem } from '../parts/words'
import { Pick } from '../ui/Pick'
import { ConflictDialog } from './ConflictDialog'
import { FlyDrawing } from './FlyDrawing'
import { Cautions, Readings } from './Readings'
import { RestChoice } from './RestChoice'
import { ShankPlan } from './ShankPlan'
import { Tray } from './Tray'
import { useAnswers } from './useAnswers'
import { type SaveState, useAutosave } from './useAutosave'
import { useBefore } from './useBefore'

type Props = {
  opened: PatternResource
  schools: School[]
  kinds: PartKind[]
  onSaved: () => void
  onCopy: () => void
  onKeepBoth: (mine: PatternDocument) => void
  onDelete: () => void
  onSchool: (school: string) => void
}

const QUIET_MS = 500

/** The bench: the fly on its waterline, what holds it, the shank plan and the tray. */
export function Bench({
  opened,
  schools,
  kinds,
  onSaved,
  onCopy,
  onKeepBoth,
  onDelete,
  onSchool,
}: Props) {
  const { document, state, steps, change, step, resolve, retry } = useAutosave(opened)
  useUndoKeys(step)
  // Words do not move the fly: only what it is made of and floats on asks for a new estimate.
  const fly = useMemo(() => bare(document), [document])
  const key = JSON.stringify(fly)
  const pose = useQuery({
    queryKey: ['pose', key],
    queryFn: ({ signal }) => estimatePose(fly, signal),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  })
  const settled = useQuiet(key)
  const answers = useAnswers(key, fly, settled === key && pose.isSuccess)
  const full = answers.WHOLE?.estimate
  const [shown, setShown] = useState({ key, rest: 0 })
  const others = full?.others ?? []
  const other = shown.key === key ? others[shown.rest - 1] : undefined
  const saved = state.kind === 'saved'
  useEffect(() => {
    if (saved) onSaved()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when a save has ended
  }, [saved])

  const estimate = pose.data
  const before = useBefore(key, pose.isPlaceholderData ? undefined : pose.data)
  const fullBefore = useBefore(key, full)
  return (
    <main className="flex flex-1 flex-col">
      <Heading
        document={document}
        state={state}
        schools={schools}
        id={opened.id}
        steps={steps}
        onStep={(way) => void step(way)}
        onChange={change}
        onCopy={onCopy}
        onDelete={onDelete}
        onSchool={onSchool}
        onRetry={retry}
      />
      {pose.error && (
        <p role="alert" className="text-warn px-6">
          {problemWords(pose.error)}
        </p>
      )}
      <p
        aria-live="polite"
        className="min-h-8 px-6 font-serif text-2xl"
        data-testid="verdict"
        data-fly={pose.isPlaceholderData ? 'stale' : 'fresh'}
      >
        {(full ?? estimate)?.verdict ?? 'Putting it on the water…'}
      </p>
      <p aria-live="polite" className="sr-only" data-testid="difference">
        {estimate && before && !pose.isPlaceholderData && differences(before, estimate)}
      </p>
      <div className="flex min-h-0 flex-1 flex-col lg:flex-row">
        <div className="relative min-h-[392px] min-w-0 flex-1">
          {estimate && (
            <FlyDrawing
              estimate={estimate}
              rest={other ?? estimate.rest}
              outline={other?.outline ?? estimate.outline}
              band={other ? undefined : full?.band}
              before={other ? undefined : before}
            />
          )}
          {estimate?.rest && (
            <RestChoice
              rests={[estimate.rest, ...others]}
              shown={other ? shown.rest : 0}
              onShow={(rest) => setShown({ key, rest })}
            />
          )}
        </div>
        <aside aria-label="Readings" className="border-rule lg:relative lg:w-80 lg:border-l">
          <div className="px-5 lg:absolute lg:inset-0 lg:overflow-y-auto">
            {estimate && (
              <Readings
                pose={estimate}
                full={full}
                answers={answers}
                fly={fly}
                before={before}
                fullBefore={fullBefore}
              />
            )}
            {estimate && <Cautions estimate={estimate} />}
          </div>
        </aside>
      </div>
      <div className="bg-leaf border-rule border-t">
        {estimate && <ShankPlan estimate={estimate} />}
        <Tray document={document} estimate={estimate} kinds={kinds} onChange={change} />
      </div>
      <ConflictDialog
        mine={document}
        stored={state.kind === 'changed-elsewhere' ? state.stored : undefined}
        onMine={() => state.kind === 'changed-elsewhere' && resolve('mine', state.stored)}
        onTheirs={() => state.kind === 'changed-elsewhere' && resolve('theirs', state.stored)}
        onBoth={() => onKeepBoth(renamed(document))}
      />
    </main>
  )
}

function bare(document: PatternDocument): PatternDocument {
  return { ...document, pattern: { ...document.pattern, name: '-', notes: '', natural: '' } }
}

function renamed(document: PatternDocument): PatternDocument {
  const name = `${document.pattern.name.slice(0, 70)}, mine`
  return { ...document, pattern: { ...document.pattern, name } }
}

/** A value once it has not changed for a moment. */
function useQuiet(value: string): string {
  const [quiet, setQuiet] = useState('')
  useEffect(() => {
    const timer = setTimeout(() => setQuiet(value), QUIET_MS)
    return () => clearTimeout(timer)
  }, [value])
  return quiet
}

const problemWords = (error: Error) =>
  error instanceof ApiError ? fieldProblem(error) : error.message

type Steps = { undo: string; redo: string }

/** Ctrl+Z and Ctrl+Shift+Z or Ctrl+Y, but in a field that has words of its own to undo. */
function useUndoKeys(step: (way: 'undo' | 'redo') => Promise<void>) {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLInputElement && e.target.value !== e.target.defaultValue
      if (!(e.ctrlKey || e.metaKey) || typing) return
      const key = e.key.toLowerCase()
      if (key !== 'z' && key !== 'y') return
      e.preventDefault()
      void step(key === 'y' || e.shiftKey ? 'redo' : 'undo')
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [step])
}

type HeadingProps = {
  document: PatternDocument
  state: SaveState
  schools: School[]
  id: string
  steps: Steps
  onStep: (way: 'undo' | 'redo') => void
  onChange: (next: PatternDocument) => void
  onCopy: () => void
  onDelete: () => void
  onSchool: (school: string) => void
  onRetry: () => void
}

function Heading(props: HeadingProps) {
  const { document, state, schools, id, steps, onStep } = props
  const { onChange, onCopy, onDelete, onSchool, onRetry } = props
  const { pattern } = document
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 px-6 pt-3">
      <h1 className="sr-only">{pattern.name}</h1>
      <Name
        key={pattern.name}
        value={pattern.name}
        onChange={(name) => onChange({ ...document, pattern: { ...pattern, name } })}
      />
      <Pick
        label="style"
        value={pattern.school}
        options={schools.map(
          (s) => [s.id as typeof pattern.school, s.label.toLowerCase()] as const,
        )}
        onChange={onSchool}
      />
      <Stands
        key={`for ${pattern.natural}`}
        value={pattern.natural ?? ''}
        onChange={(natural) => onChange({ ...document, pattern: { ...pattern, natural } })}
      />
      <Link to={`/bench/${id}/sizes`} className="hover:text-tide underline decoration-dotted">
        size run
      </Link>
      <span className="flex-1" />
      <Saved state={state} onRetry={onRetry} />
      <span className="flex items-center gap-1">
        <StepButton way="undo" name={steps.undo} onStep={onStep} />
        <StepButton way="redo" name={steps.redo} onStep={onStep} />
        <IconButton label="Copy" onClick={onCopy} icon={<Copy size={18} aria-hidden />} />
        <a
          href={exportAddress(id)}
          download
          aria-label="Export"
          title="Export"
          className="hover:text-tide p-2"
        >
          <Download size={18} aria-hidden />
        </a>
        <IconButton label="Delete" onClick={onDelete} icon={<Trash2 size={18} aria-hidden />} />
      </span>
    </div>
  )
}

function Name({ value, onChange }: { value: string; onChange: (name: string) => void }) {
  const [draft, setDraft] = useState(value)
  const commit = () => {
    const name = draft.trim().slice(0, 80)
    if (name && name !== value) onChange(name)
    else setDraft(value)
  }
  return (
    <input
      aria-label="Name of the fly"
      value={draft}
      maxLength={80}
      size={Math.max(8, draft.length)}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur()
        if (e.key === 'Escape') setDraft(value)
      }}
      className="hover:border-rule rounded border border-transparent bg-transparent font-serif text-3xl font-bold"
    />
  )
}

/** The insect it stands for. */
function Stands({ value, onChange }: { value: string; onChange: (natural: string) => void }) {
  const [draft, setDraft] = useState(value)
  const commit = () => {
    if (draft.trim() !== value) onChange(draft.trim())
  }
  return (
    <label className="text-soft flex items-baseline gap-2">
      stands for
      <input
        value={draft}
        maxLength={80}
        size={16}
        placeholder="any insect"
        onChange={(e) => setDraft(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur()
          if (e.key === 'Escape') setDraft(value)
        }}
        className="border-rule bg-leaf text-ink placeholder:text-soft rounded border px-2"
      />
    </label>
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
    <button
      type="button"
      disabled={name === ''}
      aria-label={label}
      title={label}
      onClick={() => onStep(way)}
      className="hover:text-tide p-2 disabled:opacity-30"
    >
      <Icon size={18} aria-hidden />
    </button>
  )
}

function IconButton({
  label,
  icon,
  onClick,
}: {
  label: string
  icon: React.ReactNode
  onClick: () => void
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className="hover:text-tide p-2"
    >
      {icon}
    </button>
  )
}
