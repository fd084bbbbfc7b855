import type { EveningPlan, Want } from '../api/types'
import { fliesWords, timeAfter } from '../parts/flies'

type View = EveningPlan['evenings'][number]

const HIGH = 30

/**
 * An evening's clock from left to right: a block a fly, paler where something is changed or made
 * ready first; gaps where nothing can be done but wait. The list below says the same in words.
 */
export function Strip({ evening: e, wants }: { evening: View; wants: Want[] }) {
  if (e.work.length === 0) return null
  const { evening } = e
  const long = Math.max(evening.minutes, e.spentMinutes)
  const marks = Array.from({ length: Math.floor(long / 30) + 1 }, (_, i) => i * 30)
  const of = (id: string) => wants.findIndex((w) => w.id === id)
  return (
    <div className="my-2">
      <svg
        viewBox={`0 0 ${long} ${HIGH + 12}`}
        preserveAspectRatio="none"
        className="block h-14 w-full"
        role="img"
        aria-label={`${e.work.filter((w) => w.what === 'TIE').length} flies from ${evening.from.slice(0, 5)} to ${timeAfter(evening.from, e.spentMinutes)}`}
      >
        <rect width={evening.minutes} height={HIGH} className="fill-paper" />
        {e.work.map((w, i) => {
          const want = wants[of(w.want)]
          return (
            <g key={i} className={SHADES[of(w.want) % SHADES.length]} opacity={w.tied ? 0.45 : 1}>
              <title>
                {`${timeAfter(evening.from, w.handsMinutes)} ${w.what === 'TIE' ? '' : 'finish '}${want ? fliesWords(want.flies) : ''}`}
              </title>
              <rect
                x={w.minutes}
                width={w.handsMinutes - w.minutes}
                y={8}
                height={HIGH - 8}
                fill="currentColor"
                opacity={0.3}
              />
              <rect
                x={w.handsMinutes + long / 900}
                width={Math.max(0.2, w.endsMinutes - w.handsMinutes - long / 450)}
                y={w.what === 'TIE' ? 2 : HIGH / 2}
                height={w.what === 'TIE' ? HIGH - 2 : HIGH / 2}
                fill="currentColor"
              />
            </g>
          )
        })}
        {marks.map((m) => (
          <line
            key={m}
            x1={m}
            x2={m}
            y1={0}
            y2={HIGH + 6}
            className="stroke-rule"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <line
          x1={evening.minutes}
          x2={evening.minutes}
          y1={0}
          y2={HIGH + 12}
          className="stroke-warn"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <p aria-hidden className="text-soft relative h-4 text-xs tabular-nums">
        {marks
          .filter((m) => (m % 60 === 0 || long < 100) && m < 0.95 * long)
          .map((m) => (
            <span key={m} className="absolute" style={{ left: `${(100 * m) / long}%` }}>
              {timeAfter(evening.from, m)}
            </span>
          ))}
      </p>
    </div>
  )
}

/** Of one want and the next; which is which stands in the list below. */
const SHADES = ['text-tide', 'text-soft', 'text-ink', 'text-edge']
