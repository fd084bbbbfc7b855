import { scaleLinear } from 'd3-scale'
import type { Estimate } from '../api/types'
import { kindOf, part } from '../parts/words'

const LOOKS: Record<string, { colour: string; pattern: string }> = {
  head: { colour: 'var(--thread)', pattern: 'solid' },
  thorax: { colour: 'var(--thread)', pattern: 'solid' },
  'collar-hackle': { colour: 'var(--hackle)', pattern: 'slant' },
  'upright-wing': { colour: 'var(--wing)', pattern: 'upright' },
  post: { colour: 'var(--post)', pattern: 'upright' },
  'forward-plume': { colour: 'var(--plume)', pattern: 'upright' },
  body: { colour: 'var(--body)', pattern: 'rings' },
  'soft-collar': { colour: 'var(--hackle)', pattern: 'slant' },
  'spun-plume': { colour: 'var(--plume)', pattern: 'slant' },
  'spent-wing': { colour: 'var(--wing)', pattern: 'upright' },
  'hair-wing': { colour: 'var(--tail)', pattern: 'upright' },
  'tent-wing': { colour: 'var(--wing)', pattern: 'upright' },
  'flat-wing': { colour: 'var(--plume)', pattern: 'upright' },
  'looped-wing': { colour: 'var(--plume)', pattern: 'upright' },
  'folded-shuttle': { colour: 'var(--plume)', pattern: 'upright' },
  bead: { colour: 'var(--hackle)', pattern: 'solid' },
  'egg-sac': { colour: 'var(--post)', pattern: 'solid' },
}

/** The shank unrolled to scale: mm over it, eye lengths under it, each span named. */
export function ShankPlan({ estimate }: { estimate: Estimate }) {
  const { shankMm, eyeMm } = estimate.hook
  const tail = estimate.dimensions.find((d) => d.part === 'tail' && d.name === 'length')
  const width = 1000
  const shank = scaleLinear()
    .domain([0, shankMm])
    .range([20, tail ? 840 : 980])
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
          const look = LOOKS[kindOf(s.part)]
          const x = shank(s.fromMm)
          const w = Math.max(0, shank(s.toMm) - x - 1.5)
          return (
            <g key={i} data-span={s.part}>
              <rect
                x={x}
                y="23"
                width={w}
                height="28"
                rx="3"
                fill={look?.colour ?? 'var(--soft)'}
              />
              {look && look.pattern !== 'solid' && (
                <rect x={x} y="23" width={w} height="28" rx="3" fill={`url(#${look.pattern})`} />
              )}
            </g>
          )
        })}
        {tail && <rect x="848" y="31" width="140" height="12" rx="3" fill="var(--tail)" />}
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
            <span
              key={i}
              className="absolute flex items-center justify-center overflow-hidden whitespace-nowrap font-semibold"
              title={`${words(s)}: ${s.fromMm.toFixed(1)} to ${s.toMm.toFixed(1)} mm`}
              style={{
                left: `${shank(s.fromMm) / 10}%`,
                width: `${(shank(s.toMm) - shank(s.fromMm)) / 10}%`,
                top: '24px',
                height: '26px',
              }}
            >
              <span className="bg-paper/90 rounded px-1 leading-5">{words(s)}</span>
            </span>
          ))}
        {tail && (
          <span
            className="absolute flex items-center justify-center font-semibold"
            style={{ left: '84.8%', width: '14%', top: '24px', height: '26px' }}
          >
            <span className="bg-paper/90 rounded px-1">tail {tail.mm.toFixed(1)} mm</span>
          </span>
        )}
        {estimate.landmarks.slice(0, 1).map((l) => (
          <Mark key={l.name} left={shank(l.mm) / 10} top="9px">
            <span title={`${l.name}: ${l.mm.toFixed(1)} mm`}>▾</span>
          </Mark>
        ))}
        {eyeTicks.map((t) => (
          <Mark key={t} left={shank(t * eyeMm) / 10} top="58px" tide>
            {t === 0 ? '0 eyes' : t}
          </Mark>
        ))}
      </div>
      <table className="sr-only">
        <caption>How the shank is shared out, {shankMm.toFixed(1)} mm</caption>
        <tbody>
          {estimate.landmarks.map((l) => (
            <tr key={l.name}>
              <th scope="row">{l.name}</th>
              <td>at {l.mm.toFixed(1)} mm</td>
              <td>{l.eyeLengths.toFixed(1)} eye lengths</td>
            </tr>
          ))}
          {estimate.spans.map((s, i) => (
            <tr key={i}>
              <th scope="row">{words(s)}</th>
              <td>
                {s.fromMm.toFixed(1)} to {s.toMm.toFixed(1)} mm
              </td>
              <td>
                {(s.fromMm / eyeMm).toFixed(1)} to {(s.toMm / eyeMm).toFixed(1)} eye lengths
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function words(span: { part: string; label: string }) {
  return span.label.startsWith('hackle') ? span.label : part(span.part)
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
