import { useState } from 'react'
import { getTest, glassPictureAddress, keepGlassPicture, measureGlassPicture } from '../api/tests'
import type { GlassMarks } from '../api/types'
import { MarkNames, tooLarge } from '../log/MarkNames'
import { type Dot, Marked } from '../log/Marked'
import { whatWentWrong } from '../parts/words'
import { FileButton, PICTURE_FILE } from '../ui/FileButton'
import { FileDrop } from '../ui/FileDrop'
import { Stepper } from '../ui/Stepper'
import type { Kept } from './useTest'

const ORDER = [
  ['eye', 'rear edge of the hook eye'],
  ['bend', 'start of the bend'],
  ['point', 'hook point; if it is not to be seen, choose water left below'],
  ['water left', 'the water’s level, left of the fly'],
  ['water right', 'the water’s level, right of the fly'],
] as const

type Name = (typeof ORDER)[number][0]

const NAMES = ORDER.map(([name]) => name)
type Place = GlassMarks['eye']
type Places = Partial<Record<Name, Place>>

const placesOf = (m: GlassMarks): Places => ({
  eye: m.eye,
  bend: m.bend,
  point: m.point ?? undefined,
  'water left': m.film[0],
  'water right': m.film[1],
})

const sizeOf = (source: string) =>
  new Promise<{ widthPx: number; heightPx: number }>((known, failed) => {
    const image = new Image()
    image.onload = () => known({ widthPx: image.naturalWidth, heightPx: image.naturalHeight })
    image.onerror = () => failed(new Error('The picture cannot be read.'))
    image.src = source
  })

/** A picture through the flat wall of the glass, measured by marks: water bends what is under it. */
export function GlassPhoto({ kept }: { kept: Kept }) {
  const { test, pictured } = kept.kept
  const before = test.picture ?? undefined
  const [shown, setShown] = useState(pictured ? 1 : 0)
  const [places, setPlaces] = useState<Places>(before ? placesOf(before) : {})
  const [mark, setMark] = useState<Name | undefined>(before ? undefined : 'eye')
  const [lens, setLens] = useState(before?.lensToWallMm ?? 200)
  const [fly, setFly] = useState(before?.wallToFlyMm ?? 30)
  const [said, setSaid] = useState<string[]>([])
  const source = `${glassPictureAddress(test.id)}?n=${shown}`
  const take = async (chosen: File) => {
    const refused = tooLarge(chosen)
    if (refused) return setSaid([refused])
    try {
      await keepGlassPicture(test.id, chosen)
      setSaid([])
      setPlaces({})
      setMark('eye')
      setShown((n) => n + 1)
    } catch (e) {
      setSaid([whatWentWrong(e)])
    }
  }
  const measure = async (p: Places, lensToWallMm: number, wallToFlyMm: number) => {
    const { eye, bend, point, 'water left': left, 'water right': right } = p
    if (!eye || !bend || !left || !right) return
    try {
      const size = await sizeOf(source)
      await kept.queue.step(async () => {
        const marks = { ...size, lensToWallMm, wallToFlyMm, eye, bend, point, film: [left, right] }
        const read = await measureGlassPicture(test.id, marks)
        setSaid(read.warnings)
        return getTest(test.id)
      })
    } catch (e) {
      setSaid([whatWentWrong(e)])
    }
  }
  const place = (at: Place) => {
    if (!mark) return
    const all = { ...places, [mark]: at }
    setPlaces(all)
    setMark(ORDER[ORDER.findIndex(([n]) => n === mark) + 1]?.[0])
    void measure(all, lens, fly)
  }
  const dots: Dot<Places>[] = ORDER.flatMap(([name]) => {
    const at = places[name]
    return at ? [{ name, at, moved: (to: Place) => ({ ...places, [name]: to }) }] : []
  })
  return (
    <section aria-label="Picture through the glass" className="mt-4 text-base">
      <FileDrop onFile={(chosen) => void take(chosen)}>
        <h2 className="flex flex-wrap items-center gap-3 font-serif text-xl font-semibold">
          Picture through the glass
          <FileButton
            label="Picture through the glass"
            accept={PICTURE_FILE}
            className="font-sans text-base font-normal"
            onFile={(chosen) => void take(chosen)}
          >
            {shown ? 'another picture' : 'choose a picture'}
          </FileButton>
        </h2>
        <p className="text-soft">
          A flat wall, not a round glass; the lens square to it and level with the water; the fly 15
          mm or more from every wall. The whole picture, not a piece of it.
        </p>
        {said.map((s) => (
          <p key={s} role="alert" className="text-warn">
            ▲ {s}
          </p>
        ))}
        <div className="flex flex-wrap gap-x-6 gap-y-1">
          <Stepper
            label="lens to wall"
            value={lens}
            step={5}
            low={30}
            high={3000}
            unit="mm"
            onChange={(v) => {
              setLens(v)
              void measure(places, v, fly)
            }}
          />
          <Stepper
            label="wall to fly"
            value={fly}
            step={1}
            low={15}
            high={500}
            unit="mm"
            onChange={(v) => {
              setFly(v)
              void measure(places, lens, v)
            }}
          />
        </div>
        {shown > 0 && (
          <>
            <p aria-live="polite">
              {mark ? (
                <>
                  Click: <strong>{ORDER.find(([n]) => n === mark)?.[1]}</strong>
                </>
              ) : (
                'All is marked. Pull a mark, or click a name below to mark it again.'
              )}
            </p>
            <Marked
              source={source}
              of="the fly in the glass"
              dots={dots}
              onPlace={place}
              onMove={(now, last) => {
                setPlaces(now)
                if (last) void measure(now, lens, fly)
              }}
            />
            <div className="flex flex-wrap items-center gap-2 py-1">
              <MarkNames names={NAMES} marked={places} next={mark} onNext={setMark} />
            </div>
          </>
        )}
      </FileDrop>
    </section>
  )
}
