import type { Estimate, Handle } from '../api/types'
import { length, lengths } from '../parts/units'
import { placesFor } from '../parts/place'
import { kindOf, part } from '../parts/words'
import type { Dragged } from '../scene/drag'
import { Borders } from './Borders'
import { lookOf, tintOf } from '../scene/looks'
import type { Pulled } from './useGiveUp'

/** Patterns that tell parts apart without colour. */
const PATTERNS: Record<string, string> = {
  head: 'solid',
  thorax: 'solid',
  bead: 'solid',
  'egg-sac': 'solid',
  'collar-hackle': 'slant',
  'soft-collar': 'slant',
  'spun-plume': 'slant',
  body: 'rings',
}

/** The shank unrolled to scale: mm over it, eye lengths under it, each span named. */
export function ShankPlan({
  estimate,
  materials,
  chosen,
  onChoose,
  onMove,
}: {
  estimate: Estimate
  /** Material of each part, by the part's name. */
  materials?: Record<string, string>
  chosen: string
  onChoose: (part: string) => void
  onMove: (handle: Handle, to: Dragged, held: Pulled) => void
}) {
  const { shankMm, eyeMm } = estimate.hook
  const look = (part: string) => lookOf(part, materials?.[part], tintOf(estimate.outline, part))
  const tail = estimate.dimensions.find((d) => d.part === 'tail' && d.name === 'length')
  const width = 1000
  const end = tail ? 840 : 980
  const shank = (mm: number) => 20 + (mm / shankMm) * (end - 20)
  const mmTicks = Array.from({ length: Math.floor(shankMm) + 1 }, (_, i) => i)
  const eyeTicks = Array.from({ length: Math.floor(shankMm / eyeMm) + 1 }, (_, i) => i)
  return (
    <section aria-label="Shank plan" className="px-6 py-1">
      <svg
        viewBox={`0 0 ${width} 76`}
        className="block h-[76px] w-full"
        preserveAspectRatio="none"
        aria-hidden
      >
        <defs>
          <pattern
            id="slant"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(30)"
          >
            <line
              x1="0"
              x2="0"
              y1="0"
              y2="7"
              stroke="var(--paper)"
              strokeWidth="1.6"
              opacity="0.45"
            />
          </pattern>
          <pattern id="upright" width="6" height="6" patternUnits="userSpaceOnUse">
            <line
              x1="0"
              x2="0"
              y1="0"
              y2="6"
              stroke="var(--paper)"
              strokeWidth="1.4"
              opacity="0.4"
            />
          </pattern>
          <pattern
            id="rings"
            width="14"
            height="14"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(70)"
          >
            <line
              x1="0"
              x2="0"
              y1="0"
              y2="14"
              stroke="var(--paper)"
              strokeWidth="1.6"
              opacity="0.3"
            />
          </pattern>
        </defs>
        {mmTicks.map((t) => (
          <line key={t} x1={shank(t)} x2={shank(t)} y1="14" y2="22" stroke="var(--ink)" />
        ))}
        {eyeTicks.map((t) => (
          <line
            key={t}
            x1={shank(t * eyeMm)}
            x2={shank(t * eyeMm)}
            y1="52"
            y2="60"
            stroke="var(--tide)"
            strokeWidth="2"
          />
        ))}
        {estimate.spans.map((s, i) => {
          const pattern = PATTERNS[kindOf(s.part)] ?? 'upright'
          const x = shank(s.fromMm)
          const w = Math.max(0, shank(s.toMm) - x - 1.5)
          return (
            <g key={i} data-span={s.part}>
              <rect x={x} y="23" width={w} height="28" rx="3" fill={look(s.part).colour} />
              {pattern !== 'solid' && (
                <rect x={x} y="23" width={w} height="28" rx="3" fill={`url(#${pattern})`} />
              )}
            </g>
          )
        })}
        {tail && <rect x="848" y="31" width="140" height="12" rx="3" fill={look('tail').colour} />}
      </svg>
      <div className="relative -mt-[76px] h-[76px] text-sm" data-testid="plan-words">
        {mmTicks.map((t) => (
          <Mark key={t} left={shank(t) / 10} top="-4px">
            {t === 0 ? '0 mm' : t}
          </Mark>
        ))}
        {estimate.spans
          .filter((s) => s.toMm - s.fromMm > 0.01)
          .map((s, i) => (
            <button
              key={i}
              type="button"
              tabIndex={-1}
              onClick={() => onChoose(s.role === 'HEAD' ? 'thread' : s.part)}
              className={`absolute flex items-center justify-center overflow-hidden rounded font-semibold whitespace-nowrap ${chosen === s.part ? 'outline-tide outline-2' : ''}`}
              title={`${words(s)}: ${lengths(s.fromMm, ' to ', s.toMm)}`}
              style={{
                left: `${shank(s.fromMm) / 10}%`,
                width: `${(shank(s.toMm) - shank(s.fromMm)) / 10}%`,
                top: '24px',
                height: '26px',
              }}
            >
              <span className="bg-paper/90 rounded px-1 leading-5">{words(s)}</span>
            </button>
          ))}
        {tail && (
          <span
            className="absolute flex items-center justify-center font-semibold"
            style={{ left: '84.8%', width: '14%', top: '24px', height: '26px' }}
          >
            <span className="bg-paper/90 rounded px-1">tail {length(tail.mm)}</span>
          </span>
        )}
        {estimate.landmarks.map((l, i) => (
          <Mark key={l.name} left={shank(l.mm) / 10} top="9px">
            <span title={`${l.name}: ${length(l.mm)}`} className={i === 0 ? '' : 'text-soft'}>
              {MARKS[l.name] ?? '▾'}
            </span>
          </Mark>
        ))}
        <Borders
          handles={estimate.handles}
          chosen={chosen}
          places={(part) => placesFor(estimate, part)}
          place={(mm) => shank(mm) / 10}
          mmPerPercent={shankMm / ((shank(shankMm) - shank(0)) / 10)}
          onChoose={onChoose}
          onMove={onMove}
        />
        {eyeTicks.map((t) => (
          <Mark key={t} left={shank(t * eyeMm) / 10} top="58px" tide>
            {t === 0 ? '0 eyes' : t}
          </Mark>
        ))}
      </div>
      <div className="sr-only">
        {' '}
        <table>
          <caption>How the shank is shared out, {length(shankMm)}</caption>
          <tbody>
            {estimate.landmarks.map((l) => (
              <tr key={l.name}>
                <th scope="row">{l.name}</th>
                <td>at {length(l.mm)}</td>
                <td>{l.eyeLengths.toFixed(1)} eye lengths</td>
              </tr>
            ))}
            {estimate.spans.map((s, i) => (
              <tr key={i}>
                <th scope="row">{words(s)}</th>
                <td>{lengths(s.fromMm, ' to ', s.toMm)}</td>
                <td>
                  {(s.fromMm / eyeMm).toFixed(1)} to {(s.toMm / eyeMm).toFixed(1)} eye lengths
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

/** Signs of the places that a tier's eye goes back to. */
const MARKS: Record<string, string> = {
  'middle of the shank': '½',
  'a third to the eye': '⅓',
  'two thirds to the eye': '⅔',
  'above the hook barb': '▿',
}

function words(span: Estimate['spans'][number]) {
  return span.role === 'HACKLE' ? span.label : part(span.part)
}

function Mark({
  left,
  top,
  tide,
  children,
}: {
  left: number
  top: string
  tide?: boolean
  children: React.ReactNode
}) {
  return (
    <span
      className={`absolute -translate-x-1/2 whitespace-nowrap leading-5 tabular-nums ${tide ? 'text-tide' : ''}`}
      style={{ left: `${left}%`, top }}
    >
      {children}
    </span>
  )
}
