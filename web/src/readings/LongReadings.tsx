import { Suspense, lazy } from 'react'
import type { AnswerLine, Carry, Landing, OverTime, Sitting, Water } from '../api/types'
import { percent, place, sitting, tilted } from '../parts/words'
import type { Answers } from './useAnswers'
import { Bar, Reading } from './Reading'
import { UNASKED } from '../parts/readings'
import { WATERS, minutes } from './water'
import { WhatIfReading } from './WhatIfReading'

const FloatCurve = lazy(() => import('./FloatCurve').then((m) => ({ default: m.FloatCurve })))

/** Beads as they are sold. */
const METALS: Record<Carry['beads'][number]['metal'], string> = {
  BRASS: 'brass',
  TUNGSTEN: 'tungsten',
}

/** What takes many landings to say; each reading looks stale until its answer is there. */
export function LongReadings({
  answers,
  sits,
  open,
}: {
  answers: Answers
  sits: Sitting
  open: string[]
}) {
  /** What a reading without an answer says: where that is, or that it was not asked for. */
  const lag = (id: string, line: AnswerLine | undefined, of: string) =>
    open.includes(id) ? (answers.failed ?? waiting(line, of)) : UNASKED
  const missing = (id: string) => (open.includes(id) ? '…' : '')
  const landing = answers.LANDING?.landing
  const carry = answers.CARRY?.carry
  const overTime = answers.OVER_TIME?.overTime
  const whatIfs = answers.WHAT_IF?.whatIfs
  return (
    <>
      <WhatIfReading
        whatIfs={whatIfs}
        asked={open.includes('what-if')}
        waiting={lag('what-if', answers.WHAT_IF, 'tried')}
      />
      <Reading
        id="landing"
        title="lands this way"
        value={landing ? percent(shareOf(landing, sits).share) : missing('landing')}
        band={landing ? errors(landing, sits) : lag('landing', answers.LANDING, 'casts')}
        stale={!landing && open.includes('landing')}
      >
        {landing && <Landings landing={landing} />}
      </Reading>
      <Reading
        id="carry"
        title="carries"
        value={carry ? weight(carry) : missing('carry')}
        band={
          carry
            ? carry.beads.map((b) => `${b.diameterMm} mm ${METALS[b.metal]}`).join(' · ')
            : lag('carry', answers.CARRY, 'tried')
        }
        stale={!carry && open.includes('carry')}
      >
        {carry && <Carries carry={carry} />}
      </Reading>
      <Reading
        id="over-time"
        title="stays up in a riffle"
        value={overTime ? minutes(water(overTime, 'RIFFLE')?.median) : missing('over-time')}
        band={
          overTime
            ? `dress again ${after(water(overTime, 'RIFFLE')?.dressAgain)}`
            : lag('over-time', answers.OVER_TIME, 'stages of wear')
        }
        stale={!overTime && open.includes('over-time')}
      >
        {overTime && <Floats overTime={overTime} />}
      </Reading>
    </>
  )
}

function waiting(line: AnswerLine | undefined, of: string): string | undefined {
  if (line?.waits) return `${line.waits.before} ahead in queue`
  return line?.progress ? `${line.progress.done} of ${line.progress.all} ${of}` : undefined
}

function shareOf(landing: Landing, sits: Sitting) {
  return landing.postures.find((p) => p.posture === sits) ?? { share: 0, low: 0, high: 0 }
}

function errors(landing: Landing, sits: Sitting): string {
  const { low, high } = shareOf(landing, sits)
  return `${Math.round(low * 100)} to ${percent(high)} of casts`
}

function Landings({ landing }: { landing: Landing }) {
  return (
    <>
      <p>
        {landing.casts} casts, their pitch spread by {landing.pitchSpreadDeg}° about level and their
        roll by {landing.rollSpreadDeg}° about upright (an assumption).
      </p>
      <ul aria-label="How it lands">
        {landing.postures.map((p) => (
          <Bar
            key={p.posture}
            name={sitting(p.posture)}
            share={p.share}
            words={`${Math.round(p.low * 100)} to ${percent(p.high)}`}
          />
        ))}
      </ul>
      {landing.sunk > 0 && <p>{landing.sunk} sank.</p>}
      {landing.unsettled > 0 && <p>For {landing.unsettled} no balance was found.</p>}
    </>
  )
}

function weight(carry: Carry): string {
  return carry.under ? `${carry.more ? '>' : ''}${round(carry.inWaterMg)} mg` : 'nothing'
}

/** Two digits: the search stops within a twentieth. */
const round = (mg: number) => Number(mg.toPrecision(2))

function Carries({ carry }: { carry: Carry }) {
  if (!carry.under) return <p>Hung from its bend, any weight would take it under.</p>
  return (
    <>
      <p>
        Weight in water that can hang from its bend in still water; a cast or a drag takes more.
        Under it the fly sits {sitting(carry.under.posture)},{' '}
        {tilted(carry.under.pitchDeg, carry.under.tilt)}, its eye{' '}
        {place(carry.under.eyeMm, carry.under.eyeSide)}.
      </p>
      <ul className="mt-1 list-disc pl-5">
        {carry.nymphs.map((n) => (
          <li key={n.metal}>
            nymph size {n.hookSize} with a {n.beadMm} mm {METALS[n.metal]} bead,{' '}
            {round(n.inWaterMg)} mg
          </li>
        ))}
        {carry.nymphs.length === 0 && <li>no beaded nymph is light enough</li>}
      </ul>
    </>
  )
}

function water(overTime: OverTime, name: Water['water']): Water | undefined {
  return overTime.waters.find((w) => w.water === name)
}

function after(limit: { minutes: number } | undefined | null): string {
  return limit ? `after ${Math.round(limit.minutes)} min` : 'after more than 2 h'
}

function Floats({ overTime }: { overTime: OverTime }) {
  const fish = water(overTime, 'RIFFLE') ?? overTime.waters[0]
  return (
    <>
      <p>
        Share still up against minutes, all at the top and none at the line, with its middle 80 %.
        Rates of dunking, wetting and drying are assumptions.
      </p>
      {overTime.waters.map((w) => (
        <figure key={w.water} className="mt-2">
          <figcaption>
            <strong>{WATERS[w.water]}</strong>: half have sunk after {minutes(w.median)}; dress{' '}
            {after(w.dressAgain)}
          </figcaption>
          <Suspense>
            <FloatCurve water={w} />
          </Suspense>
        </figure>
      ))}
      {fish && (
        <p className="mt-1">
          {fish.lostMinutes >= 1
            ? `On ${WATERS[fish.water]}, dressing it again takes about ${fish.lostMinutes} of 120 minutes. `
            : ''}
          {fish.moreFish
            ? `Floats for more than ${fish.fish} fish.`
            : `Floats for about ${fish.fish} fish before slime sinks it.`}
        </p>
      )}
    </>
  )
}
