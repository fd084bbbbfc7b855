import { type KeyboardEvent, type ReactNode, Suspense, lazy, useMemo, useRef } from 'react'
import type { Band, Differences, Estimate, Outline, Rest, Surface } from '../api/types'
import { drawing } from '../parts/picture'
import { say } from '../parts/units'
import { sitting } from '../parts/words'
import { water, waterline } from '../scene/paths'
import {
  type Camera,
  type Hand,
  type View,
  bend,
  fit,
  handled,
  seesLine,
} from '../scene/projection'
import { Callouts, CalloutList, compact } from './Callouts'
import { FilmMap, type FishEye } from './FilmMap'
import { Fly, Rounding } from './Fly'
import { MmGrid, ScaleBar } from './Scale'
import { useSettled } from './useSettled'
import { useSize } from './useSize'
import type { Handling } from './useHand'

const Gestures = lazy(() => import('./Gestures').then((m) => ({ default: m.Gestures })))

type Drawn = {
  estimate: Estimate
  rest: Rest | undefined
  outline: Outline | undefined
  band: Band | undefined
  /** The fly before the last change, drawn as its ghost. */
  before?: Estimate
  /** What the last change did. */
  since?: Differences
  camera: Camera
  surface?: Surface
  fish: FishEye
  grid: boolean
  /** Px that a millimetre is long on this screen, where the fly is shown at its true size. */
  trueScale?: number
  /** A weight that hangs from the bend. */
  carries?: boolean
  materials?: Record<string, string>
  chosen?: string
  onChoose?: (part: string) => void
  /** Where a hand has moved the drawing to. */
  hand: Handling
  /** What lies over the drawing and moves with it. */
  over?: (view: View) => ReactNode
  /** Whether numbers hang on the fly. */
  told: boolean
}

const PAN_PX = 40

/** Until it is measured. */
const FIRST = { width: 960, height: 400 }

/** A hand that has been still for so long is done, ms. */
const SETTLED_MS = 120

/** The fly at one of its rests on its waterline, as one of four cameras has it, to scale. */
export function FlyDrawing(props: Drawn) {
  const { estimate, rest, outline, band, before, since, camera, surface, fish, grid, trueScale } =
    props
  const { carries, materials, chosen, onChoose, over, told } = props
  const box = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(box, FIRST)
  const { hand, set: setHand, act } = props.hand
  const small = compact(width)
  const settled = useSettled(hand, SETTLED_MS)
  const base = useMemo(() => {
    if (!outline) return undefined
    const margin = { side: small || !told ? 24 : 190, top: 46, bottom: 40 }
    const whole = fit(outline, width, height, margin, camera)
    return trueScale ? fitted(whole, trueScale, width, height) : whole
  }, [outline, width, height, camera, trueScale, small, told])
  /** What is drawn, and where it lies while a hand still moves it: then it is only carried along. */
  const drawn = useMemo(
    () => base && handled(base, settled, width, height),
    [base, settled, width, height],
  )
  const view = useMemo(
    () => base && handled(base, hand, width, height),
    [base, hand, width, height],
  )
  if (!outline || !view || !drawn) return <div ref={box} className="absolute inset-0" />
  const line = seesLine(camera)
  const film = camera === 'head-on' ? outline.across : outline.film
  const keys = (e: KeyboardEvent) => {
    const moved = KEYS[e.key]
    if (!moved || e.ctrlKey || e.metaKey || e.target !== e.currentTarget) return
    e.preventDefault()
    if (typeof moved === 'string') act(moved)
    else setHand(moved)
  }
  return (
    <div ref={box} className="absolute inset-0 overflow-hidden">
      <Suspense>
        <Gestures box={box} hand={hand} setHand={setHand} />
      </Suspense>
      <svg
        width={width}
        height={height}
        role="group"
        tabIndex={0}
        ref={drawing}
        aria-label={`${NAMES[camera]}, to scale. ${rest === estimate.rest || !rest ? say(estimate.verdict) : `Resting ${sitting(rest.posture)}.`} Keys + and − zoom, arrows move, 0 fits.`}
        data-rest={rest?.posture}
        data-testid="fly"
        data-camera={camera}
        data-scale={view.scale.toFixed(3)}
        className="settles block touch-none"
        onKeyDown={keys}
        onDoubleClick={() => act('fit')}
      >
        <Paints />
        <g transform={carried(drawn, view)}>
          {line ? (
            <path d={water(drawn, film, width, height)} fill="url(#deep)" />
          ) : (
            <FilmMap view={drawn} width={width} height={height} surface={surface} fish={fish} />
          )}
        </g>
        {grid && <MmGrid view={view} width={width} height={height} />}
        <g transform={carried(drawn, view)}>
          {before?.outline && before.outline !== outline && (
            <g opacity="0.16" data-testid="ghost" pointerEvents="none">
              <Fly outline={before.outline} view={drawn} />
            </g>
          )}
          <g mask={camera === 'below' ? 'url(#seen)' : undefined}>
            <Fly
              outline={outline}
              view={drawn}
              materials={materials}
              chosen={chosen}
              onChoose={onChoose}
            />
          </g>
          {carries && line && (
            <Hung view={drawn} outline={outline} shankMm={estimate.hook.shankMm} />
          )}
          {line && (
            <>
              <path
                d={water(drawn, film, width, height)}
                fill="url(#deep)"
                opacity="0.38"
                pointerEvents="none"
              />
              <path
                d={waterline(drawn, film, width)}
                fill="none"
                stroke="var(--tide)"
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
                data-testid="waterline"
                pointerEvents="none"
              />
            </>
          )}
        </g>
        <ScaleBar view={view} width={width} height={height} />
        {rest && told && camera === 'side' && (
          <Callouts
            rest={rest}
            outline={outline}
            band={band}
            since={since}
            shankMm={estimate.hook.shankMm}
            view={view}
            width={width}
            height={height}
          />
        )}
        {over?.(view)}
      </svg>
      {rest && told && small && camera === 'side' && (
        <CalloutList rest={rest} outline={outline} band={band} shankMm={estimate.hook.shankMm} />
      )}
    </div>
  )
}

const NAMES: Record<Camera, string> = {
  side: 'Side view',
  'head-on': 'View from its head',
  above: 'View from above',
  below: 'View from below, as a fish has it',
}

const KEYS: Record<string, 'larger' | 'smaller' | 'fit' | ((h: Hand) => Hand)> = {
  '+': 'larger',
  '=': 'larger',
  '-': 'smaller',
  '0': 'fit',
  ArrowLeft: (h) => ({ ...h, x: h.x + PAN_PX }),
  ArrowRight: (h) => ({ ...h, x: h.x - PAN_PX }),
  ArrowUp: (h) => ({ ...h, y: h.y + PAN_PX }),
  ArrowDown: (h) => ({ ...h, y: h.y - PAN_PX }),
}

/** How what was drawn for one view lies in another, as an SVG transform; none where they are one. */
function carried(drawn: View, now: View): string | undefined {
  if (drawn === now) return undefined
  const by = now.scale / drawn.scale
  const x = now.originX - drawn.originX * by
  const y = now.originY - drawn.originY * by
  return by === 1 && x === 0 && y === 0 ? undefined : `translate(${x} ${y}) scale(${by})`
}

/** The same view at another scale, about the middle of the drawing. */
function fitted(view: View, scale: number, width: number, height: number): View {
  return handled(view, { zoom: scale / view.scale, x: 0, y: 0 }, width, height)
}

/** The paints of water and fly; every picture of both needs them. */
export function Paints() {
  return (
    <defs>
      <linearGradient id="deep" x1="0" x2="0" y1="0" y2="1">
        <stop offset="0" stopColor="var(--water-top)" />
        <stop offset="1" stopColor="var(--water-deep)" />
      </linearGradient>
      <Rounding />
    </defs>
  )
}

/** The line and bead that hang from where the bend begins. */
function Hung({ view, outline, shankMm }: { view: View; outline: Outline; shankMm: number }) {
  const at = bend(outline, shankMm)
  const x = view.originX + view.scale * (view.camera === 'head-on' ? -(at[1] ?? 0) : (at[0] ?? 0))
  const y = view.originY - view.scale * (at[2] ?? 0)
  const length = Math.min(110, 6 * view.scale)
  return (
    <g data-testid="hung" pointerEvents="none">
      <line x1={x} x2={x} y1={y} y2={y + length} stroke="var(--ink)" strokeWidth="1" />
      <circle cx={x} cy={y + length + 7} r="7" fill="var(--bead)" stroke="var(--ink)" />
    </g>
  )
}
