import { useQuery } from '@tanstack/react-query'
import { Suspense, lazy, memo, useCallback, useEffect, useMemo, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { mapSurface } from '../api/scene'
import type { Handle, PartKind, PatternDocument, Style } from '../api/types'
import { pxPerMm } from '../parts/calibration'
import { movedTo } from '../parts/handle'
import { openReadings, wantedBy } from '../parts/readings'
import { measureBy, say, unit } from '../parts/units'
import { sitting, whatWentWrong } from '../parts/words'
import type { Dragged } from '../scene/drag'
import type { Point } from '../scene/projection'
import { seesLine } from '../scene/projection'
import { BenchWindow } from './BenchWindow'
import { type Opened, benchCommands } from './benchCommands'
import { DrawingBar, type Looks } from '../drawing/DrawingBar'
import { FishPlace } from '../drawing/FishPlace'
import { FlyDrawing } from '../drawing/FlyDrawing'
import { useHand } from '../drawing/useHand'
import { Handles } from './Handles'
import { FirstVisit } from '../shell/FirstVisit'
import { STEPS, tour, tourTaken } from '../shell/tour'
import { Cautions, Readings } from '../readings/Readings'
import { TaughtSwitch, useTaught } from '../readings/taught'
import { RestChoice } from './RestChoice'
import { ShankPlan } from './ShankPlan'
import { TypeValue } from './TypeValue'
import { Verdict } from './Verdict'
import { verdictOf } from './verdictOf'
import { Tray } from '../tray/Tray'
import { UnitChoice } from '../shell/UnitChoice'
import { useAnswers } from '../readings/useAnswers'
import { useBefore } from './useBefore'
import { useDifferences } from './useDifferences'
import type { Pulled } from './useGiveUp'
import { useKeys } from '../shell/useKeys'
import { usePlace, useRest } from './usePlace'
import { bare, usePose } from './usePose'
import { useSettling } from '../drawing/useSettling'
import { useStore } from '../ui/store'
import { nameOfPart, withWords } from '../parts/document'

// Three dimensions are loaded when they are asked for.
const Free = lazy(() => import('../picture/Free').then((m) => ({ default: m.Free })))

type Props = {
  id: string
  document: PatternDocument
  styles: Style[]
  kinds: PartKind[]
  change: (next: PatternDocument) => void
  step: (way: 'undo' | 'redo') => unknown
  /** The window that is open over it. */
  opened: Opened | undefined
  open: (window: Opened | undefined) => void
  onCopy: () => void
}

const QUIET_MS = 500

/** A rest that is not one of its own: how it sits under the weight that it can carry. */
const LADEN = 'laden'

/**
 * The fly in the vise: on its waterline, what holds it, the shank plan and the tray. Drawn anew when
 * the fly changes, not when a change of it is kept: that would hold up the next one.
 */
export const Vise = memo(function Vise(props: Props) {
  const {
    id,
    document,
    styles,
    kinds,
    change,
    step,
    onCopy,
    opened: window_,
    open: setWindow,
  } = props
  const { camera, chosen, rest: restInAddress, put } = usePlace()
  const setChosen = useCallback((part: string) => put({ part }), [put])
  const [typed, setTyped] = useState<{ handle: Handle; at: Point; text: string }>()
  const [shownWith, setShownWith] = useState({ grid: false, trueSize: false, told: true })
  const looks: Looks = { ...shownWith, camera }
  const setLooks = ({ camera: to, ...others }: Looks) => {
    setShownWith(others)
    if (to !== camera) put({ view: to === 'side' ? '' : to })
  }
  const free = camera === 'free'
  const [fish, setFish] = useState({ deepMm: 60, behindMm: 72 })
  useStore(unit)
  const own = useMemo(() => bare(document), [document])
  const kept = useMemo(() => JSON.stringify(own), [own])
  const pose = usePose(kept, own)
  const draft = pose.draft
  const fly = useMemo(() => (draft ? bare(draft) : own), [draft, own])
  const key = useMemo(() => (draft ? JSON.stringify(fly) : kept), [draft, fly, kept])
  const estimate = pose.estimate
  const quiet = useQuiet(kept)
  const answers = useAnswers(
    kept,
    own,
    quiet === kept && !draft && !pose.isStale && !pose.error,
    wantedBy(useStore(openReadings), useTaught().learnt?.inUse),
  )
  const full = answers.WHOLE?.estimate
  const settling = useSettling(key, fly)
  const others = full?.others ?? []
  const rest = useRest(key, restInAddress, () => put({ rest: '' }))
  const other = others[Number(rest) - 1]
  const laden = rest === LADEN ? answers.CARRY?.carry?.under : undefined
  const surface = useQuery({
    queryKey: ['surface', key],
    queryFn: ({ signal }) => mapSurface(fly, signal),
    enabled: camera !== 'free' && !seesLine(camera),
    staleTime: Infinity,
    placeholderData: (before) => before,
  })
  measureBy(estimate?.hook)

  const now = pose.isStale ? undefined : estimate
  const lastKept = useBefore(kept, now)
  const [settled, setSettled] = useState(now)
  if (now && now !== settled) setSettled(now)
  const before = draft ? settled : lastKept
  // While a hand moves something only drawing, sentence and plan follow: the rest would slow the hand.
  const calm = draft ? settled : estimate
  const fullBefore = useBefore(kept, full)
  const since = useDifferences({ pose: before, full: fullBefore }, { pose: now, full })
  const { expect } = pose
  const commit = useCallback(
    (next: PatternDocument) => {
      tourTaken()
      expect(next)
      change(next)
    },
    [change, expect],
  )
  const move = (handle: Handle, to: Dragged, held: Pulled) => {
    const next = movedTo(document, handle, to.value, to.snap, estimate?.handles ?? [])
    if (held === 'given-up') pose.letGo()
    else if (held === 'held') pose.follow(next)
    else commit(next)
  }
  const hand = useHand()
  const navigate = useNavigate()
  const called = useSearchParams()[0].has('tour')
  const commands = benchCommands({
    id,
    looks,
    setLooks,
    open: setWindow,
    undo: () => void step('undo'),
    redo: () => void step('redo'),
    play: settling.play,
    copy: onCopy,
    go: (path) => void navigate(path),
    document,
    choose: setChosen,
  })
  useKeys(window_ ? [] : commands) // a window that is still being loaded has the keys already
  const trueScale = looks.trueSize && pxPerMm.get() > 0 ? pxPerMm.get() : undefined
  const outline = settling.moment?.outline ?? laden?.outline ?? other?.outline ?? estimate?.outline
  const materials = useMemo(() => materialsOf(document), [document])
  const shownRest = other ? rest : '0'
  const seen = laden ? undefined : other
  const told = seen ? `Resting ${sitting(seen.posture)}.` : verdictOf(estimate)
  const { style } = document.pattern
  const styleLabel = styles.find((s) => s.id === style)?.label.toLowerCase() ?? style
  const aside = Boolean(other || laden || settling.moment)
  return (
    <>
      {pose.error && (
        <p role="alert" className="text-warn px-6">
          {whatWentWrong(pose.error)}
        </p>
      )}
      {(useStore(tour) < STEPS || called) && <FirstVisit />}
      <p
        aria-live="polite"
        className="min-h-14 px-6 max-sm:px-3 leading-7"
        data-testid="verdict"
        data-fly={pose.isStale ? 'stale' : 'fresh'}
      >
        <Verdict words={verdictOf(full ?? estimate)} byTests={answers.BY_TESTS?.byTests} />
      </p>
      <p aria-live="polite" className="sr-only" data-testid="difference">
        {since ? say(since.words) : ''}
      </p>
      <div className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,1fr)_20rem] lg:grid-rows-[minmax(392px,1fr)_auto]">
        <div className="relative flex min-w-0 flex-col">
          <DrawingBar
            looks={looks}
            onLooks={(next) => {
              setLooks(next)
              if (next.trueSize && pxPerMm.get() === 0) setWindow('calibrate')
            }}
            playing={settling.playing}
            onPlay={settling.play}
            onHand={hand.act}
            onSave={() => setWindow('picture')}
          />
          <div className="relative min-h-[392px] flex-1 print:min-h-[120mm]">
            {estimate && free && (
              <Suspense>
                <Free
                  fly={fly}
                  id={key}
                  rest={shownRest}
                  moment={settling.moment}
                  materials={materials}
                  verdict={told}
                />
              </Suspense>
            )}
            {estimate && camera !== 'free' && (
              <FlyDrawing
                estimate={estimate}
                rest={laden ? undefined : (other ?? estimate.rest)}
                outline={outline}
                band={other ? undefined : full?.band}
                before={aside ? undefined : before}
                since={aside ? undefined : since}
                camera={camera}
                hand={hand}
                surface={surface.data}
                fish={fish}
                grid={looks.grid}
                trueScale={trueScale}
                carries={Boolean(laden)}
                materials={materials}
                chosen={chosen}
                onChoose={setChosen}
                told={looks.told && !settling.playing}
                over={(view) =>
                  aside ? null : (
                    <Handles
                      handles={estimate.handles}
                      view={view}
                      chosen={chosen}
                      refused={pose.error ? whatWentWrong(pose.error) : undefined}
                      onChoose={setChosen}
                      onMove={move}
                      onType={(handle, at, text) => setTyped({ handle, at, text })}
                    />
                  )
                }
              />
            )}
            {typed && (
              <TypeValue
                {...typed}
                document={document}
                onChange={commit}
                onClose={() => setTyped(undefined)}
              />
            )}
            {settling.failed && (
              <p role="status" className="bg-leaf text-warn absolute top-11 right-2 rounded px-2">
                {settling.failed}
              </p>
            )}
            {looks.camera === 'below' && <FishPlace fish={fish} onMove={setFish} />}
            {estimate?.rest && looks.camera !== 'below' && (
              <RestChoice
                rests={[estimate.rest, ...others]}
                headline={full?.headline}
                laden={answers.CARRY?.carry}
                shown={rest}
                onShow={(to) => put({ rest: to === '0' ? '' : to })}
              />
            )}
          </div>
        </div>
        <aside
          aria-label="Readings"
          className="border-rule order-3 lg:relative lg:order-none lg:border-l"
        >
          <div className="px-5 lg:absolute lg:inset-0 lg:overflow-y-auto">
            <div className="flex flex-wrap items-center justify-between gap-2 py-1 print:hidden">
              <button
                type="button"
                className="bg-tide text-paper rounded-md px-3 py-0.5 whitespace-nowrap pointer-coarse:min-h-11"
                onClick={() => setWindow('goals')}
              >
                Suggest changes for a goal…
              </button>
              <UnitChoice />
            </div>
            <TaughtSwitch />
            {estimate && (
              <Readings
                pose={calm ?? estimate}
                full={full}
                answers={answers}
                fly={own}
                since={draft ? undefined : since}
              />
            )}
            {estimate && <Cautions estimate={estimate} />}
          </div>
        </aside>
        <div className="bg-leaf border-rule min-w-0 border-t lg:col-span-2">
          <div className="min-h-21">
            {estimate && (
              <ShankPlan
                estimate={estimate}
                materials={materials}
                chosen={chosen}
                onChoose={setChosen}
                onMove={move}
              />
            )}
          </div>
          <Tray
            document={document}
            estimate={estimate}
            kinds={kinds}
            chosen={chosen}
            onChoose={setChosen}
            onChange={commit}
          />
        </div>
      </div>
      <BenchWindow
        which={window_}
        document={document}
        commands={commands}
        pictured={
          estimate &&
          outline && { rest: shownRest, outline, materials, style: styleLabel, verdict: told }
        }
        onGoal={(next) => {
          setWindow(undefined)
          commit(next)
        }}
        onNotes={({ notes, visitor, asked }) =>
          change(withWords(document, { notes, for: visitor, asked }))
        }
        onClose={() => setWindow(undefined)}
      />
    </>
  )
})

function materialsOf(document: PatternDocument): Record<string, string> {
  const { parts } = document.pattern
  return Object.fromEntries(parts.map((p, i) => [nameOfPart(parts, i), p.material ?? '']))
}

/** A value once it has not changed for a moment. */
function useQuiet(value: string): string {
  const [quiet, setQuiet] = useState('')
  useEffect(() => {
    const timer = setTimeout(() => setQuiet(value), QUIET_MS)
    return () => clearTimeout(timer)
  }, [value])
  return quiet
}
