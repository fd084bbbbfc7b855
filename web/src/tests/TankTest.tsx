import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import { foretell, getTest } from '../api/tests'
import type { Foretold, TankTest } from '../api/types'
import { clock } from '../parts/clock'
import { say, unit } from '../parts/units'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { Button } from '../ui/Button'
import { useStore } from '../ui/store'
import { useStream, whereItIs } from '../readings/useAnswers'
import { STEPS } from './steps'
import { FLOATANTS, LAID } from '../parts/glass'
import { useTest } from './useTest'

/** A test in a glass, a step at a time: large enough for wet hands. */
export function TankTestPage() {
  const { id = '' } = useParams()
  useStore(unit)
  const test = useQuery({
    queryKey: ['test', id],
    queryFn: () => getTest(id),
    staleTime: 0,
    gcTime: 0,
    retry: false,
  })
  const t = test.data
  return (
    <Page title={t ? `${t.name} ${t.size}, in a glass` : 'In a glass'}>
      <p className="flex flex-wrap gap-x-4">
        <Link className="underline" to="/tests">
          all tests
        </Link>
        {t && (
          <Link className="underline" to={`/log/${t.test.fly}`}>
            the tied fly
          </Link>
        )}
        {t && (
          <span className="text-soft">
            {FLOATANTS[t.test.floatant]}, {LAID.find(([l]) => Number(l) === t.test.laid)?.[1]},{' '}
            {t.test.temperatureC} °C
          </span>
        )}
      </p>
      {test.error && <p role="alert">{test.error.message}</p>}
      {t && <Before key={id} opened={t} onForetold={() => void test.refetch()} />}
    </Page>
  )
}

/** First what will be seen, so that nobody grades their own hindsight. */
function Before({ opened, onForetold }: { opened: TankTest; onForetold: () => void }) {
  const { id, foretold } = opened.test
  const asked = useStream(foretold ? undefined : `foretold ${id}`, (onLine, signal) =>
    foretell(id, onLine, signal),
  )
  const done = asked.line?.foretold
  useEffect(() => {
    if (done) onForetold()
  }, [done, onForetold])
  if (foretold) return <Guided opened={opened} foretold={foretold} />
  return (
    <p className="py-6 text-2xl" role="status" aria-busy={!asked.failed}>
      Get a clean glass and fill it to the brim. What the fly will do is foretold first:{' '}
      {whereItIs(asked)}
    </p>
  )
}

function Guided({ opened, foretold }: { opened: TankTest; foretold: Foretold }) {
  const kept = useTest(opened.test.id, opened)
  const [at, setAt] = useState(0)
  const [begun] = useState(() => Date.now())
  const go = useCallback(
    (by: number) => setAt((i) => Math.max(0, Math.min(STEPS.length - 1, i + by))),
    [],
  )
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const on = e.target as Element
      if (e.ctrlKey || e.metaKey || e.altKey || e.repeat) return
      if (on.closest('input, textarea, select, [role="application"], [role="radio"]')) return
      if (e.key === 'PageDown' || e.key === 'ArrowRight') go(1)
      else if (e.key === 'PageUp' || e.key === 'ArrowLeft') go(-1)
      else return
      e.preventDefault()
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  }, [go])
  const step = STEPS[at]
  const { state } = kept
  return (
    <div className="mt-2">
      <p className="flex flex-wrap gap-x-4">
        <span
          role="status"
          data-testid="kept"
          className={state.kind === 'failed' ? 'text-warn' : 'text-soft'}
        >
          {state.kind === 'failed'
            ? `Not saved: ${state.error ? whatWentWrong(state.error) : state.message}`
            : state.kind === 'saving'
              ? 'saving…'
              : state.kind === 'saved'
                ? 'saved'
                : 'changed elsewhere'}
        </span>
        <Since begun={begun} />
      </p>
      {state.kind === 'changed-elsewhere' && (
        <p role="alert" className="border-warn my-2 flex flex-wrap gap-2 border-l-4 pl-3">
          This test was changed elsewhere, and what you told here is not kept yet.
          <Button onClick={() => kept.queue.resolve('mine', state.stored)}>
            Keep what is here
          </Button>
          <Button onClick={() => kept.queue.resolve('theirs', state.stored)}>Take the other</Button>
        </p>
      )}
      <p className="border-tide my-2 border-l-4 pl-3" data-testid="foretold">
        <span className="text-soft">
          Foretold{foretold.byTests > 0 && ` by your ${foretold.byTests} tests`}, eight times in
          ten:
        </span>{' '}
        {say(opened.foretold)}
      </p>
      <ol className="my-2 flex flex-wrap gap-1" aria-label="Steps">
        {STEPS.map((s, i) => (
          <li key={s.name}>
            <Button
              aria-current={i === at ? 'step' : undefined}
              className="aria-[current=step]:bg-tide aria-[current=step]:text-paper"
              onClick={() => setAt(i)}
            >
              {i + 1} {s.name}
              {s.told(kept.written.seen) ? ' ✓' : ''}
            </Button>
          </li>
        ))}
      </ol>
      <section aria-live="polite" aria-label="This step" className="min-h-80 text-xl">
        {step && <step.Step kept={kept} foretold={foretold} />}
      </section>
      <nav aria-label="Back and on" className="bg-paper sticky bottom-0 flex gap-4 py-2">
        <button
          type="button"
          className="bg-leaf border-edge hover:border-tide h-16 flex-1 rounded-lg border-2 text-2xl disabled:opacity-40"
          disabled={at === 0}
          onClick={() => go(-1)}
        >
          back
        </button>
        <button
          type="button"
          className="bg-tide text-paper h-16 flex-[2] rounded-lg text-2xl disabled:opacity-40"
          disabled={at === STEPS.length - 1}
          onClick={() => go(1)}
        >
          {step?.told(kept.written.seen) || at === STEPS.length - 1 ? 'next' : 'skip'}
        </button>
      </nav>
    </div>
  )
}

/** How long one has been at it. */
function Since({ begun }: { begun: number }) {
  const [now, setNow] = useState(begun)
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  return <span className="text-soft tabular-nums">{clock((now - begun) / 1000)} min</span>
}
