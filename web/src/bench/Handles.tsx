import { type KeyboardEvent, type MouseEvent, type PointerEvent, useRef, useState } from 'react'
import type { Handle } from '../api/types'
import { isPlace } from '../parts/place'
import { part as words } from '../parts/words'
import { length } from '../parts/units'
import { type Dragged, ends, nudged, pulled } from '../scene/drag'
import type { Point, View } from '../scene/projection'
import { type Pulled, useGiveUp } from './useGiveUp'

type Props = {
  handles: Handle[]
  view: View
  chosen: string
  /** Why the value that is pulled to cannot be had. */
  refused?: string
  onChoose: (part: string) => void
  /** Told while a hand moves something, and once when it lets go or gives up. */
  onMove: (handle: Handle, to: Dragged, held: Pulled) => void
  /** A value is to be typed, at this place of the drawing. */
  onType: (handle: Handle, at: Point, text: string) => void
}

type Held = { handle: Handle; at: { root: Point; tip: Point }; from: Point; to: Dragged; px: Point }

/** Knobs at the tips of what can be pulled; each can be nudged by keys and typed as well. */
export function Handles({ handles, view, chosen, refused, onChoose, onMove, onType }: Props) {
  const [held, setHeld] = useState<Held>()
  const svgPoint = useRef<(e: PointerEvent) => Point>(() => ({ x: 0, y: 0 }))
  const take = (handle: Handle, at: { root: Point; tip: Point }) => (e: PointerEvent) => {
    e.stopPropagation()
    const box = (e.target as SVGElement).ownerSVGElement?.getBoundingClientRect()
    svgPoint.current = (m) => ({ x: m.clientX - (box?.left ?? 0), y: m.clientY - (box?.top ?? 0) })
    ;(e.target as Element).setPointerCapture(e.pointerId)
    onChoose(handle.part)
    setHeld({ handle, at, from: svgPoint.current(e), to: { value: handle.value }, px: at.tip })
  }
  const move = (e: PointerEvent) => {
    if (!held) return
    const here = svgPoint.current(e)
    const px = {
      x: held.at.tip.x + here.x - held.from.x,
      y: held.at.tip.y + here.y - held.from.y,
    }
    const to = pulled(held.handle, held.at, px, e.altKey)
    setHeld({ ...held, to, px })
    if (to.value !== held.to.value || to.snap?.name !== held.to.snap?.name) {
      onMove(held.handle, to, 'held')
    }
  }
  const drop = () => {
    if (!held) return
    if (held.to.value !== held.handle.value) onMove(held.handle, held.to, 'dropped')
    else giveUp() // pulled back to where it began: nothing is left half pulled
    setHeld(undefined)
  }
  const giveUp = () => {
    if (held) onMove(held.handle, { value: held.handle.value }, 'given-up')
    setHeld(undefined)
  }
  useGiveUp(held !== undefined, giveUp)
  const key = (handle: Handle, at: Point) => (e: KeyboardEvent) => {
    const by = STEPS[e.key]
    if (by !== undefined) {
      e.preventDefault()
      e.stopPropagation()
      onMove(handle, nudged(handle, by, e.shiftKey), 'dropped')
    } else if (e.key === 'Enter' || /^[0-9.]$/.test(e.key)) {
      e.preventDefault()
      e.stopPropagation()
      onType(handle, at, e.key === 'Enter' ? '' : e.key)
    }
  }
  const hands = (handle: Handle, at: { root: Point; tip: Point }) => ({
    onPointerDown: take(handle, at),
    onPointerMove: move,
    onPointerUp: drop,
    onPointerCancel: giveUp,
    onDoubleClick: (e: MouseEvent) => {
      e.stopPropagation()
      onType(handle, at.tip, '')
    },
  })
  const placed = handles.flatMap((handle) => {
    const at = ends(view, handle)
    return at ? [{ handle, at }] : []
  })
  // where knobs lie close to each other each can still be taken by its ring: those lie on top
  return (
    <g data-testid="handles" data-handles className="print:hidden">
      {placed.map(({ handle, at }) => (
        <circle
          key={`${handle.part} ${handle.field}`}
          cx={at.tip.x}
          cy={at.tip.y}
          fill="transparent"
          className="cursor-grab [r:12px] pointer-coarse:[r:22px]"
          {...hands(handle, at)}
        />
      ))}
      {placed.map(({ handle, at }) => {
        const mine = held && same(held.handle, handle) ? held : undefined
        const strong = chosen === handle.part || mine
        return (
          <g key={`${handle.part} ${handle.field}`}>
            {mine && <Pull held={mine} refused={refused} />}
            <circle
              cx={mine ? mine.px.x : at.tip.x}
              cy={mine ? mine.px.y : at.tip.y}
              r={strong ? 8 : 6}
              fill="var(--leaf)"
              fillOpacity="0.75"
              stroke="var(--tide)"
              strokeWidth={strong ? 3 : 1.5}
              className="cursor-grab focus-visible:outline-none focus-visible:[stroke-width:5]"
              role="slider"
              tabIndex={0}
              aria-label={nameOf(handle)}
              aria-valuemin={handle.low}
              aria-valuemax={handle.high}
              aria-valuenow={handle.value}
              aria-valuetext={told(handle, { value: handle.value })}
              data-handle={`${handle.part} ${handle.field}`}
              onFocus={() => onChoose(handle.part)}
              onKeyDown={key(handle, at.tip)}
              {...hands(handle, at)}
            />
          </g>
        )
      })}
    </g>
  )
}

/** Up and right make it longer, down and left shorter. */
export const STEPS: Record<string, number> = {
  ArrowUp: 1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowLeft: -1,
}

const same = (a: Handle, b: Handle) => a.part === b.part && a.field === b.field

/** What a handle is called. */
export function nameOf(h: Handle): string {
  if (h.part === 'hook') return 'hook size'
  const [end, n] = h.field.split('-')
  const which = n === undefined || n === '1' ? '' : `, part ${n}`
  if (isPlace(h)) return `where the ${words(h.part)} ${PLACES[end ?? ''] ?? 'is'}${which}`
  return `${words(h.part)} ${h.field}`
}

const PLACES: Record<string, string> = { seat: 'is bound in', from: 'begins', to: 'ends' }

/** What a value of a handle is, with the rule it has snapped to. */
export function told(handle: Handle, to: Dragged): string {
  if (handle.field === 'size') return `size ${to.value}`
  const value =
    handle.unit === 'mm' ? length(to.value) : `${Number(to.value.toFixed(1))} ${handle.unit}`
  return to.snap ? `${value} · ${to.snap.name}` : value
}

function Pull({ held, refused }: { held: Held; refused?: string }) {
  return (
    <g pointerEvents="none">
      <line
        x1={held.at.root.x}
        y1={held.at.root.y}
        x2={held.px.x}
        y2={held.px.y}
        stroke="var(--tide)"
        strokeDasharray="4 3"
        strokeWidth="1.5"
      />
      <text
        x={held.px.x + 14}
        y={held.px.y - 12}
        fontSize="17"
        fontWeight="650"
        fill="var(--tide)"
        stroke="var(--paper)"
        strokeWidth="4"
        paintOrder="stroke"
        data-testid="pulled"
      >
        {told(held.handle, held.to)}
        {refused && (
          <tspan x={held.px.x + 14} dy="20" fontSize="15" fill="var(--warn)" role="alert">
            {refused}
          </tspan>
        )}
      </text>
    </g>
  )
}
