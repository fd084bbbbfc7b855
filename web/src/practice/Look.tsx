import { type ReactNode, useEffect, useRef, useState } from 'react'
import type { Exercise, Judged, PatternDocument } from '../api/types'
import { stillness, useSettling } from '../drawing/useSettling'
import { say } from '../parts/units'
import { waterline } from '../scene/paths'
import { useKeys } from '../shell/useKeys'
import { Button } from '../ui/Button'
import { Bar } from './Bar'
import { Choose, CountThem, Dials } from './Answers'
import { Figure, Ghost } from './Figure'
import { countsOf, isPictured, scaleOf } from './scale'
import { Insect, Hook } from './Things'
import { Waterline } from './Waterline'

type Props = {
  exercise: Exercise
  judged: Judged | undefined
  busy: boolean
  onAnswer: (said: number[]) => void
  /** What is told of the answer, right under the picture. */
  children: ReactNode
}

/** One look: what is shown, what is asked, and how it is answered. */
export function Look({ exercise: e, judged, busy, onAnswer, children }: Props) {
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    if (e.choices.length > 0) heading.current?.focus({ preventScroll: true })
  }, [e])
  const [said, setSaid] = useState(() => e.dials.map((d) => d.start))
  const [seen, setSeen] = useState<'before' | 'now' | 'after'>('before')
  const glance = e.glanceMs
  useEffect(() => {
    if (seen !== 'now' || !glance) return
    const timer = setTimeout(() => setSeen('after'), glance)
    return () => clearTimeout(timer)
  }, [seen, glance])
  const hidden = !!glance && seen !== 'now' && !judged
  const ready = !glance || seen === 'after'
  const answer = (all: number[]) => {
    setSaid(all)
    onAnswer(all)
  }
  const numbers = glance ? countsOf(e) : e.choices.map((_, i) => i)
  useKeys(
    judged || !ready || (e.choices.length === 0 && !glance)
      ? []
      : numbers.slice(0, 9).map((value, i) => ({
          name: `Answer ${i + 1}`,
          keys: String(i + 1),
          once: true,
          run: () => answer([value]),
        })),
  )
  const pictured = isPictured(e)
  const water = e.document as PatternDocument | undefined
  return (
    <div
      className={`grid gap-3 ${pictured ? 'lg:grid-cols-2' : 'lg:grid-cols-[minmax(0,1fr)_19rem]'}`}
    >
      <div className="min-w-0">
        <h2
          ref={heading}
          tabIndex={-1}
          className="mb-2 font-serif text-2xl leading-tight group-data-large:text-4xl"
        >
          {say(e.question)}
        </h2>
        {e.spoken.length > 0 && <p className="sr-only">{e.spoken.map((s) => say(s)).join(' ')}</p>}
        {pictured && <Beside exercise={e} />}
        {e.fly &&
          !pictured &&
          (hidden ? (
            <div className="border-rule bg-leaf grid h-[min(46vh,26rem)] min-h-56 place-items-center rounded-md border">
              {seen === 'before' ? (
                <Button autoFocus className="px-8 py-4 text-xl" onClick={() => setSeen('now')}>
                  Look
                </Button>
              ) : (
                <p className="text-soft">It is gone. How many were there?</p>
              )}
            </div>
          ) : water && judged ? (
            <OnWater exercise={e} judged={judged} said={said} document={water} />
          ) : (
            <Shown exercise={e} judged={judged} said={said} onSet={judged ? undefined : setSaid} />
          ))}
        {children}
      </div>
      <div className="min-w-0">
        {!judged && e.dials.length > 0 && !glance && (
          <Dials exercise={e} said={said} busy={busy} onSet={setSaid} onAnswer={answer} />
        )}
        {!judged && glance && ready && <CountThem exercise={e} busy={busy} onAnswer={answer} />}
        {e.choices.length > 0 && (
          <Choose
            exercise={e}
            judged={judged}
            said={judged ? said[0] : undefined}
            busy={busy}
            onAnswer={answer}
          />
        )}
        {e.told.length > 0 && <Told exercise={e} />}
      </div>
    </div>
  )
}

/** What a tier may know beforehand: the plan, the dressing, what is still to come. */
function Told({ exercise: e }: { exercise: Exercise }) {
  const list = (
    <ul className="text-soft mt-1">
      {e.told.map((s, i) => (
        <li key={i}>{say(s)}</li>
      ))}
    </ul>
  )
  return e.drill === 'ROOM_LEFT' ? (
    <div className="mt-3">{list}</div>
  ) : (
    <details className="mt-3" open={e.drill !== 'PART_OFF' || undefined}>
      <summary>{e.drill === 'PART_OFF' ? 'The plan' : 'How it is tied'}</summary>
      {list}
    </details>
  )
}

/** The picture, with the bar or the water that is laid to it. */
function Shown({
  exercise: e,
  judged,
  said,
  onSet,
}: {
  exercise: Exercise
  judged: Judged | undefined
  said: number[]
  onSet: ((said: number[]) => void) | undefined
}) {
  const { fly, bar } = e
  if (!fly) return null
  const dial = e.dials[0]
  const [pitchDeg = 0, eyeMm = 0] = said
  const room = bar && dial ? [reach(bar, dial.high)] : undefined
  const resting = e.drill === 'WHAT_HOLDS'
  const whole = judged && e.drill === 'ROOM_LEFT'
  return (
    <Figure
      outline={whole && e.then ? e.then : fly}
      parts={whole ? [] : e.parts}
      camera={e.above ? 'above' : 'side'}
      smaller={bar ? smallerBy(e.id) : 1}
      {...(room ? { room } : {})}
      label={e.above ? 'The fly from above' : 'The fly from the side'}
    >
      {(view, size) => (
        <>
          {bar && dial && (
            <Bar
              bar={bar}
              view={view}
              value={said[0] ?? 0}
              low={dial.low}
              high={dial.high}
              step={dial.step}
              {...(judged ? { truth: judged.truth[0] ?? 0 } : {})}
              {...(onSet ? { onChange: (v: number) => onSet([v]) } : {})}
            />
          )}
          {resting && (
            <path
              d={waterline(view, fly.film, size.width)}
              fill="none"
              stroke="var(--tide)"
              strokeWidth="2"
            />
          )}
          {e.drill === 'PART_OFF' && judged && e.then && (
            <Ghost outline={e.then} over={fly} view={view} />
          )}
          {e.drill === 'HOW_IT_SITS' && (
            <Waterline
              outline={fly}
              view={view}
              size={size}
              water={{ pitchDeg, eyeMm }}
              {...(onSet ? { onChange: (w) => onSet(within(e, [w.pitchDeg, w.eyeMm])) } : {})}
            />
          )}
        </>
      )}
    </Figure>
  )
}

function reach(bar: NonNullable<Exercise['bar']>, mm: number): number[] {
  return bar.from.map((v, i) => v + mm * (bar.along[i] ?? 0))
}

/** What a hand set, within what can be answered, in whole steps. */
function within(e: Exercise, said: number[]): number[] {
  return said.map((v, i) => {
    const dial = e.dials[i]
    if (!dial) return v
    const whole = dial.step * Math.round(v / dial.step)
    return Math.min(dial.high, Math.max(dial.low, Number(whole.toFixed(3))))
  })
}

/** Between seven tenths and the whole, by the exercise. */
function smallerBy(id: string): number {
  return 0.7 + (0.3 * (parseInt(id.slice(0, 4), 16) % 100)) / 100
}

/**
 * The fly put on the water: as it was laid until it is on its way, then down to where it rests; where
 * less motion is asked for, at rest at once.
 */
function OnWater({
  exercise: e,
  judged,
  said,
  document,
}: {
  exercise: Exercise
  judged: Judged
  said: number[]
  document: PatternDocument
}) {
  const { moment, playing, failed, play } = useSettling(e.id, document)
  const [moved, setMoved] = useState(stillness)
  if (moment && !moved) setMoved(true)
  const begin = useRef(play)
  useEffect(() => {
    const soon = stillness() ? undefined : setTimeout(() => begin.current(), 0)
    return () => clearTimeout(soon)
  }, [])
  const [pitchDeg = 0, eyeMm = 0] = said
  const atRest = !moment && (moved || failed !== undefined)
  const outline = moment?.outline ?? (atRest ? e.then : e.fly)
  if (!outline) return null
  const laid = { pitchDeg: atRest ? pitchDeg - (judged.truth[0] ?? 0) : pitchDeg, eyeMm }
  return (
    <>
      <Figure
        outline={outline}
        label={atRest ? 'The fly at rest on the water' : 'The fly on its way to the water'}
      >
        {(view, size) => (
          <>
            {(atRest || moment) && (
              <path
                d={waterline(view, outline.film, size.width)}
                fill="none"
                stroke="var(--tide)"
                strokeWidth="2"
                data-testid="waterline"
              />
            )}
            {!moment && <Waterline outline={outline} view={view} size={size} water={laid} faint />}
          </>
        )}
      </Figure>
      <p className="mt-1 flex flex-wrap items-center gap-3">
        <Button onClick={play}>
          {playing ? 'stop' : stillness() ? 'see it touch down and rest' : 'watch it again'}
        </Button>
        <span className="text-soft">Dashed: the water as you laid it.</span>
      </p>
      {failed && <p role="alert">{failed}</p>}
    </>
  )
}

/** An insect, or the hook that feathers are held against, to the scale of what is chosen among. */
function Beside({ exercise: e }: { exercise: Exercise }): ReactNode {
  const scale = scaleOf(e)
  return (
    <div className="border-rule bg-leaf grid min-h-32 place-items-center overflow-hidden rounded-md border p-3">
      {e.insect ? (
        <Insect insect={e.insect} scale={scale} />
      ) : (
        e.fly && <Hook outline={e.fly} scale={scale} />
      )}
    </div>
  )
}
