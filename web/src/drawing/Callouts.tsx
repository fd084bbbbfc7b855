import type { Band, Differences, Outline, Rest } from '../api/types'
import { holders, named, percent, place, signed, sitting, tilted } from '../parts/words'
import { stack } from '../scene/callouts'
import { type View, bend, project } from '../scene/projection'

/** Whether a drawing is too narrow for numbers to hang beside the fly. */
export const compact = (width: number) => width < 640

type Told = {
  rest: Rest
  outline: Outline
  band: Band | undefined
  shankMm: number
}

type Label = {
  head: string
  foot: string
  moved?: string
  at: readonly number[]
}

function labels({ rest, outline, band, shankMm }: Told, since?: Differences) {
  const eye = outline.wire[0] ?? []
  const point = outline.wire[outline.wire.length - 1] ?? []
  const hooks: Label[] = [
    {
      head: place(rest.eyeMm, rest.eyeSide, band?.eyeMm),
      foot: 'eye',
      moved: signed(since?.eye),
      at: eye,
    },
    {
      head: place(rest.bendMm, rest.bendSide, band?.bendMm),
      foot: 'start of the bend',
      moved: signed(since?.bend),
      at: bend(outline, shankMm),
    },
    {
      head: place(rest.pointMm, rest.pointSide, band?.pointMm),
      foot: 'hook point',
      moved: signed(since?.point),
      at: point,
    },
  ]
  const held: Label[] = [
    {
      head: tilted(rest.pitchDeg, rest.tilt),
      foot: sitting(rest.posture),
      at: halfway(eye, bend(outline, shankMm)),
    },
    ...holders(rest)
      .filter((h) => h.share > 0.05)
      .slice(0, 3)
      .map((h) => ({
        head: `${h.parts.length > 1 ? 'hold' : 'holds'} ${percent(h.share)}`,
        foot: named(h.parts),
        at: middleOf(outline, h.parts[0] ?? ''),
      })),
  ]
  return { hooks, held }
}

/** Room for the column on the right, px: as wide as its longest line, about. */
const LEAST_ROOM_PX = 186
const LETTER_PX = 7.2
const roomFor = (held: Label[]) =>
  Math.max(LEAST_ROOM_PX, 8 + LETTER_PX * Math.max(...held.map((l) => l.foot.length), 0))

const halfway = (a: readonly number[], b: readonly number[]) =>
  a.map((v, i) => (v + (b[i] ?? 0)) / 2)

/** Numbers hung on the fly: where the hook is on the left, what holds it on the right. */
export function Callouts(
  props: Told & { since: Differences | undefined; view: View; width: number; height: number },
) {
  const { since, view, width, height } = props
  if (compact(width)) return null
  const { hooks, held } = labels(props, since)
  const left = 170
  return (
    <g pointerEvents="none">
      <Column labels={hooks} x={left} anchor="end" view={view} height={height} />
      <Column
        labels={held}
        x={width - Math.min(width / 2, roomFor(held))}
        anchor="start"
        view={view}
        height={height}
      />
    </g>
  )
}

/** The same numbers under a narrow drawing. */
export function CalloutList(props: Told) {
  const { hooks, held } = labels(props)
  return (
    <ul className="bg-paper/85 absolute inset-x-0 top-0 flex flex-wrap gap-x-4 px-3 py-1 text-sm">
      {[...hooks, ...held].map((l) => (
        <li key={l.foot}>
          <strong>{l.head}</strong> {l.foot}
        </li>
      ))}
    </ul>
  )
}

/** Where a part is held: the outermost of its lowest points. */
function middleOf(outline: Outline, name: string): readonly number[] {
  const places = [
    ...outline.fibres
      .filter((f) => f.part === name && f.bears)
      .map((f) => f.line[f.line.length - 1] ?? []),
    ...outline.members
      .filter((m) => m.part === name)
      .map((m) => m.axis[Math.floor(m.axis.length / 2)] ?? []),
  ]
  const wire = outline.wire[Math.floor(outline.wire.length * 0.7)] ?? []
  return places.reduce((far, p) => ((p[0] ?? 0) > (far[0] ?? 0) ? p : far), places[0] ?? wire)
}

const SLOT_PX = 36
const BOTTOM_PX = 44

/**
 * What is over the film is told over the line, what is under it below; where one side has no room
 * for all, those nearest to the film go to the other, so that the line strikes through none.
 */
function sides<T extends { wanted: number }>(slots: T[], film: number, height: number) {
  const sorted = [...slots].sort((a, b) => a.wanted - b.wanted)
  const room = (from: number, to: number) =>
    Math.max(0, Math.floor((to - from + 3) / (SLOT_PX + 3)))
  const most = room(8, film - 6)
  const least = sorted.length - room(film + 6, height - BOTTOM_PX)
  const wanted = sorted.filter((s) => s.wanted <= film + 3).length
  const above = Math.min(most, Math.max(least, wanted))
  return { over: sorted.slice(0, above), under: sorted.slice(above) }
}

/** Labels in one column: what is over the film is told over the line, what is under it below. */
function Column({
  labels: all,
  x,
  anchor,
  view,
  height,
}: {
  labels: Label[]
  x: number
  anchor: 'start' | 'end'
  view: View
  height: number
}) {
  const slots = all.map((item) => ({
    wanted: project(view, item.at).y,
    height: SLOT_PX,
    item: { ...item, px: project(view, item.at) },
  }))
  const film = Math.min(height - BOTTOM_PX, Math.max(8, view.originY))
  const { over, under } = sides(slots, film, height)
  const placed = [...stack(over, 8, film - 6, 3), ...stack(under, film + 6, height - BOTTOM_PX, 3)]
  const gap = anchor === 'end' ? 8 : -8
  return placed.map(({ item, top }) => (
    <g key={item.foot} fill="var(--ink)">
      <line
        x1={x + gap}
        y1={top + 14}
        x2={item.px.x}
        y2={item.px.y}
        stroke="var(--ink)"
        strokeWidth="1"
        opacity="0.55"
      />
      <circle cx={item.px.x} cy={item.px.y} r="2.5" />
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
