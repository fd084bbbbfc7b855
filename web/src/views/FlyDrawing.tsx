import { useLayoutEffect, useRef, useState } from 'react'
import type { Band, Estimate, Outline, Rest } from '../api/types'
import { holders, moved, part, percent, place, posture } from '../parts/words'
import { stack } from '../scene/callouts'
import { water, waterline } from '../scene/paths'
import { type View, fit, side } from '../scene/projection'
import { Fly } from './Fly'

type Drawn = {
  estimate: Estimate
  rest: Rest | undefined
  outline: Outline | undefined
  band: Band | undefined
  /** The fly before the last change, drawn as its ghost. */
  before?: Estimate
}

/** The fly at one of its rests on its waterline, from the side, to scale. */
export function FlyDrawing({ estimate, rest, outline, band, before }: Drawn) {
  const box = useRef<HTMLDivElement>(null)
  const [size, setSize] = useState({ width: 960, height: 400 })
  useLayoutEffect(() => {
    const element = box.current
    if (!element) return
    const observer = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    )
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  const { width, height } = size
  if (!outline) return <div ref={box} className="absolute inset-0" />
  const view = fit(outline, width, height, { side: 190, top: 24, bottom: 34 })
  return (
    <div ref={box} className="absolute inset-0 overflow-hidden">
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`Side view to scale. ${rest === estimate.rest ? estimate.verdict : `Resting ${posture(rest?.posture ?? '')}.`}`}
        data-rest={rest?.posture}
        data-testid="fly"
        data-scale={view.scale.toFixed(3)}
        className="settles block"
      >
        <defs>
          <linearGradient id="deep" x1="0" x2="0" y1="0" y2="1">
            <stop offset="0" stopColor="var(--water-top)" />
            <stop offset="1" stopColor="var(--water-deep)" />
          </linearGradient>
        </defs>
        <path d={water(view, outline.film, width, height)} fill="url(#deep)" />
        {before?.outline && before.outline !== outline && (
          <g opacity="0.16" data-testid="ghost">
            <Fly outline={before.outline} view={view} />
          </g>
        )}
        <Fly outline={outline} view={view} />
        <path d={water(view, outline.film, width, height)} fill="url(#deep)" opacity="0.38" />
        <path
          d={waterline(view, outline.film, width)}
          fill="none"
          stroke="var(--tide)"
          strokeWidth="2"
          data-testid="waterline"
        />
        <ScaleBar view={view} width={width} height={height} />
        {rest && (
          <Callouts
            rest={rest}
            outline={outline}
            band={band}
            before={before?.rest}
            shankMm={estimate.hook.shankMm}
            view={view}
            width={width}
            height={height}
          />
        )}
      </svg>
    </div>
  )
}

function ScaleBar({ view, width, height }: { view: View; width: number; height: number }) {
  const length = 5 * view.scale
  const x = width - 24 - length
  const y = height - 16
  return (
    <g data-testid="scale-bar">
      <line x1={x} x2={x + length} y1={y} y2={y} stroke="var(--ink)" strokeWidth="2" />
      <text x={x + length / 2} y={y - 6} textAnchor="middle" fontSize="14" fill="var(--ink)">
        5 mm
      </text>
    </g>
  )
}

type Label = { head: string; foot: string; moved?: string; at: { x: number; y: number } }

function Callouts({
  rest,
  outline,
  band,
  before,
  shankMm,
  view,
  width,
  height,
}: {
  rest: Rest
  outline: Outline
  band: Band | undefined
  before: Rest | undefined
  shankMm: number
  view: View
  width: number
  height: number
}) {
  const eye = side(view, outline.wire[0] ?? [])
  const point = side(view, outline.wire[outline.wire.length - 1] ?? [])
  const bend = side(view, [bendX(outline, shankMm), 0, rest.bendMm])
  const hooks: Label[] = [
    {
      head: place(rest.eyeMm, band?.eyeMm),
      foot: 'eye',
      moved: moved(rest.eyeMm, before?.eyeMm),
      at: eye,
    },
    {
      head: place(rest.bendMm, band?.bendMm),
      foot: 'start of the bend',
      moved: moved(rest.bendMm, before?.bendMm),
      at: bend,
    },
    {
      head: place(rest.pointMm, band?.pointMm),
      foot: 'hook point',
      moved: moved(rest.pointMm, before?.pointMm),
      at: point,
    },
  ]
  const held: Label[] = holders(rest)
    .filter((h) => h.total > 0.05)
    .slice(0, 3)
    .map((h) => ({
      head: `holds ${percent(h.total)}`,
      foot: part(h.part),
      at: centre(outline, view, h.part),
    }))
  const leftmost = Math.min(...hooks.map((l) => l.at.x))
  return (
    <g>
      <Column
        labels={hooks}
        x={Math.max(150, Math.min(leftmost - 40, 170))}
        anchor="end"
        film={view.originY}
        height={height}
      />
      <Column labels={held} x={width - 165} anchor="start" film={view.originY} height={height} />
    </g>
  )
}

function bendX({ wire }: Outline, shankMm: number): number {
  let walked = 0
  for (let i = 1; i < wire.length; i++) {
    const a = wire[i - 1] ?? []
    const b = wire[i] ?? []
    walked += Math.hypot(...a.map((v, k) => v - (b[k] ?? 0)))
    if (walked >= shankMm - 0.01) return b[0] ?? 0
  }
  return 0
}

/** Where a part is held: the middle of its lowest points. */
function centre(outline: Outline, view: View, name: string) {
  const lines = [
    ...outline.fibres
      .filter((f) => f.part === name && f.bears)
      .map((f) => f.line[f.line.length - 1] ?? []),
    ...outline.members
      .filter((m) => m.part === name)
      .map((m) => m.axis[Math.floor(m.axis.length / 2)] ?? []),
  ]
  const points =
    lines.length > 0 ? lines : [outline.wire[Math.floor(outline.wire.length * 0.7)] ?? []]
  const xs = points.map((p) => p[0] ?? 0)
  const zs = points.map((p) => p[2] ?? 0)
  const right = xs.indexOf(Math.max(...xs))
  return side(view, [xs[right] ?? 0, 0, zs[right] ?? 0])
}

/** Labels in one column: what is over the film is told over the line, what is under it below. */
function Column({
  labels,
  x,
  anchor,
  film,
  height,
}: {
  labels: Label[]
  x: number
  anchor: 'start' | 'end'
  film: number
  height: number
}) {
  const slot = (item: Label) => ({ wanted: item.at.y, height: 36, item })
  const over = labels.filter((l) => l.at.y <= film + 3)
  const under = labels.filter((l) => l.at.y > film + 3)
  const placed = [
    ...stack(over.map(slot), 8, film - 6, 3),
    ...stack(under.map(slot), film + 6, height - 44, 3),
  ]
  const gap = anchor === 'end' ? 8 : -8
  return placed.map(({ item, top }) => (
    <g key={item.foot} fill="var(--ink)">
      <line
        x1={x + gap}
        y1={top + 14}
        x2={item.at.x}
        y2={item.at.y}
        stroke="var(--ink)"
        strokeWidth="1"
        opacity="0.55"
      />
      <circle cx={item.at.x} cy={item.at.y} r="2.5" />
      <text
        x={x}
        y={top + 17}
        textAnchor={anchor}
        fontSize="17"
        fontWeight="650"
        data-callout={item.foot}
      >
        {item.moved && (
          <tspan fill="var(--tide)" fontSize="15" data-moved={item.foot}>
            {item.moved}{' '}
          </tspan>
        )}
        {item.head}
      </text>
      <text x={x} y={top + 35} textAnchor={anchor} fontSize="16">
        {item.foot}
      </text>
    </g>
  ))
}
