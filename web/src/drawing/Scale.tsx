import { length } from '../parts/units'
import type { View } from '../scene/projection'

const BARS_MM = [0.5, 1, 2, 5, 10, 20, 50]

/** A bar as long as a round number of millimetres is at this scale. */
export function ScaleBar({ view, width, height }: { view: View; width: number; height: number }) {
  const mm = BARS_MM.find((m) => m * view.scale >= 60) ?? 50
  const px = mm * view.scale
  const x = width - 24 - px
  const y = height - 14
  return (
    <g data-testid="scale-bar" pointerEvents="none">
      <line x1={x} x2={x + px} y1={y} y2={y} stroke="var(--ink)" strokeWidth="2" />
      <text x={x + px / 2} y={y - 6} textAnchor="middle" fontSize="14" fill="var(--ink)">
        {length(mm, mm < 1 ? 1 : 0)}
      </text>
    </g>
  )
}

/** Lines a millimetre apart, every fifth stronger, counted from the film and the middle. */
export function MmGrid({ view, width, height }: { view: View; width: number; height: number }) {
  const lines = (origin: number, end: number) => {
    const first = Math.ceil(-origin / view.scale)
    const last = Math.floor((end - origin) / view.scale)
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i)
  }
  const look = (n: number) => ({
    strokeWidth: n % 5 === 0 ? 1 : 0.5,
    opacity: n % 5 === 0 ? 0.5 : 0.25,
  })
  return (
    <g stroke="var(--ink)" data-testid="mm-grid" pointerEvents="none">
      {lines(view.originX, width).map((n) => {
        const x = view.originX + n * view.scale
        return <line key={`x${n}`} x1={x} x2={x} y1={0} y2={height} {...look(n)} />
      })}
      {lines(view.originY, height).map((n) => {
        const y = view.originY + n * view.scale
        return <line key={`y${n}`} x1={0} x2={width} y1={y} y2={y} {...look(n)} />
      })}
    </g>
  )
}
