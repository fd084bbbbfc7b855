import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { listOutcomes } from '../api/client'
import type { OutcomeBounds, PatternDocument, Reach, Sits } from '../api/types'
import { named, rests, sitting, times } from '../parts/words'
import { length } from '../parts/units'
import { Button } from '../ui/Button'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { Window } from '../ui/Window'
import { useAnswer, whereItIs } from '../readings/useAnswers'

type Wanted = OutcomeBounds['goal']

type Outcome = {
  words: string
  step: number
  /** How much of it a fly has. */
  has: (have: number) => string
}

const OUTCOMES: Record<Wanted, Outcome> = {
  FLUSH: {
    words: 'lie flush',
    step: 0,
    has: (v) => `hook up to ${length(v)} from the film`,
  },
  HIGHER: {
    words: 'ride higher by',
    step: 0.1,
    has: (v) => `its middle ${length(v)} up`,
  },
  HANG: {
    words: 'hang at',
    step: 5,
    has: (v) => `${Math.round(v)}° tail down`,
  },
  CARRY: {
    words: 'carry in water',
    step: 10,
    has: (v) => `carries ${Math.round(v)} mg`,
  },
  LAND_UPRIGHT: {
    words: 'land this way',
    step: 0.5,
    has: (v) => `${v.toFixed(1)} casts of 10`,
  },
  UNDER: {
    words: 'go under',
    step: 0,
    has: (v) =>
      v > 0
        ? `goes under at ${v >= 10 ? 'more than 10' : v.toFixed(1)} × its weight`
        : 'goes under',
  },
  SEEN: {
    words: 'be seen from afar',
    step: 0.25,
    has: (v) => `shows ${Math.round(v)} mm² above the film`,
  },
  LAST: {
    words: 'last in riffles',
    step: 0.25,
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
  const bounds = useQuery({ queryKey: ['outcomes'], queryFn: listOutcomes, staleTime: Infinity })
  const may = bounds.data?.find((o) => o.goal === wanted)
  const [chosen, setAmount] = useState<number>()
  const amount = chosen ?? may?.usual ?? 0
  const [asked, setAsked] = useState<{ goal: string; amount: string }>()
  const answer = useAnswer(asked ? fly : undefined, 'GOAL', asked ?? {})
  const found = answer.line?.changes
  const changes = (found?.changes ?? []) as Reach[]
  const nearest = (found?.nearest ?? []) as Reach[]
  const apply = (c: Reach) => onApply({ ...fly, ...renamed(c.document, fly) }, c.words)
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
            setAmount(undefined)
            setAsked(undefined)
          }}
        />
        {may && may.unit !== '' && (
          <Stepper
            label="by how much"
            value={amount}
            step={outcome.step}
            low={may.low}
            high={may.high}
            unit={may.unit}
            onChange={(v) => {
              setAmount(v)
              setAsked(undefined)
            }}
          />
        )}
        <Button disabled={!may} onClick={() => setAsked({ goal: wanted, amount: String(amount) })}>
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
            Now: {outcome.has(found.have)}, {sitting(found.now.sits)}.{' '}
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
function renamed(changed: PatternDocument, fly: PatternDocument): PatternDocument {
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
        {outcome.has(c.have)}, {sitting(c.sits.sits)}, reserve {times(c.sits.keepsPostureTo)}.{' '}
        {c.without && `Without its ${named(c.without.parts)} it ${under(c.without.then)}. `}
        Costs {cost(c)}.
      </span>
      <Button onClick={onApply}>Apply</Button>
    </li>
  )
}

const under = (then: Sits) =>
  rests(then.sits) ? `goes under at ${times(then.sinksAt)}` : `is ${sitting(then.sits)}`

function cost(c: Reach): string {
  const signed = (v: number, unit: string, digits = 0) =>
    `${v > 0 ? '+' : v < 0 ? '−' : '±'}${Math.abs(v).toFixed(digits)} ${unit}`
  const all = [signed(c.moreMg, 'mg', 1), signed(c.moreSeconds, 's of tying')]
  if (c.moreFeatherMm !== 0) {
    all.push(`${c.moreFeatherMm > 0 ? '+' : '−'}${length(Math.abs(c.moreFeatherMm), 0)} of feather`)
  }
  return all.join(', ')
}
