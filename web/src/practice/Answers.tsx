import { Check, X } from 'lucide-react'
import type { Exercise, Judged } from '../api/types'
import { length, say } from '../parts/units'
import { Feather, Hook } from './Things'
import { countsOf, isPictured, scaleOf } from './scale'

type Asked = { exercise: Exercise; busy: boolean; onAnswer: (said: number[]) => void }

/** One of a few; numbers on the keyboard choose as well. */
export function Choose({
  exercise: e,
  judged,
  said,
  busy,
  onAnswer,
}: Asked & { judged: Judged | undefined; said: number | undefined }) {
  const pictured = isPictured(e)
  const scale = scaleOf(e)
  return (
    <ol className={`grid gap-2 ${pictured ? 'grid-cols-2' : ''}`} aria-label="Choose one">
      {e.choices.map((c, i) => {
        const right = judged && judged.truth[0] === i
        const wrong = judged && said === i && !right
        return (
          <li key={i}>
            <button
              type="button"
              disabled={busy || judged !== undefined}
              onClick={() => onAnswer([i])}
              data-right={right}
              data-wrong={wrong}
              className="bg-leaf border-edge hover:border-tide data-[right=true]:border-tide data-[wrong=true]:border-warn flex h-full min-h-11 w-full flex-wrap items-center gap-2 rounded-md border-2 px-3 py-1.5 text-left group-data-large:text-2xl"
            >
              <kbd className="text-soft min-w-4">{i + 1}</kbd>
              <span className="flex-1">{say(c.words)}</span>
              {right && <Check size={20} aria-label="right" className="text-tide" />}
              {wrong && <X size={20} aria-label="chosen" className="text-warn" />}
              {c.hook && (
                <span className="grid basis-full place-items-center overflow-hidden">
                  <Hook outline={c.hook} scale={scale} />
                </span>
              )}
              {c.barbMm && (
                <span className="grid basis-full place-items-center overflow-hidden">
                  <Feather barbMm={c.barbMm} scale={scale} />
                </span>
              )}
            </button>
          </li>
        )
      })}
    </ol>
  )
}

/** How many there were. */
export function CountThem({ exercise: e, busy, onAnswer }: Asked) {
  return (
    <div role="group" aria-label="How many" className="grid grid-cols-5 gap-2">
      {countsOf(e).map((n, i) => (
        <button
          key={n}
          type="button"
          autoFocus={i === 0}
          disabled={busy}
          onClick={() => onAnswer([n])}
          className="bg-leaf border-edge hover:border-tide min-h-11 rounded-md border text-xl"
        >
          {n}
        </button>
      ))}
    </div>
  )
}

/** What is set: by the slider, by the arrow keys, or on the drawing. */
export function Dials({
  exercise: e,
  said,
  busy,
  onSet,
  onAnswer,
}: Asked & { said: number[]; onSet: (said: number[]) => void }) {
  return (
    <form
      onKeyDown={(event) => {
        // a key that is still held from the look before answers nothing
        if (event.key === 'Enter' && event.repeat) event.preventDefault()
      }}
      onSubmit={(event) => {
        event.preventDefault()
        onAnswer(said)
      }}
    >
      {e.dials.map((dial, i) => {
        const value = said[i] ?? dial.start
        const words = told(e, dial.unit, value, i)
        return (
          <label key={dial.name} className="my-2 block">
            <span className="mb-1.5 flex justify-between gap-2">
              <span>{dial.name}</span>
              <output className="text-soft tabular-nums">{words}</output>
            </span>
            <input
              type="range"
              autoFocus={i === 0}
              min={dial.low}
              max={dial.high}
              step={dial.step}
              value={value}
              aria-valuetext={words || 'set on the drawing'}
              onChange={(event) =>
                onSet(said.map((v, k) => (k === i ? Number(event.target.value) : v)))
              }
              className="accent-tide min-h-11 w-full"
            />
          </label>
        )
      })}
      <button
        type="submit"
        disabled={busy}
        className="bg-tide text-paper mt-1 min-h-11 w-full rounded-md px-4 py-1.5 text-lg disabled:opacity-50"
      >
        {e.drill === 'HOW_IT_SITS' ? 'Put it on the water' : 'That is it'}
      </button>
    </form>
  )
}

/** What a dial says; of a bar nothing: it is set by eye, not by a number. */
function told(e: Exercise, unit: string, value: number, i: number): string {
  if (e.bar) return ''
  if (e.drill !== 'HOW_IT_SITS') return `${value.toFixed(1)} ${unit}`
  if (i === 0) {
    return value === 0
      ? 'level'
      : `${Math.abs(value).toFixed(0)}° ${value > 0 ? 'tail' : 'head'} down`
  }
  return value === 0 ? 'at the water' : `${length(Math.abs(value))} ${value > 0 ? 'over' : 'under'}`
}
