import { useQuery } from '@tanstack/react-query'
import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp, House, Minus, Plus } from 'lucide-react'
import { type KeyboardEvent, Suspense, lazy, useCallback, useRef, useState } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { seeScene } from '../api/scene'
import type { Outline, PatternDocument, Relief } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { Choice } from '../ui/Choice'
import { IconButton } from '../ui/IconButton'
import { type Direction, inWords } from './inWords'
import type { Where } from './pass'
import type { Move } from './Turn'

const Turn = lazy(() => import('./Turn').then((m) => ({ default: m.Turn })))

type Props = {
  fly: PatternDocument
  /** Names the fly and all that its pose depends on. */
  id: string
  rest: string
  /** A moment of the way to its rest, while that is played. */
  moment?: { outline: Outline; film?: Relief }
  materials: Record<string, string>
  /** How it sits, in words. */
  verdict: string
}

const MOVES: [Move, string, typeof Plus][] = [
  ['left', 'Turn left', ArrowLeft],
  ['right', 'Turn right', ArrowRight],
  ['up', 'Look from higher', ArrowUp],
  ['down', 'Look from lower', ArrowDown],
  ['nearer', 'Nearer', Plus],
  ['farther', 'Farther', Minus],
  ['home', 'As at first', House],
]

const KEYS: Record<string, Move> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
  '+': 'nearer',
  '=': 'nearer',
  '-': 'farther',
  '0': 'home',
}

const WHERE: [Where, string][] = [
  ['water', 'on the water'],
  ['vise', 'in the vise'],
  ['both', 'one across the other'],
]

/** The fly to be turned by hand, as it was solved; told in words where it cannot be seen. */
export function Free({ fly, id, rest, moment, materials, verdict }: Props) {
  const [where, setWhere] = useState<Where>('water')
  const [wipe, setWipe] = useState(0.5)
  const [looked, setLooked] = useState<Direction>({ round: -32, over: 16 })
  const [drawn, setDrawn] = useState(false)
  const hand = useRef<(move: Move) => void>(() => undefined)
  const scene = useQuery({
    queryKey: ['scene', id, rest],
    queryFn: ({ signal }) => seeScene(fly, rest, signal),
    staleTime: Infinity,
    gcTime: 60_000,
    placeholderData: (before) => before,
  })
  const onHand = useCallback((go: (move: Move) => void) => {
    hand.current = go
  }, [])
  const keys = (e: KeyboardEvent) => {
    const move = KEYS[e.key]
    if (!move || e.ctrlKey || e.metaKey || e.target !== e.currentTarget) return
    e.preventDefault()
    hand.current(move)
  }
  const { fly: atRest, inVise, film } = scene.data ?? {}
  return (
    <div className="absolute inset-0 flex flex-col">
      <div className="bg-leaf/85 border-rule absolute top-1 left-2 z-10 flex flex-wrap items-center gap-x-3 rounded-md border px-1 max-sm:static max-sm:mx-2 sm:max-w-[calc(100%-24rem)]">
        <Choice label="Shown" hidden value={where} options={WHERE} onChange={setWhere} />
        {where === 'both' && (
          <label className="flex items-center gap-2">
            <span className="text-soft">vise</span>
            <input
              type="range"
              aria-label="How far the vise is wiped across the water"
              min={0}
              max={1}
              step={0.01}
              value={wipe}
              onChange={(e) => setWipe(Number(e.target.value))}
              className="accent-tide w-40 pointer-coarse:h-11"
            />
            <span className="text-soft">water</span>
          </label>
        )}
        <span role="toolbar" aria-label="Turn it" className="flex">
          {MOVES.map(([move, label, Icon]) => (
            <IconButton
              key={move}
              label={label}
              onClick={() => hand.current(move)}
              icon={<Icon size={16} aria-hidden />}
            />
          ))}
        </span>
        <span aria-live="polite" className="sr-only">
          Seen from {inWords(looked)}.
        </span>
      </div>
      <div
        role="group"
        tabIndex={0}
        aria-label={`The fly in three dimensions. ${verdict} Seen from ${inWords(looked)}. Arrows turn it, + and − bring it nearer, 0 sets it back.`}
        data-testid="turn"
        data-round={looked.round}
        data-over={looked.over}
        data-drawn={drawn || undefined}
        data-ready={scene.data ? 'yes' : 'no'}
        data-moment={moment ? 'moving' : 'at rest'}
        className="relative min-h-0 flex-1 touch-none bg-linear-to-b from-(--sky-high) to-(--sky-low)"
        onKeyDown={keys}
      >
        {scene.isPending && <p className="text-soft p-6 pt-14">Putting it on the water…</p>}
        {scene.error && (
          <p role="alert" className="text-warn p-6">
            {whatWentWrong(scene.error)}
          </p>
        )}
        {atRest && inVise && (
          <ErrorBoundary fallback={<Without />}>
            <Suspense fallback={<p className="text-soft p-6">Bringing it to the light…</p>}>
              <Turn
                fly={moment?.outline ?? atRest}
                film={moment ? moment.film : film}
                inVise={inVise}
                materials={materials}
                where={where}
                wipe={wipe}
                onLook={setLooked}
                onDrawn={() => setDrawn(true)}
                onHand={onHand}
              />
            </Suspense>
          </ErrorBoundary>
        )}
        {where === 'both' && (
          <span
            aria-hidden
            className="bg-tide pointer-events-none absolute inset-y-0 w-0.5"
            style={{ left: `${100 * wipe}%` }}
          />
        )}
      </div>
    </div>
  )
}

function Without() {
  return (
    <p role="status" className="p-6 pt-14">
      Three dimensions have failed here. The views from the side, its head, above and below show the
      same fly.
    </p>
  )
}
