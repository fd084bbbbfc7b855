import { useDrag } from '@use-gesture/react'
import { type KeyboardEvent, useRef, useState } from 'react'
import type { Place } from '../api/types'

/** A mark on the picture; {@code moved} is what all marks are with this one elsewhere. */
export type Dot<T> = { name: string; at: Place; moved: (to: Place) => T }

type Props<T> = {
  source: string
  /** What the picture is of. */
  of?: string
  dots: Dot<T>[]
  onPlace: (at: Place) => void
  /** A mark is pulled elsewhere; {@code last} when it is let go. */
  onMove: (now: T, last: boolean) => void
}

/** The picture with its marks: press to mark, pull a mark; a cross moves by arrows and marks with Enter. */
export function Marked<T>({ source, of = 'the fly', dots, onPlace, onMove }: Props<T>) {
  const drawn = useRef<SVGSVGElement>(null)
  const [size, setSize] = useState<{ width: number; height: number }>()
  const [cross, setCross] = useState<Place>()
  const key = (e: KeyboardEvent) => {
    if (!size) return
    const by = e.shiftKey ? 20 : 2
    const ways: Record<string, [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    }
    const at = cross ?? { x: size.width / 2, y: size.height / 2 }
    const way = ways[e.key]
    if (way) {
      e.preventDefault()
      setCross({ x: at.x + way[0], y: at.y + way[1] })
    } else if (e.key === 'Enter') {
      e.preventDefault()
      onPlace(at)
    }
  }
  const hand = useDrag<PointerEvent>(
    ({ xy: [x, y], tap, first, last, event, memo }) => {
      const box = drawn.current?.getBoundingClientRect()
      if (!size || !box) return undefined
      const at = {
        x: ((x - box.left) / box.width) * size.width,
        y: ((y - box.top) / box.height) * size.height,
      }
      if (tap) {
        onPlace(at)
        return undefined
      }
      const held = first
        ? (event.target as Element).closest<SVGGElement>('[data-dot]')?.dataset.index
        : (memo as string | undefined)
      const dot = dots[Number(held)]
      if (dot) onMove(dot.moved(at), last)
      return held
    },
    { filterTaps: true, pointer: { keys: false } },
  )
  const thin = size ? size.width / 500 : 1
  return (
    <svg
      ref={drawn}
      viewBox={size ? `0 0 ${size.width} ${size.height}` : '0 0 1 1'}
      className="bg-leaf border-rule block w-full cursor-crosshair border"
      role="application"
      tabIndex={0}
      aria-label={`Picture of ${of}. Arrows move the cross, with Shift farther; Enter marks.`}
      data-testid="picture"
      onKeyDown={key}
      {...hand()}
    >
      <image
        href={source}
        width={size?.width}
        height={size?.height}
        onLoad={(e) => {
          if (size) return
          const image = new Image()
          image.onload = () => setSize({ width: image.naturalWidth, height: image.naturalHeight })
          image.src = e.currentTarget.href.baseVal
        }}
      />
      {dots.map(({ name, at }, i) => (
        <g key={i} data-dot={name} data-index={i} className="touch-none cursor-grab">
          <circle
            cx={at.x}
            cy={at.y}
            r={5 * thin}
            fill="transparent"
            stroke="var(--warn)"
            strokeWidth={1.5 * thin}
          />
          <text
            x={at.x + 7 * thin}
            y={at.y - 6 * thin}
            fontSize={11 * thin}
            fill="var(--warn)"
            stroke="var(--paper)"
            strokeWidth={3 * thin}
            paintOrder="stroke"
          >
            {name}
          </text>
        </g>
      ))}
      {cross && (
        <path
          d={`M${cross.x - 12 * thin},${cross.y}h${24 * thin}M${cross.x},${cross.y - 12 * thin}v${24 * thin}`}
          stroke="var(--tide)"
          strokeWidth={1.5 * thin}
        />
      )}
    </svg>
  )
}
