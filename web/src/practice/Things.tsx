import type { Exercise, Outline } from '../api/types'
import { Fly } from '../drawing/Fly'
import { extent } from '../scene/projection'

/** A bare hook at a scale that it shares with what lies beside it. */
export function Hook({ outline, scale }: { outline: Outline; scale: number }) {
  const e = extent(outline)
  const margin = 1
  return (
    <svg
      width={(e.right - e.left + 2 * margin) * scale}
      height={(e.top - e.bottom + 2 * margin) * scale}
      className="block"
      aria-hidden
    >
      <Fly
        outline={outline}
        view={{
          scale,
          originX: (margin - e.left) * scale,
          originY: (margin + e.top) * scale,
          camera: 'side',
        }}
      />
    </svg>
  )
}

const BARBS = 16
const FEATHER_MM = 15

/** A feather: a stem and barbs of one length on both sides, shorter toward its tip. */
export function Feather({ barbMm, scale }: { barbMm: number; scale: number }) {
  const width = 2 * barbMm + 2
  const lines = Array.from({ length: BARBS }, (_, i) => {
    const y = 4 + (i / BARBS) * (FEATHER_MM - 6)
    const long = barbMm * Math.min(1, 0.35 + (i / BARBS) * 1.6)
    return `M${width / 2} ${y + 0.5 * long}L${width / 2 - 0.87 * long} ${y}M${width / 2} ${y + 0.5 * long}L${width / 2 + 0.87 * long} ${y}`
  })
  const high = FEATHER_MM + 6
  return (
    <svg
      width={width * scale}
      height={high * scale}
      viewBox={`0 0 ${width} ${high}`}
      className="block"
      aria-hidden
    >
      <line x1={width / 2} x2={width / 2} y1={2} y2={high} stroke="var(--ink)" strokeWidth={0.35} />
      <path d={lines.join('')} stroke="var(--ink)" strokeWidth={0.18} fill="none" />
    </svg>
  )
}

/** An insect from the side, its body as long as it is; what it has beside that is sketched. */
export function Insect({
  insect,
  scale,
}: {
  insect: NonNullable<Exercise['insect']>
  scale: number
}) {
  const { bodyMm: l, order } = insect
  const { thick, wing, tails } = LOOKS[order]
  const r = thick * l
  const y = 0.75 * l
  return (
    <svg
      width={1.75 * l * scale}
      height={1.25 * l * scale}
      viewBox={`0 0 ${1.75 * l} ${1.25 * l}`}
      className="block"
      aria-hidden
      data-testid="insect"
    >
      {wing === 'up' ? (
        <path
          d={`M${0.35 * l} ${y}L${0.3 * l} ${0.05 * l}L${0.6 * l} ${0.25 * l}Z`}
          fill="var(--rule)"
        />
      ) : (
        <path
          d={`M${0.3 * l} ${y - r}L${1.1 * l} ${y - 0.1 * l}L${0.95 * l} ${y + 0.12 * l}Z`}
          fill="var(--rule)"
        />
      )}
      <path
        d={`M0 ${y}Q${0.2 * l} ${y - 2.2 * r} ${0.35 * l} ${y - r}L${l} ${y}L${0.35 * l} ${y + r}Q${0.2 * l} ${y + 1.6 * r} 0 ${y}Z`}
        fill="var(--ink)"
      />
      {Array.from({ length: tails }, (_, i) => (
        <line
          key={i}
          x1={l}
          y1={y}
          x2={1.7 * l}
          y2={y - 0.1 * l + 0.12 * l * i}
          stroke="var(--ink)"
          strokeWidth={0.015 * l}
        />
      ))}
      {[0.18, 0.26, 0.34].map((x) => (
        <line
          key={x}
          x1={x * l}
          y1={y}
          x2={(x - 0.08) * l}
          y2={1.15 * l}
          stroke="var(--ink)"
          strokeWidth={0.02 * l}
        />
      ))}
      <line x1={0} x2={l} y1={1.22 * l} y2={1.22 * l} stroke="var(--tide)" strokeWidth={0.03 * l} />
    </svg>
  )
}

/** How insects of an order look: thickness in bodies, how wings are held, tails. */
const LOOKS = {
  MAYFLY: { thick: 0.06, wing: 'up', tails: 3 },
  SEDGE: { thick: 0.09, wing: 'back', tails: 0 },
  STONEFLY: { thick: 0.07, wing: 'back', tails: 2 },
  MIDGE: { thick: 0.05, wing: 'back', tails: 0 },
  TERRESTRIAL: { thick: 0.13, wing: 'back', tails: 0 },
} as const
