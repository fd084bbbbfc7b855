import { useEffect, useState } from 'react'
import type { PatternDocument, Reach } from '../api/types'
import { posture } from '../parts/words'
import { inUnits, length } from '../parts/units'
import { Button } from '../ui/Button'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { Window } from '../ui/Window'
import { useAnswer, whereItIs } from './useAnswers'

type Wanted = 'FLUSH' | 'HIGHER' | 'HANG' | 'CARRY' | 'LAND_UPRIGHT' | 'LAST'

type Outcome = {
  words: string
  usual: number
  step: number
  low: number
  high: number
  unit: string
  /** How much of it a fly has. */
  has: (have: number) => string
}

const OUTCOMES: Record<Wanted, Outcome> = {
  FLUSH: {
    words: 'lie flush',
    usual: 0,
    step: 0,
    low: 0,
    high: 0,
    unit: '',
    has: (v) => `hook up to ${length(v)} from the film`,
  },
  HIGHER: {
    words: 'ride higher by',
    usual: 0.5,
    step: 0.1,
    low: 0.1,
    high: 5,
    unit: 'mm',
    has: (v) => `its middle ${length(v)} up`,
  },
  HANG: {
    words: 'hang at',
    usual: 60,
    step: 5,
    low: 20,
    high: 90,
    unit: '°',
    has: (v) => `${Math.round(v)}° tail down`,
  },
  CARRY: {
    words: 'carry in water',
    usual: 200,
    step: 10,
    low: 1,
    high: 2000,
    unit: 'mg',
    has: (v) => `carries ${Math.round(v)} mg`,
  },
  LAND_UPRIGHT: {
    words: 'land like this',
    usual: 9,
    step: 0.5,
    low: 1,
    high: 10,
    unit: 'of 10',
    has: (v) => `${v.toFixed(1)} casts of 10`,
  },
  LAST: {
    words: 'last in riffles',
    usual: 1.25,
    step: 0.25,
    low: 1.05,
    high: 10,
    unit: '× as long',
    has: (v) => (v >= 120 ? 'half up for over 2 h' : `half up for ${Math.round(v)} min`),
  },
}

type Props = {
  open: boolean
  fly: PatternDocument
  onApply: (document: PatternDocument, words: string) => void
  onClose: () => void
}

/** What a tier would have of the fly, and the smallest changes that give it. */
export function Goals({ open, fly, onApply, onClose }: Props) {
  return (
    <Window title="What should it do?" open={open} onClose={onClose}>
      <Wish fly={fly} onApply={onApply} />
    </Window>
  )
}

function Wish({ fly, onApply }: Omit<Props, 'open' | 'onClose'>) {
  const [wanted, setWanted] = useState<Wanted>('HIGHER')
  const outcome = OUTCOMES[wanted]
  const [amount, setAmount] = useState(outcome.usual)
  const [asked, setAsked] = useState<{ goal: string; amount: string }>()
  const answer = useAnswer(asked ? fly : undefined, 'GOAL', asked ?? {})
  const found = answer.line?.changes
  const changes = (found?.changes ?? []) as Reach[]
  const nearest = (found?.nearest ?? []) as Reach[]
  const apply = (c: Reach) => onApply({ ...fly, ...named(c.document, fly) }, c.words)
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const change = changes[Number(e.key) - 1]
      if (!change || e.ctrlKey || e.metaKey || e.target instanceof HTMLInputElement) return
      e.preventDefault()
      apply(change)
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  })
  return (
    <>
      <div className="my-3 flex flex-wrap items-center gap-3">
        <Pick
          label="It should"
          value={wanted}
          options={(Object.keys(OUTCOMES) as Wanted[]).map((w) => [w, OUTCOMES[w].words] as const)}
          onChange={(w) => {
            setWanted(w)
            setAmount(OUTCOMES[w].usual)
            setAsked(undefined)
          }}
        />
        {outcome.unit && (
          <Stepper
            label="by how much"
            value={amount}
            step={outcome.step}
            low={outcome.low}
            high={outcome.high}
            unit={outcome.unit}
            onChange={(v) => {
              setAmount(v)
              setAsked(undefined)
            }}
          />
        )}
        <Button
          onClick={() => setAsked({ goal: wanted, amount: String(outcome.unit ? amount : 0) })}
        >
          Find the smallest changes
        </Button>
      </div>
      {asked && !found && (
        <p role="status" aria-busy={!answer.failed}>
          {answer.failed ? answer.failed : `Trying changes on the water: ${whereItIs(answer)}`}
        </p>
      )}
      {found && (
        <div aria-live="polite">
          <p>
            Now: {inUnits(outcome.has(found.have))}, {posture(found.now.posture)}.{' '}
            {found.reached && 'It does that already.'}
            {!found.reached &&
              changes.length === 0 &&
              `None of ${found.tried} changes within its style does that.`}
          </p>
          <ol className="mt-2" data-testid="changes">
            {changes.map((c, i) => (
              <Change
                key={c.words}
                change={c}
                outcome={outcome}
                press={String(i + 1)}
                onApply={() => apply(c)}
              />
            ))}
          </ol>
          {nearest.map((c) => (
            <div key={c.words}>
              <p className="mt-2">This one comes nearest:</p>
              <ul>
                <Change change={c} outcome={outcome} onApply={() => apply(c)} />
              </ul>
            </div>
          ))}
          {changes.length > 0 && (
            <p className="text-soft mt-3 text-sm">
              Press its number to make a change; undo takes it back. Found among {found.tried} flies
              within what the style ties; tying times are assumptions.
            </p>
          )}
        </div>
      )}
    </>
  )
}

/** The changed document under the name and words of the fly it is made from. */
function named(changed: PatternDocument, fly: PatternDocument): PatternDocument {
  const { name, notes, natural } = fly.pattern
  return { ...changed, pattern: { ...changed.pattern, name, notes, natural } }
}

function Change({
  change: c,
  outcome,
  press,
  onApply,
}: {
  change: Reach
  outcome: Outcome
  press?: string
  onApply: () => void
}) {
  return (
    <li className="border-rule grid grid-cols-[2rem_1fr_auto] items-center gap-x-2 border-t py-2">
      <kbd className="border-rule rounded border text-center font-semibold">{press ?? '·'}</kbd>
      <span>
        <strong>{c.words}</strong>
        <br />
        {inUnits(outcome.has(c.have))}, {posture(c.sits.posture)}, reserve{' '}
        {c.sits.keepsPostureTo.toFixed(1)} ×. Costs {cost(c)}.
      </span>
      <Button onClick={onApply}>make it so</Button>
    </li>
  )
}

function cost(c: Reach): string {
  const signed = (v: number, unit: string, digits = 0) =>
    `${v > 0 ? '+' : v < 0 ? '−' : '±'}${Math.abs(v).toFixed(digits)} ${unit}`
  const all = [signed(c.moreMg, 'mg', 1), signed(c.moreSeconds, 's of tying')]
  if (c.moreFeatherMm !== 0) all.push(inUnits(signed(c.moreFeatherMm, 'mm')) + ' of feather')
  return all.join(', ')
}
