import type { Exercise } from '../api/types'
import { type View, project } from '../scene/projection'

type Props = {
  bar: NonNullable<Exercise['bar']>
  view: View
  value: number
  low: number
  high: number
  step: number
  /** What it should have been, once that is told. */
  truth?: number
  onChange?: (value: number) => void
}

const HALF_PX = 9

/** A bar on a hook whose end is pulled, or a mark that is pushed along the shank. */
export function Bar({ bar, view, value, low, high, step, truth, onChange }: Props) {
  const at = (mm: number) =>
    project(
      view,
      bar.from.map((v, i) => v + mm * (bar.along[i] ?? 0)),
    )
  const [dx = 0, , dz = 0] = bar.along
  const across = { x: dz, y: dx } // on the drawing, where up is down
  const pull = (e: React.PointerEvent<SVGElement>) => {
    if (!onChange || !e.currentTarget.hasPointerCapture(e.pointerId)) return
    const svg = e.currentTarget.ownerSVGElement
    if (!svg) return
    const box = svg.getBoundingClientRect()
    const from = at(0)
    const mm =
      ((e.clientX - box.left - from.x) * dx - (e.clientY - box.top - from.y) * dz) / view.scale
    onChange(Math.min(high, Math.max(low, step * Math.round(mm / step))))
  }
  const mark = (mm: number, colour: string, dashed = false) => {
    const end = at(mm)
    const from = bar.place ? end : at(0)
    return (
      <g stroke={colour} strokeWidth={dashed ? 2 : 3} strokeDasharray={dashed ? '5 4' : undefined}>
        {!bar.place && <line x1={from.x} y1={from.y} x2={end.x} y2={end.y} />}
        <line
          x1={end.x - HALF_PX * across.x}
          y1={end.y - HALF_PX * across.y}
          x2={end.x + HALF_PX * across.x}
          y2={end.y + HALF_PX * across.y}
        />
      </g>
    )
  }
  const end = at(value)
  return (
    <g data-testid="bar" data-value={value}>
      {mark(value, 'var(--warn)')}
      {truth !== undefined && mark(truth, 'var(--tide)', true)}
      {onChange && (
        <circle
          cx={end.x}
          cy={end.y}
          r={24}
          fill="transparent"
          className="cursor-grab touch-none"
          data-testid="pull"
          onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
          onPointerMove={pull}
        />
      )}
    </g>
  )
}
