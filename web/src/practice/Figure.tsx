import { type ReactNode, useMemo, useRef } from 'react'
import type { Outline } from '../api/types'
import { Fly } from '../drawing/Fly'
import { Paints } from '../drawing/FlyDrawing'
import { type Size, useSize } from '../drawing/useSize'
import { type Camera, type View, fit } from '../scene/projection'
import { some } from '../scene/some'

type Props = {
  outline: Outline
  /** Parts that are drawn; none named: all. */
  parts?: string[]
  camera?: Camera
  /** Points that have to fit in as well, mm. */
  room?: number[][]
  /** How much smaller than would fit it is drawn, so that nobody learns the screen by heart. */
  smaller?: number
  label: string
  children?: (view: View, size: Size) => ReactNode
}

/** Until it is measured. */
const FIRST = { width: 640, height: 360 }

const MARGIN = { side: 26, top: 22, bottom: 22 }

/** A fly or a hook to look at, as large as there is room. */
export function Figure({ outline, parts, camera, room, smaller = 1, label, children }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const size = useSize(box, FIRST)
  const { width, height } = size
  const shown = useMemo(
    () => (parts && parts.length > 0 ? some(outline, parts) : outline),
    [outline, parts],
  )
  const view = useMemo(() => {
    const whole = { ...shown, wire: [...shown.wire, ...(room ?? [])] }
    const large = fit(whole, width, height, MARGIN, camera)
    return about(large, smaller, width, height)
  }, [shown, room, width, height, camera, smaller])
  return (
    <div
      ref={box}
      className="border-rule bg-leaf relative h-[min(46vh,26rem)] min-h-56 overflow-hidden rounded-md border group-data-large:h-[62vh]"
    >
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={label}
        className="absolute inset-0 touch-none"
        data-testid="figure"
      >
        <Paints />
        <Fly outline={shown} view={view} />
        {children?.(view, size)}
      </svg>
    </div>
  )
}

/** The same view smaller, about the middle. */
function about(view: View, by: number, width: number, height: number): View {
  return {
    ...view,
    scale: view.scale * by,
    originX: width / 2 + (view.originX - width / 2) * by,
    originY: height / 2 + (view.originY - height / 2) * by,
  }
}

/** The plan as a ghost over what was shown, hook on hook. */
export function Ghost({ outline, over, view }: { outline: Outline; over: Outline; view: View }) {
  const [x = 0, , z = 0] = outline.wire[0] ?? []
  const [atX = 0, , atZ = 0] = over.wire[0] ?? []
  const moved = {
    ...view,
    originX: view.originX + view.scale * (atX - x),
    originY: view.originY - view.scale * (atZ - z),
  }
  return (
    <g opacity="0.5" data-testid="plan" pointerEvents="none">
      <Fly outline={outline} view={moved} />
    </g>
  )
}
