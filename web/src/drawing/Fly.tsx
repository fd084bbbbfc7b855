import { memo } from 'react'
import type { Outline } from '../api/types'
import { blades, stretch } from '../scene/hairs'
import { Plume, Wound } from './Members'
import { STEM, TIP, lookOf, tintOf } from '../scene/looks'
import { curve, nearSide, polyline } from '../scene/paths'
import { type View, nearness } from '../scene/projection'

/** Half a barb's width where no fewer can be seen, px. */
const LEAST_PX = 0.75

type Props = {
  outline: Outline
  view: View
  /** Material of each part, by the part's name, for its look. */
  materials?: Record<string, string>
  /** The part that is chosen, drawn a little stronger. */
  chosen?: string
  onChoose?: (part: string) => void
}

type Fibre = Outline['fibres'][number]

/** A fly at rest as a camera has it: far fibres, wire, members, strands, near fibres. */
export const Fly = memo(function Fly({ outline, view, materials, chosen, onChoose }: Props) {
  const fibres = byPart(outline)
  const worn = (part: string) => lookOf(part, materials?.[part], tintOf(outline, part))
  /** Half the width of a fibre at its root, px. */
  const half = (f: Fibre, stronger: number) =>
    stronger * Math.max(LEAST_PX, f.radiusMm * view.scale)
  const pick = (part: string) =>
    onChoose && { onClick: () => onChoose(part), style: { cursor: 'pointer' } }
  const hair = (part: string, fibres: readonly Fibre[], near: boolean) => {
    const look = worn(part)
    const stronger = chosen === part ? 1.35 : 1
    const blade = (f: Fibre) => ({ line: f.line, rootPx: half(f, stronger), taper: f.taper })
    const all = fibres.map(blade)
    const own = look.mixed ? all.filter((_, i) => i % 2 === 0) : all
    const wide = half(fibres[0] ?? NO_FIBRE, stronger)
    return (
      fibres.length > 0 && (
        <g key={`${part} ${near}`} opacity={near ? 0.92 : 0.5} data-part={part} {...pick(part)}>
          <path d={blades(view, own)} fill={look.colour} />
          {look.mixed && (
            <path
              d={blades(
                view,
                all.filter((b) => !own.includes(b)),
              )}
              fill={look.mixed}
            />
          )}
          {look.stem && (
            <path
              d={blades(
                view,
                all.map((b) => stretch(b, 0, STEM)),
              )}
              fill={look.stem}
            />
          )}
          {look.tip && (
            <path
              d={blades(
                view,
                all.map((b) => stretch(b, TIP, 1)),
              )}
              fill={look.tip}
            />
          )}
          {look.barred && (
            <path
              d={fibres.map((f) => polyline(view, f.line)).join('')}
              fill="none"
              stroke={look.bars ?? 'var(--ink)'}
              strokeWidth={wide}
              strokeDasharray={`${wide} ${3 * wide}`}
              opacity="0.55"
            />
          )}
        </g>
      )
    )
  }
  const wirePx = outline.wireMm * view.scale
  return (
    <g>
      {fibres.map(({ part, fibres }) => hair(part, away(view, fibres, false), false))}
      <g fill="none" stroke="var(--wire)" strokeLinecap="round" strokeLinejoin="round">
        <path d={polyline(view, outline.wire)} strokeWidth={wirePx} {...pick('hook')} />
        <path d={`${polyline(view, outline.eye)}Z`} strokeWidth={wirePx} data-testid="eye" />
        <path d={polyline(view, outline.barb)} strokeWidth={wirePx / 2} />
        <path
          d={polyline(view, outline.wire)}
          stroke="var(--glint)"
          strokeWidth={wirePx * 0.22}
          transform={`translate(${-wirePx * 0.12} ${-wirePx * 0.2})`}
          opacity="0.55"
          pointerEvents="none"
        />
      </g>
      {outline.members.map((m, i) => (
        <g key={i} data-part={m.part} {...pick(m.part)}>
          {m.soft ? (
            <Plume member={m} view={view} look={worn(m.part)} stronger={chosen === m.part} />
          ) : (
            <Wound member={m} view={view} look={worn(m.part)} />
          )}
        </g>
      ))}
      <g fill="none" strokeLinecap="butt">
        {outline.strands
          .filter((w) => w.part !== 'weight-wire')
          .flatMap((w, i) =>
            nearSide(w.axis, view).map((run, j) => (
              <g key={`${i} ${j}`} strokeWidth={w.thickMm * view.scale}>
                <path d={polyline(view, run)} stroke={worn(w.part).colour} data-strand={w.part} />
                {worn(w.part).making.finish === 'metal' && (
                  <path
                    d={polyline(view, run)}
                    stroke="#fff"
                    strokeWidth={w.thickMm * view.scale * 0.3}
                    opacity="0.6"
                    pointerEvents="none"
                  />
                )}
              </g>
            )),
          )}
      </g>
      {fibres.map(({ part, fibres }) => hair(part, away(view, fibres, true), true))}
      {(view.camera === 'below' || (view.camera ?? 'side') === 'side') && (
        <path
          d={curve(view, inFront(outline, view))}
          fill="none"
          stroke="var(--wire)"
          strokeWidth={wirePx}
          strokeLinecap="round"
        />
      )}
    </g>
  )
})

/** The end of the wire that nothing of the fly is before: its point, or from below all its bend. */
function inFront({ wire }: Outline, view: View) {
  if (view.camera !== 'below') return wire.slice(-4)
  const far = wire.reduce((best, p, i) => ((p[0] ?? 0) > (wire[best]?.[0] ?? 0) ? i : best), 0)
  return wire.slice(far)
}

const NO_FIBRE = { radiusMm: 0 } as Fibre

function byPart(outline: Outline) {
  const parts = [...new Set(outline.fibres.map((f) => f.part))]
  return parts.map((part) => ({ part, fibres: outline.fibres.filter((f) => f.part === part) }))
}

/** Fibres whose tips lie on the viewer's side of their roots, or those that do not. */
function away(view: View, fibres: readonly Fibre[], near: boolean): Fibre[] {
  return fibres.filter(({ line }) => {
    const toward = nearness(view, line[line.length - 1] ?? []) - nearness(view, line[0] ?? [])
    return toward >= 0 === near
  })
}

/** The paint that rounds a body; every picture with a fly in it needs it among its definitions. */
export function Rounding() {
  return (
    <linearGradient id="round" x1="0" x2="0" y1="0" y2="1">
      <stop offset="0" stopColor="#fff" stopOpacity="0.35" />
      <stop offset="0.45" stopColor="#fff" stopOpacity="0" />
      <stop offset="1" stopColor="#000" stopOpacity="0.55" />
    </linearGradient>
  )
}
