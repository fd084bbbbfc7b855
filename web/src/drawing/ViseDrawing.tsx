import { memo, useMemo, useRef } from 'react'
import type { Outline } from '../api/types'
import { fit } from '../scene/projection'
import { some } from '../scene/some'
import { Fly, Rounding } from './Fly'
import { useSize } from './useSize'

/** Until it is measured. */
const FIRST = { width: 480, height: 360 }

/** The fly so far as it stands in the vise: what is tied on, and in front of it what is being tied. */
export const ViseDrawing = memo(function ViseDrawing({
  outline,
  parts,
  now,
}: {
  outline: Outline
  parts: string[]
  now: string
}) {
  const box = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(box, FIRST)
  const view = useMemo(
    () => fit(outline, width, height, { side: 20, top: 20, bottom: 20 }),
    [outline, width, height],
  )
  return (
    <div ref={box} className="border-rule bg-leaf relative min-h-64 rounded border">
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={parts.length === 0 ? 'The bare hook.' : `The fly so far: ${parts.join(', ')}.`}
        data-testid="so-far"
        data-parts={parts.join(' ')}
        className="absolute inset-0"
      >
        <defs>
          <Rounding />
        </defs>
        <Fly outline={some(outline, parts)} view={view} chosen={now} />
      </svg>
    </div>
  )
})
