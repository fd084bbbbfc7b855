import { useState } from 'react'
import type { TankTest } from '../api/types'
import { say } from '../parts/units'
import { Choice } from '../ui/Choice'
import { STANDS, type What } from './words'

const ROOM = { left: 8, right: 8, top: 10, bottom: 38 }
const WIDE = 960
const HIGH = 205

/** A test that has this number, foretold and seen. */
function tellOf({ test, name, beside }: TankTest, what: What, word: string | undefined) {
  const band = test.foretold?.measures.find((m) => m.what === what)
  const seen = test.seen.measured.find((m) => m.what === what)
  const told = beside.find((b) => b.what === word)
  return band && seen && told ? [{ test, name, band, seen, told }] : []
}

/** Tests over time, each number against the band that was foretold. */
export function Chart({ tests }: { tests: TankTest[] }) {
  const [what, setWhat] = useState<What>('ANGLE')
  const measures = tests[0]?.measures ?? []
  const word = measures.find((m) => m.what === what)?.word
  const shown = [...tests].reverse().flatMap((t) => tellOf(t, what, word))
  const ends = shown.flatMap(({ band, seen }) => [
    band.low,
    band.high,
    seen.value - seen.error,
    seen.value + seen.error,
  ])
  const low = Math.min(0, ...ends)
  const high = Math.max(0, ...ends)
  const span = Math.max(1e-9, high - low)
  const y = (v: number) => ROOM.top + ((high - v) / span) * (HIGH - ROOM.top - ROOM.bottom)
  const step = (WIDE - ROOM.left - ROOM.right) / Math.max(1, shown.length)
  const inside = shown.filter((s) => s.told.stands === 'AS_FORETOLD').length
  return (
    <section aria-label="Foretold and seen" className="my-3">
      <h2 className="flex flex-wrap items-center gap-3 font-serif text-xl font-semibold">
        Foretold and seen
        <span className="font-sans text-base font-normal">
          <Choice
            label="number"
            hidden
            value={what}
            options={measures.map((m) => [m.what, m.word] as const)}
            onChange={setWhat}
          />
        </span>
      </h2>
      {shown.length === 0 ? (
        <p className="text-soft">No test has this number yet.</p>
      ) : (
        <figure>
          <svg
            viewBox={`0 0 ${WIDE} ${HIGH}`}
            className="block w-full"
            role="img"
            aria-label={`${inside} of ${shown.length} tests lie inside their band.`}
          >
            <line x1={0} x2={WIDE} y1={y(0)} y2={y(0)} stroke="var(--tide)" strokeWidth={1.5} />
            {shown.map((s, i) => (
              <Mark key={s.test.id} x={ROOM.left + (i + 0.5) * step} y={y} {...s} />
            ))}
          </svg>
          <figcaption className="text-soft text-sm">
            Bar: foretold eight times in ten, its middle marked. Dot: seen, with one standard
            deviation. The blue line is {what === 'ANGLE' ? 'level' : 'the water'}. {inside} of{' '}
            {shown.length} inside.
          </figcaption>
        </figure>
      )}
    </section>
  )
}

type Told = ReturnType<typeof tellOf>[number]

function Mark({
  x,
  y,
  test,
  name,
  band,
  seen,
  told,
}: Told & { x: number; y: (value: number) => number }) {
  const words = say(told.seen)
  return (
    <g opacity={test.leftOut ? 0.4 : 1}>
      <title>{`${name}: seen ${words}, ${STANDS[told.stands]}`}</title>
      <rect
        x={x - 7}
        width={14}
        y={y(band.high)}
        height={Math.max(1, y(band.low) - y(band.high))}
        fill="var(--rule)"
      />
      <line
        x1={x - 7}
        x2={x + 7}
        y1={y(band.middle)}
        y2={y(band.middle)}
        stroke="var(--soft)"
        strokeWidth={2}
      />
      <line
        x1={x}
        x2={x}
        y1={y(seen.value + seen.error)}
        y2={y(seen.value - seen.error)}
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <circle
        cx={x}
        cy={y(seen.value)}
        r={4.5}
        fill={told.stands === 'AS_FORETOLD' ? 'var(--ink)' : 'var(--warn)'}
      />
      <text
        x={x + 11}
        y={y(seen.value) + 4}
        fontSize={12}
        fill="var(--ink)"
        stroke="var(--paper)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {words.split(' ±')[0]?.replace(/ (tail|head) down/, '')}
      </text>
      <text x={x} y={HIGH - 21} fontSize={12} textAnchor="middle" fill="var(--ink)">
        {name}
      </text>
      <text x={x} y={HIGH - 6} fontSize={12} textAnchor="middle" fill="var(--soft)">
        {new Date(test.madeAt).toLocaleDateString(undefined, { day: 'numeric', month: 'short' })}
      </text>
    </g>
  )
}
