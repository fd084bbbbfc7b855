import { memo, useLayoutEffect, useMemo, useRef, useState } from 'react'
import type { Outline } from '../api/types'
import { fit } from '../scene/projection'
import { Fly, Rounding } from './Fly'

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
  const [size, setSize] = useState({ width: 480, height: 360 })
  useLayoutEffect(() => {
    const element = box.current
    if (!element) return
    const watch = new ResizeObserver(() =>
      setSize({ width: element.clientWidth, height: element.clientHeight }),
    )
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  const { width, height } = size
  const view = useMemo(
    () => fit(outline, width, height, { side: 20, top: 20, bottom: 20 }),
    [outline, width, height],
  )
  const has = (part: string) => parts.includes(part)
  const soFar = {
    ...outline,
    members: outline.members.filter((m) => has(m.part)),
    strands: outline.strands.filter((s) => has(s.part)),
    fibres: outline.fibres.filter((f) => has(f.part)),
  }
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
        <Fly outline={soFar} view={view} chosen={now} />
      </svg>
    </div>
  )
})
