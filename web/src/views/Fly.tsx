import type { Outline } from '../api/types'
import { kindOf } from '../parts/words'
import { curve, nearSide, polyline, tube } from '../scene/paths'
import type { View } from '../scene/projection'

const COLOURS: Record<string, string> = {
  tail: 'var(--tail)',
  shuck: 'var(--post)',
  rib: 'var(--wire)',
  bands: 'var(--thread)',
  'weight-wire': 'var(--wire)',
  body: 'var(--body)',
  'extended-body': 'var(--body)',
  thorax: 'var(--thread)',
  'thorax-cover': 'var(--tail)',
  'egg-sac': 'var(--post)',
  bead: 'var(--hackle)',
  'upright-wing': 'var(--wing)',
  'spent-wing': 'var(--wing)',
  'hair-wing': 'var(--tail)',
  'tent-wing': 'var(--wing)',
  'collar-hackle': 'var(--hackle)',
  'palmered-hackle': 'var(--hackle)',
  'mixed-hackle': 'var(--wing)',
  'parachute-hackle': 'var(--hackle)',
  'soft-collar': 'var(--hackle)',
  'spun-plume': 'var(--plume)',
  legs: 'var(--thread)',
  post: 'var(--post)',
  indicator: 'var(--post)',
  'forward-plume': 'var(--plume)',
  'flat-wing': 'var(--plume)',
  'looped-wing': 'var(--plume)',
  'folded-shuttle': 'var(--plume)',
  thread: 'var(--thread)',
}

const SHEER = new Set([
  'forward-plume',
  'flat-wing',
  'looped-wing',
  'folded-shuttle',
  'upright-wing',
  'spent-wing',
  'shuck',
])

/** A fly at rest from the side: far fibres, wire, members, strands, near fibres. */
export function Fly({ outline, view }: { outline: Outline; view: View }) {
  const far = outline.fibres.filter((f) => depth(f.line) > 0)
  const near = outline.fibres.filter((f) => depth(f.line) <= 0)
  const fibre = (f: (typeof outline.fibres)[number], i: number, opacity: number) => (
    <path
      key={i}
      d={polyline(view, f.line)}
      fill="none"
      stroke={COLOURS[kindOf(f.part)] ?? 'var(--ink)'}
      strokeWidth={f.bears ? 1.6 : 1.1}
      strokeLinecap="round"
      opacity={opacity}
    />
  )
  return (
    <g>
      {far.map((f, i) => fibre(f, i, 0.5))}
      <g fill="none" stroke="var(--wire)" strokeLinecap="round" strokeLinejoin="round">
        <path d={polyline(view, outline.wire)} strokeWidth={outline.wireMm * view.scale} />
        <path
          d={`${polyline(view, outline.eye)}Z`}
          strokeWidth={outline.wireMm * view.scale}
          data-testid="eye"
        />
      </g>
      {outline.members.map((m, i) => (
        <path
          key={i}
          d={tube(view, m.axis, m.radiiMm)}
          fill={COLOURS[kindOf(m.part)] ?? 'var(--soft)'}
          opacity={SHEER.has(kindOf(m.part)) ? 0.6 : 1}
        />
      ))}
      <g fill="none" strokeLinecap="butt">
        {outline.strands
          .filter((w) => w.part !== 'weight-wire')
          .flatMap((w, i) =>
            nearSide(w.axis).map((run, j) => (
              <path
                key={`${i} ${j}`}
                d={polyline(view, run)}
                stroke={COLOURS[kindOf(w.part)]}
                strokeWidth={w.thickMm * view.scale}
                data-strand={w.part}
              />
            )),
          )}
      </g>
      {near.map((f, i) => fibre(f, i, 0.9))}
      <path
        d={curve(view, outline.wire.slice(-4))}
        fill="none"
        stroke="var(--wire)"
        strokeWidth={outline.wireMm * view.scale}
        strokeLinecap="round"
      />
    </g>
  )
}

function depth(line: readonly (readonly number[])[]): number {
  return line[line.length - 1]?.[1] ?? 0
}
