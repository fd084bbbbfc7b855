import { useState } from 'react'
import type { Estimate, Footprints, PatternDocument } from '../api/types'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { ORDERS, STAGES } from '../parts/naturals'
import { lengths } from '../parts/units'
import { Reading } from './Reading'
import { useAnswer, whereItIs } from './useAnswers'

/** What the fly presses into the film beside what the natural does, for both ways of choosing. */
export function FootprintReading({
  fly,
  own,
}: {
  fly: PatternDocument | undefined
  own: Estimate['footprint'] | undefined
}) {
  return (
    <Reading
      id="footprint"
      title="footprint"
      value={own ? size(own.lengthMm, own.widthMm) : '…'}
      band={own ? `${own.dimples} ${own.dimples === 1 ? 'dimple' : 'dimples'}` : undefined}
      stale={!own}
    >
      <Match fly={fly} />
    </Reading>
  )
}

/** Asked only while it is open. */
function Match({ fly }: { fly: PatternDocument | undefined }) {
  const [natural, setNatural] = useState({ bodyMm: 8, order: 'MAYFLY', stage: 'ADULT' })
  const asked = useAnswer(fly, 'FOOTPRINT', { ...natural, bodyMm: String(natural.bodyMm) })
  const found = asked.line?.footprints
  return (
    <>
      <Stepper
        label="body of the natural"
        value={natural.bodyMm}
        step={0.5}
        low={2}
        high={50}
        unit="mm"
        onChange={(bodyMm) => setNatural({ ...natural, bodyMm })}
      />
      <Pick
        label="insect"
        value={natural.order}
        options={ORDERS}
        onChange={(order) => setNatural({ ...natural, order })}
      />
      <Choice
        label="stage"
        value={natural.stage}
        options={STAGES}
        onChange={(stage) => setNatural({ ...natural, stage })}
      />
      {found ? <Prints found={found} /> : <p aria-busy="true">{whereItIs(asked)}</p>}
    </>
  )
}

const WAYS: Record<string, string> = {
  own: 'this hook',
  'same-size': 'same size',
  'one-smaller': 'one smaller',
}

function Prints({ found }: { found: Footprints }) {
  const most = Math.max(found.lengthMm, ...found.flies.map((f) => f.footprint?.lengthMm ?? 0), 1)
  return (
    <ul className="mt-2 space-y-2" aria-label="Footprints">
      <li>
        <span className="flex justify-between">
          <span>the natural</span>
          <span className="tabular-nums">{size(found.lengthMm, found.widthMm)}</span>
        </span>
        <Print long={found.lengthMm} wide={found.widthMm} most={most} natural />
        <span className="text-soft text-sm">{found.words} (an assumption)</span>
      </li>
      {found.flies.map((f) => (
        <li key={f.way}>
          <span className="flex justify-between">
            <span>
              {WAYS[f.way]}: {f.size}
            </span>
            <span className="tabular-nums">
              {f.footprint ? size(f.footprint.lengthMm, f.footprint.widthMm) : 'no rest'}
            </span>
          </span>
          {f.footprint && (
            <>
              <Print long={f.footprint.lengthMm} wide={f.footprint.widthMm} most={most} />
              <span className="text-soft text-sm">
                {against(f.longer)} as long, {against(f.wider)} as wide as the natural’s
              </span>
            </>
          )}
        </li>
      ))}
      <li className="text-soft text-sm">
        Some match the natural; others go one smaller because the footprint reads larger than the
        fly.
      </li>
    </ul>
  )
}

const size = (long: number, wide: number) => lengths(long, ' × ', wide, 0)
const against = (more: number) => `${(1 + more).toFixed(1)} ×`

/** A footprint from above, to one scale. */
function Print(props: { long: number; wide: number; most: number; natural?: boolean }) {
  const { long, wide, most, natural } = props
  const scale = 260 / most
  return (
    <svg
      viewBox={`0 0 264 ${wide * scale + 4}`}
      className="block w-full"
      style={{ maxHeight: 120 }}
      aria-hidden
    >
      <ellipse
        cx={132}
        cy={(wide * scale) / 2 + 2}
        rx={(long * scale) / 2}
        ry={(wide * scale) / 2}
        fill={natural ? 'none' : 'var(--water-top)'}
        stroke="var(--tide)"
        strokeWidth="1.5"
        strokeDasharray={natural ? '4 3' : undefined}
      />
    </svg>
  )
}
