import { useMemo } from 'react'
import type { Surface } from '../api/types'
import type { View } from '../scene/projection'

/** Where the fish's eye is: how deep, and how far behind the fly, mm. */
export type FishEye = { deepMm: number; behindMm: number }

type Props = {
  view: View
  width: number
  height: number
  surface: Surface | undefined
  fish: FishEye
}

/**
 * The film as seen from above, shaded by its height, or from below: the light that it throws, and
 * Snell's window round the fish, outside which the film mirrors and hides what is over it.
 */
export function FilmMap({ view, width, height, surface, fish }: Props) {
  const below = view.camera === 'below'
  const picture = useMemo(() => {
    if (!surface) return undefined
    const { heightMm, light } = surface
    return below ? paint(light, gathered) : paint([...heightMm].reverse(), relief)
  }, [surface, below])
  const cellMm = (below ? surface?.lightCellMm : surface?.cellMm) ?? 0
  const fromMm = (below ? surface?.lightFromMm : surface?.fromMm) ?? 0
  const cells = (below ? surface?.light : surface?.heightMm)?.length ?? 0
  const span = cells * cellMm * view.scale
  const from = view.scale * (fromMm - cellMm / 2)
  const radius = (surface?.windowPerDepth ?? 0) * fish.deepMm * view.scale
  const eyeX = view.originX + fish.behindMm * view.scale
  return (
    <g>
      <rect width={width} height={height} fill={below ? 'var(--from-below)' : 'var(--water-top)'} />
      {picture && (
        <image
          href={picture}
          x={view.originX + from}
          y={view.originY + from}
          width={span}
          height={span}
          preserveAspectRatio="none"
          data-testid={below ? 'light-pattern' : 'film-map'}
          opacity={below ? 1 : 0.8}
        />
      )}
      {below && surface && (
        <>
          <mask id="seen">
            <rect width={width} height={height} fill="#555" />
            <circle cx={eyeX} cy={view.originY} r={radius} fill="#fff" />
          </mask>
          <rect
            width={width}
            height={height}
            fill="var(--mirror)"
            opacity="0.45"
            mask="url(#outside)"
          />
          <mask id="outside">
            <rect width={width} height={height} fill="#fff" />
            <circle cx={eyeX} cy={view.originY} r={radius} fill="#000" />
          </mask>
          <circle
            cx={eyeX}
            cy={view.originY}
            r={radius}
            fill="none"
            stroke="var(--tide)"
            strokeWidth="2"
            strokeDasharray="6 5"
            data-testid="snells-window"
          />
        </>
      )}
    </g>
  )
}

type Ink = (value: number) => [number, number, number, number]

/** From above: dimples dark, what is drawn up light. */
const relief: Ink = (h) => {
  const depth = Math.max(-1, Math.min(1, -h / 0.6))
  return depth >= 0 ? [24, 70, 84, 190 * depth] : [255, 255, 255, 230 * -depth]
}

/** From below: where less light comes through it is dark, where it is gathered it is bright. */
const gathered: Ink = (v) => {
  const less = Math.max(0, 1 - v)
  const more = Math.max(0, Math.min(1, v - 1))
  return v < 1 ? [8, 26, 34, 235 * less] : [255, 250, 225, 220 * more]
}

/** A grid as a picture, a cell a pixel, which the browser smooths as it scales it. */
function paint(rows: readonly (readonly number[])[], ink: Ink): string | undefined {
  const n = rows.length
  const canvas = document.createElement('canvas')
  canvas.width = n
  canvas.height = n
  const context = canvas.getContext('2d')
  if (!context) return undefined
  const image = context.createImageData(n, n)
  rows.forEach((row, r) => row.forEach((value, c) => image.data.set(ink(value), 4 * (r * n + c))))
  context.putImageData(image, 0, 0)
  return canvas.toDataURL()
}
