import type { Outline } from '../api/types'
import type { Size } from '../drawing/useSize'
import { type View, project } from '../scene/projection'
import { type At, type Water, eyeOf, held, on, through } from './waterline'

type Props = {
  outline: Outline
  view: View
  /** Of the drawing, px. */
  size: Size
  water: Water
  /** Only where it was laid. */
  faint?: boolean
  onChange?: (water: Water) => void
}

/** Farther than any drawing is wide, mm. */
const FAR = 200

/** Handles stay so far from the edge, px. */
const EDGE = 30

/** Water laid to a fly in the vise; either end can be pulled. */
export function Waterline({ outline, view, size, water, faint, onChange }: Props) {
  const eye = eyeOf(outline)
  const px = ({ x, z }: At) => project(view, [x, 0, z])
  const at0 = px(eye)
  const ends = held(water, {
    left: (at0.x - EDGE) / view.scale,
    right: (size.width - at0.x - EDGE) / view.scale,
    up: (at0.y - EDGE) / view.scale,
    down: (size.height - at0.y - EDGE) / view.scale,
  })
  const left = px(on(water, eye, -FAR))
  const right = px(on(water, eye, FAR))
  const down = { x: right.y - left.y, y: left.x - right.x }
  const deep = (p: { x: number; y: number }) => `${p.x - down.x},${p.y - down.y}`
  const pull = (end: 'front' | 'rear') => (e: React.PointerEvent<SVGElement>) => {
    const box = e.currentTarget.ownerSVGElement?.getBoundingClientRect()
    if (!box || !onChange || !e.currentTarget.hasPointerCapture(e.pointerId)) return
    const at = {
      x: (e.clientX - box.left - view.originX) / view.scale,
      z: (view.originY - (e.clientY - box.top)) / view.scale,
    }
    const other = on(water, eye, end === 'front' ? ends.rear : ends.front)
    onChange(end === 'front' ? through(at, other, eye) : through(other, at, eye))
  }
  return (
    <g data-testid="laid" data-pitch={water.pitchDeg} data-eye={water.eyeMm}>
      {!faint && (
        <polygon
          points={`${left.x},${left.y} ${right.x},${right.y} ${deep(right)} ${deep(left)}`}
          fill="var(--water-deep)"
          opacity="0.38"
          pointerEvents="none"
        />
      )}
      <line
        x1={left.x}
        y1={left.y}
        x2={right.x}
        y2={right.y}
        stroke={faint ? 'var(--warn)' : 'var(--tide)'}
        strokeWidth={faint ? 1.5 : 2.5}
        strokeDasharray={faint ? '6 5' : undefined}
      />
      {onChange &&
        (['front', 'rear'] as const).map((end) => {
          const at = px(on(water, eye, ends[end]))
          return (
            <g key={end}>
              <circle
                cx={at.x}
                cy={at.y}
                r={8}
                fill="var(--leaf)"
                stroke="var(--tide)"
                strokeWidth="2.5"
              />
              <circle
                cx={at.x}
                cy={at.y}
                r={26}
                fill="transparent"
                className="cursor-grab touch-none"
                data-testid={`water-${end}`}
                onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
                onPointerMove={pull(end)}
              />
            </g>
          )
        })}
    </g>
  )
}
