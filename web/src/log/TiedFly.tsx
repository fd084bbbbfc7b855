import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import { changeFly, getFly, judgeTied, readDevice } from '../api/client'
import { Begin } from './Begin'
import { Taken } from './Taken'
import type { LoggedFly, Planned } from '../api/types'
import { measureName, sitting, tilted, whatWentWrong } from '../parts/words'
import { length, measureBy, say, unit } from '../parts/units'
import { SaveQueue, type SaveState } from '../save/saveQueue'
import { inBrowser } from '../save/unsaved'
import { useQueue } from '../save/useQueue'
import { Button } from '../ui/Button'
import { Page } from '../shell/Page'
import { type Asked, useStream, whereItIs } from '../readings/useAnswers'
import { Photo, type Written } from './Photo'
import { UnitChoice } from '../shell/UnitChoice'
import { useStore } from '../ui/store'
import { Wide } from '../ui/Wide'

/** What was really made of a fly, and what it does. */
export function TiedFly() {
  const { id = '' } = useParams()
  useStore(unit)
  const fly = useQuery({
    queryKey: ['fly', id],
    queryFn: () => getFly(id),
    staleTime: 0,
    gcTime: 0,
    retry: false,
  })
  measureBy(fly.data?.measure)
  return (
    <Page title={fly.data ? `${fly.data.fly.document.pattern.name}, as tied` : 'As tied'}>
      <div className="flex flex-wrap gap-x-4">
        <Link className="underline" to="/log">
          the log
        </Link>
        {fly.data?.pattern.map((p) => (
          <Link key={p} className="underline" to={`/bench/${p}`}>
            its pattern on the bench
          </Link>
        ))}
        <span className="flex-1" />
        <UnitChoice />
      </div>
      {fly.error && <p role="alert">{fly.error.message}</p>}
      {fly.data && <Sheet key={id} id={id} opened={fly.data} />}
    </Page>
  )
}

const same = (p: { part: string; field: string }, m: { part: string; field: string }) =>
  p.part === m.part && p.field === m.field

function Sheet({ id, opened }: { id: string; opened: LoggedFly }) {
  const { planned } = opened
  const [said, setSaid] = useState('')
  const { written, setWritten, state, kept, queue } = useWritten(id, opened)
  const tied = useStream(`${id} ${kept.revision}`, (onLine, signal) =>
    judgeTied(id, onLine, signal),
  )
  const set = (p: Planned, value: number | undefined, error = 0) =>
    setWritten((w) => {
      const others = w.made.filter((m) => !same(p, m))
      const made =
        value === undefined ? others : [...others, { part: p.part, field: p.field, value, error }]
      return { ...w, made }
    })
  const read = async (what: 'caliper' | 'scale', take: (value: number) => void) => {
    try {
      const { value } = await readDevice(what)
      setSaid('')
      take(value)
    } catch (e) {
      setSaid(whatWentWrong(e))
    }
  }
  return (
    <div className="grid gap-8 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
      <section aria-label="What was made">
        <p
          role="status"
          data-testid="kept"
          className={state.kind === 'failed' ? 'text-warn' : 'text-soft'}
        >
          {told(state)}
        </p>
        {state.kind === 'changed-elsewhere' && (
          <Elsewhere
            stored={state.stored}
            onMine={() => queue.resolve('mine', state.stored)}
            onTheirs={() => queue.resolve('theirs', state.stored)}
          />
        )}
        {said && (
          <p role="alert" className="text-warn">
            {said}
          </p>
        )}
        <p className="text-soft">Leave blank if as planned.</p>
        <Wide>
          <table className="w-full tabular-nums">
            <thead>
              <tr className="border-rule text-soft border-b text-left">
                <th className="sr-only font-normal">what</th>
                <th className="pr-3 text-right font-normal">planned</th>
                <th className="font-normal">made</th>
              </tr>
            </thead>
            <tbody>
              {planned.map((p) => (
                <Line
                  key={measureName(p)}
                  planned={p}
                  made={written.made.find((m) => same(p, m))?.value}
                  onSet={(value, error) => set(p, value, error)}
                  onRead={() => void read('caliper', (v) => set(p, v))}
                />
              ))}
              <tr className="border-rule border-b">
                <td className="py-1">whole fly</td>
                <td />
                <td className="flex items-center gap-1 py-1">
                  <OptionalNumber
                    label="whole fly, mg"
                    value={written.massMg || undefined}
                    onSet={(v) => setWritten((w) => ({ ...w, massMg: v ?? 0 }))}
                  />
                  <span className="text-soft w-12">mg</span>
                  <Button
                    onClick={() =>
                      void read('scale', (v) => setWritten((w) => ({ ...w, massMg: v })))
                    }
                  >
                    scale
                  </Button>
                </td>
              </tr>
              <tr className="border-rule border-b">
                <td className="py-1">time</td>
                <td />
                <td className="flex items-center gap-1 py-1">
                  <OptionalNumber
                    label="time, minutes"
                    value={written.seconds > 0 ? Math.round(written.seconds / 6) / 10 : undefined}
                    onSet={(v) => setWritten((w) => ({ ...w, seconds: (v ?? 0) * 60 }))}
                  />
                  <span className="text-soft">min</span>
                </td>
              </tr>
            </tbody>
          </table>
        </Wide>
        <Taken fly={id} />
        <label className="mt-3 block">
          notes
          <textarea
            className="border-edge bg-leaf block w-full rounded border px-2 py-1"
            rows={3}
            maxLength={4000}
            value={written.notes}
            onBlur={() => void queue.flush()}
            onChange={(e) => setWritten((w) => ({ ...w, notes: e.target.value }))}
          />
        </label>
      </section>
      <div>
        <Judged tied={tied} massMg={written.massMg} />
        <Begin fly={id} />
        <Photo
          id={id}
          opened={opened}
          queue={queue}
          away={state.kind === 'failed' && !state.refused}
          estimated={(tied.line?.asTied ?? tied.before?.asTied)?.made}
          onTake={(name, value, error) => {
            const p = planned.find((q) => measureName(q) === name)
            if (p) set(p, value, error)
          }}
        />
      </div>
    </div>
  )
}

/** One thing of the plan and what was made of it. */
function Line({
  planned: p,
  made,
  onSet,
  onRead,
}: {
  planned: Planned
  made: number | undefined
  onSet: (value: number | undefined, error?: number) => void
  onRead: () => void
}) {
  const isLength = p.unit === 'mm'
  return (
    <tr className="border-rule border-b">
      <td className="py-1">{measureName(p)}</td>
      <td className="pr-3 text-right">
        {isLength ? length(p.value) : `${Number(p.value.toFixed(1))} ${p.unit}`}
      </td>
      <td className="flex items-center gap-1 py-1">
        <OptionalNumber
          label={`${measureName(p)}, ${p.unit}`}
          value={made}
          onSet={(v) => onSet(v)}
        />
        <span className="text-soft w-12 overflow-hidden whitespace-nowrap">{p.unit}</span>
        {isLength && (
          <Button aria-label={`${measureName(p)} from the caliper`} onClick={onRead}>
            caliper
          </Button>
        )}
      </td>
    </tr>
  )
}

/** A number that may be blank; what is no number is put back. */
function OptionalNumber({
  label,
  value,
  onSet,
}: {
  label: string
  value: number | undefined
  onSet: (value: number | undefined) => void
}) {
  const shown = value === undefined ? '' : String(Math.round(value * 100) / 100)
  const [draft, setDraft] = useState<string>()
  const commit = () => {
    if (draft === undefined) return
    const typed = Number(draft.replace(',', '.'))
    if (draft.trim() === '') onSet(undefined)
    else if (Number.isFinite(typed)) onSet(typed)
    setDraft(undefined)
  }
  const leave = useRef(commit)
  useEffect(() => {
    leave.current = commit
  })
  useEffect(() => () => leave.current(), [])
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      className="border-edge bg-leaf w-20 rounded border px-1 text-right font-semibold"
      value={draft ?? shown}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={commit}
      onKeyDown={(e) => {
        if (e.key === 'Enter') commit()
        if (e.key === 'Escape') setDraft(undefined)
      }}
    />
  )
}

/** What was measured is kept a moment after it was; what the core refuses is told and stays here. */
function useWritten(id: string, opened: LoggedFly) {
  const client = useQueryClient()
  const name = `fly.${id}`
  const { value, state, kept, queue } = useQueue(
    name,
    () =>
      new SaveQueue<Written, LoggedFly>(
        {
          save: (written, revision, key) => changeFly(id, revision, written, key),
          revisionOf: (f) => f.revision,
          valueOf: ({ fly: { seconds, massMg, notes, made } }) => ({
            seconds,
            massMg,
            notes,
            made: made.map((m) => ({
              part: m.part,
              field: m.field,
              value: m.value,
              error: m.error,
            })),
          }),
        },
        opened,
        inBrowser(name),
      ),
  )
  const revision = kept?.revision
  useEffect(() => {
    void client.invalidateQueries({ queryKey: ['log'] })
    void client.invalidateQueries({ queryKey: ['trends'] })
  }, [client, revision])
  const setWritten = (next: (before: Written) => Written) =>
    queue.change(next(queue.snapshot().value))
  return { written: value, setWritten, state, kept: kept ?? opened, queue }
}

function told(state: SaveState<LoggedFly>): string {
  if (state.kind === 'failed') {
    const e = state.error
    return `Not saved: ${e ? whatWentWrong(e) : state.message}`
  }
  return state.kind === 'saving'
    ? 'saving…'
    : state.kind === 'saved'
      ? 'saved'
      : 'changed elsewhere'
}

/** Two versions of one entry; nothing is thrown away until one of them is chosen. */
function Elsewhere({
  stored,
  onMine,
  onTheirs,
}: {
  stored: LoggedFly
  onMine: () => void
  onTheirs: () => void
}) {
  const { made, massMg, notes } = stored.fly
  return (
    <div role="alert" className="border-warn my-2 border-l-4 pl-3">
      <p>
        This fly was changed elsewhere, and what you wrote here is not kept yet. There it has{' '}
        {made.length} {made.length === 1 ? 'measure' : 'measures'}
        {massMg > 0 && `, ${massMg.toFixed(1)} mg`}
        {notes && `, and the notes “${notes.slice(0, 80)}”`}.
      </p>
      <p className="flex gap-2">
        <Button onClick={onMine}>Keep what is here</Button>
        <Button onClick={onTheirs}>Take the other</Button>
      </p>
    </div>
  )
}

/** What the differences do, and what can be done about them. */
function Judged({ tied, massMg }: { tied: Asked; massMg: number }) {
  const t = tied.line?.asTied ?? tied.before?.asTied
  const busy = !tied.line?.asTied && !tied.failed
  return (
    <section aria-label="What it does" aria-busy={busy} data-testid="judged">
      <h2 className="font-serif text-xl font-semibold">What it does</h2>
      {tied.failed && <p role="alert">{tied.failed}</p>}
      {!t && !tied.failed && (
        <p className="text-soft">Putting it on the water as it was tied: {whereItIs(tied)}</p>
      )}
      {t && (
        <div aria-live="polite" className={busy ? 'opacity-50' : ''}>
          <p className="text-lg">
            <strong>{say(t.words)}</strong>
          </p>
          <p className="text-soft">
            {sitting(t.made.sits)}, {tilted(t.made.pitchDeg, t.made.tilt)}, eye{' '}
            {length(t.made.eyeMm)} over the film, keeps its posture to{' '}
            {t.made.keepsPostureTo.toFixed(1)} weights; {t.made.massMg.toFixed(1)} mg by its parts
            {massMg > 0 && `, ${massMg.toFixed(1)} mg on the scale`}.
          </p>
          <ul className="my-2 space-y-2">
            {t.differences.map((d) => (
              <li key={`${d.part} ${d.field}`} className="border-rule border-l-4 pl-3">
                <strong className={d.fine ? '' : 'text-warn'}>{say(d.words)}</strong>
                <br />
                <span className="text-soft">
                  {d.fine ? 'can stay. ' : d.now ? '✂ now: ' : ''}
                  {d.fine && d.now ? '' : d.advice}
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  )
}
