import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import type { Water } from '../api/types'
import { WATERS, minutes } from './water'

const WIDTH = 260
const HEIGHT = 110

/** Share still up against minutes, with its middle 80 %. */
export function FloatCurve({ water: w }: { water: Water }) {
  const x = scaleLinear([0, w.minutes[w.minutes.length - 1] ?? 1], [0, WIDTH])
  const y = scaleLinear([0, 1], [HEIGHT - 16, 4])
  const points = w.minutes.map((m, i) => ({
    m,
    up: w.up[i] ?? 0,
    low: w.low[i] ?? 0,
    high: w.high[i] ?? 0,
  }))
  type Point = (typeof points)[number]
  const band = area<Point>(
    (p) => x(p.m),
    (p) => y(p.low),
    (p) => y(p.high),
  )
  const mean = line<Point>(
    (p) => x(p.m),
    (p) => y(p.up),
  )
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${WATERS[w.water]}: half have sunk after ${minutes(w.median)}`}
      className="w-full"
    >
      <path d={band(points) ?? ''} className="fill-tide/25" />
      <path d={mean(points) ?? ''} className="stroke-tide fill-none" strokeWidth={2} />
      <path d={`M0 ${y(0)}H${WIDTH}`} className="stroke-rule" />
      {[0, 30, 60, 90, 120].map((m) => (
        <text
          key={m}
          x={Math.max(6, Math.min(WIDTH - 14, x(m)))}
          y={HEIGHT - 2}
          fontSize={12}
          textAnchor="middle"
          className="fill-soft"
        >
          {m}
        </text>
      ))}
    </svg>
  )
}
