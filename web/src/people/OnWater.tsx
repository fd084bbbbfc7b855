import type { Outline } from '../api/types'
import { Fly } from '../drawing/Fly'
import { Paints } from '../drawing/FlyDrawing'
import { water, waterline } from '../scene/paths'
import { fit } from '../scene/projection'

const WIDTH = 900
const HEIGHT = 380
const MARGIN = { side: 60, top: 40, bottom: 40 }

/** A fly at rest on the water, to look at. */
export function OnWater({ outline, label }: { outline: Outline; label: string }) {
  const view = fit(outline, WIDTH, HEIGHT, MARGIN, 'side')
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="border-rule bg-leaf my-2 block max-h-[46vh] w-full rounded-md border"
      role="img"
      aria-label={label}
    >
      <Paints />
      <path d={water(view, outline.film, WIDTH, HEIGHT)} fill="url(#deep)" />
      <Fly outline={outline} view={view} />
      <path
        d={waterline(view, outline.film, WIDTH)}
        fill="none"
        stroke="var(--tide)"
        strokeWidth="2"
      />
    </svg>
  )
}
