import { Accordion } from 'radix-ui'
import { memo } from 'react'
import type { Differences, Estimate, PatternDocument } from '../api/types'
import { AmountsReading } from './AmountsReading'
import { FootprintReading } from './FootprintReading'
import { LongReadings } from './LongReadings'
import { Bar, Reading } from './Reading'
import { heightsWithout, movedBy } from './taught'
import type { Answers } from './useAnswers'
import { openReadings } from '../parts/readings'
import { lengths, quantity, say, unit } from '../parts/units'
import {
  POPS_BACK,
  ends,
  holders,
  lengthRange,
  named,
  part,
  percent,
  range,
  short,
  sitting,
  tilted,
} from '../parts/words'
import { useStore } from '../ui/store'

/** What the fly does, each number opening to what makes it so. Lagging numbers look stale. */
export const Readings = memo(function Readings({
  pose,
  full,
  answers,
  fly,
  since,
}: {
  pose: Estimate
  full: Estimate | undefined
  answers: Answers
  fly?: PatternDocument
  /** What the last change did. */
  since?: Differences
}) {
  useStore(unit)
  const open = useStore(openReadings)
  const rest = pose.rest
  const band = full?.band
  const byTests = answers.BY_TESTS?.byTests
  const moved = movedBy(byTests)
  const lift = band?.popBackMg ?? { low: pose.popBackMg, high: pose.popBackMg, decimals: 0 }
  return (
    <Accordion.Root
      type="multiple"
      className="flex flex-col"
      value={open}
      onValueChange={(next) => {
        showOpened(next.find((id) => !open.includes(id)))
        openReadings.set(next)
      }}
    >
      <Reading
        id="posture"
        title="sits"
        value={sitting(pose.sits)}
        was={since?.sat && sitting(since.sat)}
        without={moved.posture}
        band={
          rest
            ? `${tilted(rest.pitchDeg, rest.tilt)}${band?.pitchDeg ? `, ${range(band.pitchDeg, '°')}` : ''}`
            : undefined
        }
        stale={!band}
      >
        <Holders estimate={pose} />
        {rest && (
          <p className="mt-2">
            {rest.fibres.lying} fibres lie on the film, {rest.fibres.crossing} pierce it,{' '}
            {rest.fibres.drowned} are under water.
          </p>
        )}
        {rest && <p className="mt-2">{ends(rest)}</p>}
        {heightsWithout(byTests) && <p className="mt-2">{heightsWithout(byTests)}</p>}
        {full?.footprint && (
          <p className="mt-2">
            It dents the film over{' '}
            {lengths(full.footprint.lengthMm, ' × ', full.footprint.widthMm, 0)}, in{' '}
            {full.footprint.dimples} {full.footprint.dimples === 1 ? 'place' : 'places'}.
          </p>
        )}
        {band && (
          <p className="mt-2">
            Eye {lengthRange(band.eyeMm)}, bend {lengthRange(band.bendMm)}, point{' '}
            {lengthRange(band.pointMm)} from the film. {band.samePosture} of {band.samples} trials
            with uncertain values varied sit this way; {band.samples - band.floated} sink.
          </p>
        )}
        {full?.headline && (
          <p className="mt-2">
            Of {full.headline.casts} casts{' '}
            {full.headline.ways.map((w) => `${w.count} end ${sitting(w.sits)}`).join(', ')}.
          </p>
        )}
        {full && full.others.length > 0 && (
          <p className="mt-2">
            Landed otherwise it can rest{' '}
            {[...new Set(full.others.map((o) => sitting(o.posture)))].join(', ')}; choose under the
            drawing to see it.
          </p>
        )}
        {rest && (
          <p className="text-soft mt-2 text-sm">
            Balance left over: {rest.proof.forceShare.toExponential(0)} of the weight; stiffness{' '}
            {rest.proof.stiffness.map((k) => Math.round(k)).join(', ')} µN/mm.
          </p>
        )}
      </Reading>
      <Reading
        id="reserve"
        title="film reserve"
        value={reserve(full)}
        was={since?.reserve && quantity(since.reserve)}
        without={moved.reserve}
        band={band?.reserve ? range(band.reserve, ' ×') : undefined}
        stale={!band}
      >
        <p>
          {full?.reserve
            ? full.reserve.beyond
              ? `It keeps this posture up to at least ${full.reserve.sinksAt.toFixed(0)} × its weight, in still water.`
              : `It keeps this posture up to ${reserve(full)} its own weight, in still water, and goes under at ${full.reserve.sinksAt.toFixed(1)} ×.`
            : full?.outcome === 'UNSETTLED'
              ? 'Not known: no rest was found to press it down from.'
              : 'A fly that sinks has no reserve.'}
        </p>
        <Holders estimate={pose} />
      </Reading>
      <Reading
        id="pop-back"
        title="pops back if drowned"
        value={POPS_BACK[(full ?? pose).popsBack]}
        without={moved['pop-back']}
        band={short(lift)}
        stale={!band}
      >
        <p>
          Drowned whole, {pose.popBackMg >= 0 ? 'it lifts' : 'it is short by'}{' '}
          {Math.abs(pose.popBackMg).toFixed(0)} mg.{' '}
          {pose.popBackMg < 0 && 'Only the film holds it up.'}
        </p>
        <p className="mt-1">It weighs {pose.massMg.toFixed(0)} mg:</p>
        <ul>
          {[...pose.weight]
            .sort((a, b) => b.massMg - a.massMg)
            .map((w) => (
              <Bar key={w.part} name={part(w.part)} share={w.share} words={percent(w.share)} />
            ))}
        </ul>
      </Reading>
      <LongReadings answers={answers} sits={pose.sits} open={open} />
      <FootprintReading fly={fly} own={full?.footprint} />
      <AmountsReading amounts={answers.AMOUNTS?.amounts?.amounts} asked={open.includes('takes')} />
    </Accordion.Root>
  )
})

/** Brings what was opened to the top of its panel: the last readings open below its edge. */
function showOpened(id: string | undefined) {
  if (!id) return
  requestAnimationFrame(() => {
    const item = document.querySelector(`[data-reading="${id}"]`)
    const panel = item?.closest('.overflow-y-auto, .lg\\:overflow-y-auto')
    if (!item || !panel) return
    panel.scrollTop += item.getBoundingClientRect().top - panel.getBoundingClientRect().top
  })
}

function reserve(full: Estimate | undefined): string {
  if (!full) return '…'
  if (!full.reserve) return full.outcome === 'UNSETTLED' ? 'not known' : 'none'
  return full.reserve.beyond && full.reserve.keepsPostureTo >= full.reserve.sinksAt
    ? `>${full.reserve.sinksAt.toFixed(0)} ×`
    : `${full.reserve.keepsPostureTo.toFixed(1)} ×`
}

function Holders({ estimate }: { estimate: Estimate }) {
  const parts = holders(estimate.rest)
  if (parts.length === 0) return null
  return (
    <ul aria-label="Where the water bears it">
      {parts.map((h) => (
        <Bar
          key={h.parts.join()}
          name={named(h.parts)}
          share={h.share}
          words={h.share >= 0 ? percent(h.share) : `is pulled down by ${percent(-h.share)}`}
        />
      ))}
    </ul>
  )
}

/** What the model does not reckon with, and what a tier should know. */
export function Cautions({ estimate }: { estimate: Estimate }) {
  return (
    <>
      {estimate.warnings.length > 0 && (
        <ul className="text-warn mt-3 space-y-1" aria-label="Warnings">
          {estimate.warnings.map((w, i) => (
            <li key={i}>▲ {say(w.message)}</li>
          ))}
        </ul>
      )}
      <details className="text-soft mt-3 text-sm">
        <summary>an estimate; what it leaves out</summary>
        <ul className="list-disc pl-5">
          {estimate.leftOut.map((l) => (
            <li key={l}>{l}</li>
          ))}
        </ul>
      </details>
    </>
  )
}
