import { useRef, useState } from 'react'
import { seeScene } from '../api/scene'
import type { Outline, PatternDocument } from '../api/types'
import { Paints } from '../drawing/FlyDrawing'
import { Fly } from '../drawing/Fly'
import { ScaleBar } from '../drawing/Scale'
import { drawing, picture, saveFile } from '../parts/picture'
import { whatWentWrong } from '../parts/words'
import { water, waterline } from '../scene/paths'
import { fit } from '../scene/projection'
import { Choice } from '../ui/Choice'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'
import { png, shareCard } from './compose'
import { turning } from './turning'

type As = 'png' | 'svg' | 'card' | 'gltf'

const KINDS: [As, string][] = [
  ['png', 'picture (PNG)'],
  ['svg', 'drawing (SVG)'],
  ['card', 'card to share'],
  ['gltf', 'solid (glTF)'],
]

const TIMES: [string, string][] = [
  ['1', '1 ×'],
  ['2', '2 ×'],
  ['4', '4 ×'],
]

const WHAT: Record<As, string> = {
  png: 'As it is on the bench now: turned by hand, or as one of the four views has it.',
  svg: 'Lines that stay sharp at any size. Of a fly that is turned by hand, its side.',
  card: '1200 × 630 pixels, with what is written below.',
  gltf: 'Fly and film as they were solved, in metres, for any program that opens solids.',
}

/** What a picture shows, and what is said of it. */
export type Pictured = {
  rest: string
  outline: Outline
  materials: Record<string, string>
  /** What its style is called. */
  style: string
  /** How it sits in that rest, in words. */
  verdict: string
}

/** The fly as a file: a picture, a drawing, a card to share, or a solid. */
export function SavePicture({
  document: fly,
  rest,
  outline,
  materials,
  style,
  verdict,
  onClose,
}: Pictured & { document: PatternDocument; onClose: () => void }) {
  const { name, hook } = fly.pattern
  const [as, setAs] = useState<As>('png')
  const [times, setTimes] = useState('2')
  const [title, setTitle] = useState(`${name}, hook ${hook.size}, ${style}`)
  const [told, setTold] = useState(verdict)
  const [signed, setSigned] = useState('')
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  const side = useRef<SVGSVGElement>(null)
  const lines = [title, told, signed].filter((line) => line.trim() !== '')
  const save = async () => {
    setBusy(true)
    setFailed('')
    try {
      if (as === 'png') saveFile(await png(lines, Number(times), side.current), name, 'png')
      else if (as === 'card') saveFile(await shareCard(lines, side.current), `${name}-card`, 'png')
      else if (as === 'svg') {
        const svg = picture(lines, drawing.current ?? side.current)
        saveFile(new Blob([svg], { type: 'image/svg+xml' }), name, 'svg')
      } else {
        const { gltf } = await import('./gltf')
        const scene = await seeScene(fly, rest, new AbortController().signal)
        saveFile(await gltf(scene, materials), name, 'glb')
      }
      onClose()
    } catch (e) {
      setFailed(whatWentWrong(e))
    } finally {
      setBusy(false)
    }
  }
  return (
    <Window title="Save the picture" open onClose={onClose}>
      <form
        className="mt-3 grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          void save()
        }}
      >
        <Choice label="As" hidden value={as} options={KINDS} onChange={setAs} />
        <p className="text-soft">{WHAT[as]}</p>
        {as === 'png' && (
          <Choice label="how large" value={times} options={TIMES} onChange={setTimes} />
        )}
        {as !== 'gltf' && (
          <>
            <Line label="what it is" value={title} onChange={setTitle} />
            <Line label="how it sits" value={told} onChange={setTold} />
            <Line label="signed" value={signed} onChange={setSigned} />
          </>
        )}
        <Side
          ref={side}
          outline={outline}
          materials={materials}
          seen={as === 'svg' || !turning.current}
        />
        <Submit words={busy ? 'Drawing it…' : 'Save'} busy={busy} failed={failed} />
      </form>
    </Window>
  )
}

function Line({
  label,
  value,
  onChange,
}: {
  label: string
  value: string
  onChange: (value: string) => void
}) {
  return (
    <label className="flex items-center gap-3">
      <span className="text-soft w-24">{label}</span>
      <input
        value={value}
        maxLength={160}
        onChange={(e) => onChange(e.target.value)}
        className="border-edge bg-leaf min-w-0 flex-1 rounded border px-2 py-1 pointer-coarse:min-h-11"
      />
    </label>
  )
}

const WIDE = 960
const HIGH = 520

/** The fly from its side, as it would be drawn. */
function Side({
  ref,
  outline,
  materials,
  seen,
}: {
  ref: React.Ref<SVGSVGElement>
  /** Whether it is what would be saved. */
  seen: boolean
  outline: Outline
  materials: Record<string, string>
}) {
  const view = fit(outline, WIDE, HIGH, { side: 60, top: 40, bottom: 40 })
  return (
    <svg
      ref={ref}
      width={WIDE}
      height={HIGH}
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      className={`border-rule h-auto w-full rounded border ${seen ? '' : 'hidden'}`}
      aria-hidden
    >
      <defs>
        <Paints />
      </defs>
      <path d={water(view, outline.film, WIDE, HIGH)} fill="url(#deep)" />
      <Fly outline={outline} view={view} materials={materials} />
      <path d={water(view, outline.film, WIDE, HIGH)} fill="url(#deep)" opacity="0.38" />
      <path
        d={waterline(view, outline.film, WIDE)}
        fill="none"
        stroke="var(--tide)"
        strokeWidth="2"
      />
      <ScaleBar view={view} width={WIDE} height={HIGH} />
    </svg>
  )
}
