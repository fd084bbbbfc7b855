import { clock } from '../parts/clock'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useLocation, useNavigate, useParams } from 'react-router'
import { getCard } from '../api/client'
import type { Card, Tying } from '../api/types'
import { pxPerMm } from '../parts/calibration'
import { measureBy, say, unit } from '../parts/units'
import { Button } from '../ui/Button'
import { Calibrate } from '../drawing/Calibrate'
import { usePlanned } from './usePlanned'
import { useMe } from '../api/useMe'
import { isShared } from '../api/room'
import { Tablets, useTablets } from './Tablets'
import { Preparation, Step } from './StepWords'
import { useTying, useWhere } from './useTying'
import { ViseDrawing } from '../drawing/ViseDrawing'
import { useStore } from '../ui/store'

/** Keys that a large thumb, a foot pedal or an elbow finds. */
const NEXT = ['ArrowRight', 'ArrowDown', 'PageDown', ' ', 'Enter', 'n']
const BACK = ['ArrowLeft', 'ArrowUp', 'PageUp', 'Backspace', 'b']

/** One step at a time, to be read at arm's length with both hands at the vise. */
export function Tie() {
  const { id = '' } = useParams()
  useStore(unit)
  const planned = usePlanned()
  const { key: visit } = useLocation() // the next fly of an evening may be of the same pattern
  const { variant } = planned
  const card = useQuery({
    queryKey: ['card', id, 'tie', variant],
    queryFn: () => getCard(id, variant),
    gcTime: 0,
  })
  measureBy(card.data?.measure)
  if (card.error) {
    return (
      <main id="main" tabIndex={-1} className="p-8 text-2xl">
        <p role="alert">{card.error.message}</p>
        <Link className="underline" to={`/bench/${id}`}>
          To the bench
        </Link>
      </main>
    )
  }
  return card.data ? (
    <Placed key={`${id} ${variant} ${visit}`} id={id} card={card.data} planned={planned} />
  ) : (
    <p className="p-8 text-2xl" aria-busy="true">
      Writing the card…
    </p>
  )
}

type Planned = ReturnType<typeof usePlanned>

function Placed({ id, card, planned }: { id: string; card: Card; planned: Planned }) {
  const { there, lost } = useWhere(id)
  return there ? (
    <Steps id={id} card={card} there={there} planned={planned} />
  ) : (
    <p className="p-8 text-2xl" aria-busy="true">
      Finding your place… {lost && `${lost} It is asked again.`}
    </p>
  )
}

function Steps({
  id,
  card,
  there,
  planned,
}: {
  id: string
  card: Card
  there: Tying
  planned: Planned
}) {
  const steps = card.steps.length
  const { follows } = useMe()
  const [pairs, setPairs] = useState(false)
  const tablets = useTablets(id, isShared && !follows)
  const follow = follows ? 'tablet' : tablets.some((t) => t.since) ? 'bench' : undefined
  const tying = useTying(id, steps, there, planned.variant, follow)
  const navigate = useNavigate()
  const [speaks, setSpeaks] = useState(false)
  const [weighed, setWeighed] = useState(false)
  const [calibrates, setCalibrates] = useState(false)
  const [failed, setFailed] = useState('')
  const page = useRef<HTMLElement>(null)
  const scale = useStore(pxPerMm)
  useAwake()
  const at = tying.at.step
  const step = card.steps[at - 1]
  const words = spoken(card, at)
  useSpoken(speaks ? words : '')
  const leave = () => void navigate(planned.words ? '/evenings' : `/bench/${id}/card`)
  const finish = () =>
    void tying.finish().then(
      async (fly) => navigate((await planned.next()) ?? `/log/${fly}`),
      (e: Error) => setFailed(`${e.message} Nothing is lost: press it again.`),
    )
  const full = () =>
    void (document.fullscreenElement
      ? document.exitFullscreen()
      : page.current?.requestFullscreen?.())
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const on = e.target as Element
      if (e.ctrlKey || e.metaKey || e.altKey || calibrates || pairs) return
      if (e.defaultPrevented) return // it closed a window
      if (on.closest('button, a, input') && (e.key === 'Enter' || e.key === ' ')) return
      const what: Record<string, () => void> = {
        p: tying.pause,
        f: full,
        s: () => setSpeaks((v) => !v),
        Escape: leave,
      }
      if (e.repeat) return e.preventDefault() // a held key or pedal turns one page
      const run = NEXT.includes(e.key)
        ? () => (at === steps + 1 ? finish() : tying.go(1))
        : BACK.includes(e.key)
          ? () => tying.go(-1)
          : what[e.key]
      if (!run) return
      e.preventDefault()
      run()
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  })
  const spent = tying.at.seconds[at === 0 ? steps : at - 1] ?? 0
  const whole = tying.at.seconds.reduce((a, b) => a + b, 0)
  // the clock turns each second, what is in the vise does not
  const done = useMemo(
    () => card.steps[at - 1]?.onTheHook ?? (at === 0 ? [] : names(card)),
    [card, at],
  )
  return (
    <main
      id="main"
      tabIndex={-1}
      ref={page}
      className="bg-paper flex flex-1 flex-col px-8 [&:fullscreen]:overflow-y-auto py-2 max-sm:px-3"
    >
      <title>{`Tying ${card.name} · Ripple Rest`}</title>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 text-lg max-sm:gap-x-3">
        <h1 className="font-serif text-2xl font-semibold">{card.name}</h1>
        <span data-testid="where">
          {at === 0 ? 'before you start' : at > steps ? 'done' : `step ${at} of ${steps}`}
        </span>
        <span className="flex-1" />
        <span className="tabular-nums" data-testid="clock">
          {clock(spent)}
          {step && (
            <span className="text-soft">
              {' '}
              of {clock(step.seconds)} {step.timed > 0 ? `(you, ${step.timed} times)` : '(assumed)'}
            </span>
          )}
        </span>
        <span className="tabular-nums" data-testid="whole-clock">
          fly {clock(whole)} <span className="text-soft">of {clock(card.seconds)}</span>
        </span>
        {planned.words && (
          <span className="tabular-nums" data-testid="evening-clock">
            {planned.words}
          </span>
        )}
        <Button onClick={tying.pause} aria-pressed={!tying.running}>
          {tying.running ? 'pause' : 'go on'}
        </Button>
        <Button onClick={() => setSpeaks(!speaks)} aria-pressed={speaks} disabled={!canSpeak()}>
          {canSpeak() ? 'say it' : 'no voice here'}
        </Button>
        <Button onClick={full}>full screen</Button>
        {isShared && !follows && <Button onClick={() => setPairs(true)}>tablet</Button>}
        {!follows && <Button onClick={leave}>leave</Button>}
      </div>
      {tying.state.kind === 'failed' && (
        <p role="status" className="text-warn text-lg">
          Not kept on the server yet; this browser has it and sends it again.
        </p>
      )}
      {tying.state.kind === 'changed-elsewhere' && (
        <Elsewhere
          stored={tying.state.stored}
          steps={steps}
          onChoose={(choice) =>
            tying.state.kind === 'changed-elsewhere' && tying.resolve(choice, tying.state.stored)
          }
        />
      )}
      <div className="grid flex-1 gap-6 py-2 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <section aria-live="polite" aria-label="This step" className="text-2xl leading-snug">
          {at === 0 && <Preparation card={card} />}
          {step && <Step step={step} scale={scale} onCalibrate={() => setCalibrates(true)} />}
          {at > steps && (
            <>
              <h2 className="mb-3 font-serif text-5xl font-bold">Take it out of the vise.</h2>
              <p>It took {clock(whole)}. The times teach the clock.</p>
              <p className="mt-4 flex gap-4">
                <Button className="text-2xl" onClick={finish}>
                  Log this fly
                </Button>
                <Button className="text-2xl" onClick={tying.restart}>
                  Start again without logging
                </Button>
              </p>
              {failed && (
                <p role="alert" className="text-warn">
                  {failed}
                </p>
              )}
            </>
          )}
        </section>
        {card.vise && (
          <div className="flex min-h-0 flex-col">
            <ViseDrawing outline={card.vise} parts={done} now={step?.part ?? ''} />
            <p className="text-soft text-right">
              {weighed && step ? `so far ${step.weighsMg.toFixed(0)} mg ` : ''}
              <Button onClick={() => setWeighed(!weighed)} aria-pressed={weighed}>
                weigh
              </Button>
            </p>
          </div>
        )}
      </div>
      <nav aria-label="Steps" className="bg-paper sticky bottom-0 flex gap-4 py-2">
        <button
          type="button"
          className="bg-leaf border-edge hover:border-tide h-20 max-sm:h-14 flex-1 rounded-lg border-2 text-3xl disabled:opacity-40"
          disabled={at === 0}
          onClick={() => tying.go(-1)}
        >
          ← back
        </button>
        <button
          type="button"
          className="bg-tide text-paper h-20 max-sm:h-14 flex-[2] rounded-lg text-3xl disabled:opacity-40"
          disabled={at > steps}
          onClick={() => tying.go(1)}
        >
          {at === 0 ? 'start →' : at === steps ? 'done →' : 'next →'}
        </button>
      </nav>
      <p className="text-soft text-base">
        Next: → ↓ PageDown, space or a pedal. Back: ← ↑ PageUp. p pause, s say it, f full screen,
        Esc leave; you come back to this step.
      </p>
      {pairs && <Tablets pattern={id} open onClose={() => setPairs(false)} />}
      <Calibrate open={calibrates} onClose={() => setCalibrates(false)} />
    </main>
  )
}

/** The same fly was gone on with on another page or machine. */
function Elsewhere({
  stored,
  steps,
  onChoose,
}: {
  stored: Tying
  steps: number
  onChoose: (choice: 'mine' | 'theirs') => void
}) {
  const where =
    stored.step === 0
      ? 'it is off the vise or before its first step'
      : stored.step > steps
        ? 'it is done'
        : `it is at step ${stored.step}`
  return (
    <p role="alert" className="border-warn flex flex-wrap gap-3 border-l-4 pl-3 text-lg">
      Elsewhere this fly was gone on with: there {where}.
      <Button onClick={() => onChoose('theirs')}>Go there</Button>
      <Button onClick={() => onChoose('mine')}>Stay here</Button>
    </p>
  )
}

const names = (card: Card) => card.steps.map((s) => s.part)

function spoken(card: Card, at: number): string {
  const step = card.steps[at - 1]
  if (at === 0) return `Before you start. ${card.preparation.map((p) => say(p)).join(' ')}`
  if (!step) return 'Done.'
  const look = step.check.text && ` Look: ${say(step.check)}`
  return `${step.title}. ${say(step.how)}${look} ${step.note}`.trim()
}

const canSpeak = () => 'speechSynthesis' in window

function useSpoken(words: string) {
  useEffect(() => {
    if (!words || !canSpeak()) return
    window.speechSynthesis.cancel()
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(words))
    return () => window.speechSynthesis.cancel()
  }, [words])
}

/** Keeps the screen on while the page is in front; a browser that cannot is let be. */
function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    const hold = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
      navigator.wakeLock.request('screen').then(
        (l) => (lock = l),
        () => undefined, // not allowed here
      )
    }
    hold()
    document.addEventListener('visibilitychange', hold)
    return () => {
      document.removeEventListener('visibilitychange', hold)
      void lock?.release()
    }
  }, [])
}
