import { useState } from 'react'
import type { TankTest } from '../api/types'
import { Choice } from '../ui/Choice'
import { MEASURES, type What, against, measureWords } from './words'

const ROOM = { left: 8, right: 8, top: 10, bottom: 38 }
const WIDE = 960
const HIGH = 205

/** Tests over time, each number against the band that was foretold. */
export function Chart({ tests }: { tests: TankTest[] }) {
  const [what, setWhat] = useState<What>('ANGLE')
  const shown = [...tests].reverse().flatMap(({ test, name }) => {
    const band = test.foretold?.measures.find((m) => m.what === what)
    const seen = test.seen.measured.find((m) => m.what === what)
    return band && seen
      ? [{ id: test.id, name, at: test.madeAt, band, seen, out: test.leftOut, test }]
      : []
  })
  const ends = shown.flatMap((s) => [
    s.band.low,
    s.band.high,
    s.seen.value - s.seen.error,
    s.seen.value + s.seen.error,
  ])
  const low = Math.min(0, ...ends)
  const high = Math.max(0, ...ends)
  const span = Math.max(1e-9, high - low)
  const y = (v: number) => ROOM.top + ((high - v) / span) * (HIGH - ROOM.top - ROOM.bottom)
  const step = (WIDE - ROOM.left - ROOM.right) / Math.max(1, shown.length)
  const inside = shown.filter((s) => s.seen.value >= s.band.low && s.seen.value <= s.band.high)
  return (
    <section aria-label="Foretold and seen" className="my-3">
      <h2 className="flex flex-wrap items-center gap-3 font-serif text-xl font-semibold">
        Foretold and seen
        <span className="font-sans text-base font-normal">
          <Choice
            label="number"
            hidden
            value={what}
            options={(Object.keys(MEASURES) as What[]).map((w) => [w, MEASURES[w].name] as const)}
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
            aria-label={`${inside.length} of ${shown.length} tests lie inside their band.`}
          >
            <line x1={0} x2={WIDE} y1={y(0)} y2={y(0)} stroke="var(--tide)" strokeWidth={1.5} />
            {shown.map((s, i) => {
              const x = ROOM.left + (i + 0.5) * step
              const off = against(
                s.test.foretold as NonNullable<typeof s.test.foretold>,
                what,
                s.seen.value,
              )
              return (
                <g key={s.id} opacity={s.out ? 0.4 : 1}>
                  <title>{`${s.name}: seen ${measureWords(what, s.seen.value)}, ${off}`}</title>
                  <rect
                    x={x - 7}
                    width={14}
                    y={y(s.band.high)}
                    height={Math.max(1, y(s.band.low) - y(s.band.high))}
                    fill="var(--rule)"
                  />
                  <line
                    x1={x - 7}
                    x2={x + 7}
                    y1={y(s.band.middle)}
                    y2={y(s.band.middle)}
                    stroke="var(--soft)"
                    strokeWidth={2}
                  />
                  <line
                    x1={x}
                    x2={x}
                    y1={y(s.seen.value + s.seen.error)}
                    y2={y(s.seen.value - s.seen.error)}
                    stroke="var(--ink)"
                    strokeWidth={1.5}
                  />
                  <circle
                    cx={x}
                    cy={y(s.seen.value)}
                    r={4.5}
                    fill={off === 'as foretold' ? 'var(--ink)' : 'var(--warn)'}
                  />
                  <text
                    x={x + 11}
                    y={y(s.seen.value) + 4}
                    fontSize={12}
                    fill="var(--ink)"
                    stroke="var(--paper)"
                    strokeWidth={3}
                    paintOrder="stroke"
                  >
                    {measureWords(what, s.seen.value).replace(/ (tail|head) down/, '')}
                  </text>
                  <text x={x} y={HIGH - 21} fontSize={12} textAnchor="middle" fill="var(--ink)">
                    {s.name}
                  </text>
                  <text x={x} y={HIGH - 6} fontSize={12} textAnchor="middle" fill="var(--soft)">
                    {new Date(s.at).toLocaleDateString(undefined, {
                      day: 'numeric',
                      month: 'short',
                    })}
                  </text>
                </g>
              )
            })}
          </svg>
          <figcaption className="text-soft text-sm">
            Bar: foretold eight times in ten, its middle marked. Dot: seen, with one standard
            deviation. The blue line is {what === 'ANGLE' ? 'level' : 'the water'}. {inside.length}{' '}
            of {shown.length} inside.
          </figcaption>
        </figure>
      )}
    </section>
  )
}
