import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { getFly, keepPicture, measurePicture, pictureAddress } from '../api/client'
import type { AsTied, LoggedFly, Marks, Measurement, Photograph, Place } from '../api/types'
import { length, lengths } from '../parts/units'
import { measureName, rests, tilted, whatWentWrong } from '../parts/words'
import type { SaveQueue } from '../save/saveQueue'
import { Button } from '../ui/Button'
import { FileButton, PICTURE_FILE } from '../ui/FileButton'
import { FileDrop } from '../ui/FileDrop'
import { Pick } from '../ui/Pick'
import { MarkNames, tooLarge } from './MarkNames'
import { type Dot, Marked } from './Marked'

const plusMinus = (mm: number, error: number) => lengths(mm, ' ± ', error)

const ORDER = [
  ['eye', 'rear edge of the hook eye'],
  ['bend', 'start of the bend'],
  ['point', 'hook point; if it is not to be seen, choose film left below'],
  ['film left', 'film, left of the fly'],
  ['film right', 'film, right of the fly'],
] as const

type Name = (typeof ORDER)[number][0]

const NAMES = ORDER.map(([name]) => name)
type Line = { name: string; from?: Place; to?: Place }

/** What a tier writes of a tied fly. */
export type Written = { seconds: number; massMg: number; notes: string; made: Measurement[] }

type Set = { places: Partial<Record<Name, Place>>; lines: Line[] }

/** Every mark that is set, and what the marks are when it is moved. */
function dotsOf({ places, lines }: Set): Dot<Set>[] {
  const ends = (l: Line, i: number) =>
    (['from', 'to'] as const).flatMap((end) => {
      const at = l[end]
      const moved = (to: Place) => ({ places, lines: lines.with(i, { ...l, [end]: to }) })
      return at ? [{ name: l.name, at, moved }] : []
    })
  return [
    ...Object.entries(places).map(([name, at]) => ({
      name,
      at,
      moved: (to: Place) => ({ places: { ...places, [name]: to }, lines }),
    })),
    ...lines.flatMap(ends),
  ]
}

type Props = {
  id: string
  opened: LoggedFly
  /** Picture and marks have their place among the other changes of the fly. */
  queue: SaveQueue<Written, LoggedFly>
  /** Nothing can be kept just now. */
  away?: boolean
  /** How the fly as tied should sit. */
  estimated: AsTied['made'] | undefined
  /** A measured length is to be what was made. */
  onTake: (name: string, mm: number, error: number) => void
}

/** A side-on picture of the fly, measured by marks on it: the hook gives the scale. */
export function Photo({ id, opened, queue, away, estimated, onTake }: Props) {
  const client = useQueryClient()
  const [shown, setShown] = useState(opened.pictured ? 1 : 0)
  const [told, setTold] = useState<Photograph | undefined>(opened.fly.photograph ?? undefined)
  const [said, setSaid] = useState('')
  const [sending, setSending] = useState(false)
  const [places, setPlaces] = useState<Partial<Record<Name, Place>>>({})
  const [lines, setLines] = useState<Line[]>([])
  const [mark, setMark] = useState<Name | 'from' | 'to' | undefined>('eye')
  const lengths = opened.planned.filter((p) => p.unit === 'mm')
  const [next, setNext] = useState(lengths[0] ? measureName(lengths[0]) : '')

  const take = async (chosen: File) => {
    const refused = tooLarge(chosen)
    if (refused) return setSaid(refused)
    setSending(true)
    try {
      await queue.step(async () => {
        await keepPicture(id, chosen)
        return getFly(id)
      })
      setSaid('')
      setTold(undefined)
      setPlaces({})
      setLines([])
      setMark('eye')
      setShown((n) => n + 1)
      void client.invalidateQueries({ queryKey: ['log'] })
    } catch (e) {
      setSaid(whatWentWrong(e))
    } finally {
      setSending(false)
    }
  }
  const place = (at: Place) => {
    if (mark === 'from') {
      setLines((all) => [...all.slice(0, -1), { ...(all.at(-1) as Line), from: at }])
      setMark('to')
    } else if (mark === 'to') {
      const all = [...lines.slice(0, -1), { ...(lines.at(-1) as Line), to: at }]
      setLines(all)
      setMark(undefined)
      void measure(places, all)
    } else if (mark) {
      const all = { ...places, [mark]: at }
      setPlaces(all)
      advance(mark)
      if (all.eye && all.bend) void measure(all, lines)
    }
  }
  const advance = (from: Name) => {
    const i = ORDER.findIndex(([n]) => n === from)
    setMark(ORDER[i + 1]?.[0])
  }
  const measure = async (p: Partial<Record<Name, Place>>, all: Line[]) => {
    if (!p.eye || !p.bend) return
    const film = p['film left'] && p['film right'] ? [p['film left'], p['film right']] : []
    const whole = all.filter((l) => l.from && l.to) as Marks['lines']
    try {
      const marks = { eye: p.eye, bend: p.bend, point: p.point, film, lines: whole }
      await queue.step(async () => {
        setTold(await measurePicture(id, marks))
        return getFly(id)
      })
      setSaid('')
    } catch (e) {
      setSaid(whatWentWrong(e))
    }
  }
  const words =
    mark === 'from' || mark === 'to'
      ? `${lines.at(-1)?.name ?? ''}: ${mark === 'from' ? 'its root' : 'its tip'}`
      : ORDER.find(([n]) => n === mark)?.[1]
  return (
    <section aria-label="Picture" className="mt-4">
      <FileDrop onFile={(chosen) => void take(chosen)}>
        <h2 className="flex items-center gap-3 font-serif text-xl font-semibold">
          Picture
          <FileButton
            label="Picture of the fly"
            accept={PICTURE_FILE}
            className="font-sans text-base font-normal"
            onFile={(chosen) => void take(chosen)}
          >
            {shown ? 'another picture' : 'choose a picture'}
          </FileButton>
        </h2>
        {said && (
          <p role="alert" className="text-warn">
            {said}
          </p>
        )}
        {sending && away && (
          <p role="alert" className="text-warn">
            The application does not answer. The picture is sent when it is back; leave this page
            open.
          </p>
        )}
        {shown === 0 && (
          <p className="text-soft">
            Drop a side-on picture of the fly here, in a glass of water or in the vise. Your hook
            gives the scale.
          </p>
        )}
        {shown > 0 && (
          <>
            <p aria-live="polite">
              {words ? (
                <>
                  Click: <strong>{words}</strong>
                </>
              ) : (
                'All is marked. Click a name below to mark it again.'
              )}
            </p>
            <Marked
              source={`${pictureAddress(id)}?n=${shown}`}
              dots={dotsOf({ places, lines })}
              onPlace={place}
              onMove={(now, last) => {
                setPlaces(now.places)
                setLines(now.lines)
                if (last) void measure(now.places, now.lines)
              }}
            />
            <div className="flex flex-wrap items-center gap-2 py-1">
              <MarkNames names={NAMES} marked={places} next={mark} onNext={setMark} />
              <Pick
                label="length of"
                value={next}
                options={lengths.map((p) => [measureName(p), measureName(p)] as const)}
                onChange={setNext}
              />
              <Button
                disabled={!places.eye || !places.bend}
                onClick={() => {
                  setLines((all) => [
                    ...all.filter((l) => l.name !== next && l.from && l.to),
                    { name: next },
                  ])
                  setMark('from')
                }}
              >
                mark it
              </Button>
            </div>
          </>
        )}
        {told && <Told told={told} estimated={estimated} onTake={onTake} />}
      </FileDrop>
    </section>
  )
}

/** What the picture tells, each with one standard deviation. */
function Told({
  told,
  estimated: e,
  onTake,
}: {
  told: Photograph
  estimated: Props['estimated']
  onTake: Props['onTake']
}) {
  return (
    <div aria-live="polite" data-testid="told">
      {told.warnings.map((w) => (
        <p key={w} className="text-warn">
          ▲ {w}
        </p>
      ))}
      {told.rest.map((r) => (
        <p key="rest">
          Rests {Math.abs(r.pitchDeg).toFixed(0)} ± {Math.max(1, r.pitchError).toFixed(0)}°{' '}
          {r.pitchDeg >= 0 ? 'tail' : 'head'} down, eye {plusMinus(r.eyeMm, r.error)} and start of
          the bend {plusMinus(r.bendMm, r.error)} over the film.
        </p>
      ))}
      {told.rest.length > 0 && e && rests(e.sits) && (
        <p className="text-soft">
          The estimate as tied: {tilted(e.pitchDeg, e.tilt)}, eye {length(e.eyeMm)} over the film.
        </p>
      )}
      <ul>
        {told.lengths.map((l) => (
          <li key={l.name} className="flex items-center gap-2">
            {l.name} {plusMinus(l.mm, l.error)}
            <Button onClick={() => onTake(l.name, Math.round(l.mm * 100) / 100, l.error)}>
              Use this measurement
            </Button>
          </li>
        ))}
      </ul>
      <p className="text-soft text-sm">
        {told.pxPerMm.toFixed(1)} ± {told.pxPerMmError.toFixed(1)} px a millimetre.
      </p>
    </div>
  )
}
