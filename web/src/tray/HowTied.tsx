import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import type {
  Estimate,
  Handle,
  Part,
  PartKind,
  PatternDocument,
  PlaceAt,
  Snap,
  StretchAt,
} from '../api/types'
import { nameOfPart, withPart, withPreparation } from '../parts/document'
import { isPlace, placesFor, stretchesOf } from '../parts/place'
import { title } from '../parts/words'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { IconButton } from '../ui/IconButton'
import { Pick } from '../ui/Pick'
import { Window } from '../ui/Window'
import { ColourFields } from '../colour/ColourFields'
import { Feathers } from './Feathers'
import { PlaceFields } from './PlaceFields'

const MOST_STRETCHES = 6

const ALSO = [
  ['wax', 'wax the thread before it'],
  ['flatten', 'flatten the thread before it'],
  ['wet', 'wet it first'],
  ['figure-of-eight', 'cross it with thread'],
  ['brush-out', 'brush it out'],
  ['pick-out', 'pick it out'],
  ['clip-stray', 'cut stray fibres below'],
  ['seal', 'a drop of varnish on its foot'],
  ['turn-over', 'look at it from below'],
  ['half-hitch', 'a half hitch behind it'],
] as const

type Props = {
  document: PatternDocument
  index: number
  kind: PartKind
  estimate: Estimate | undefined
  onChange: (next: PatternDocument) => void
}

/** How a part is tied: its colour, where, by which end, of what else, and what else is done to it. */
export function HowTied(props: Props) {
  const [open, setOpen] = useState(false)
  const name = nameOfPart(props.document.pattern.parts, props.index)
  return (
    <>
      <Button onClick={() => setOpen(true)}>How it is tied…</Button>
      {open && (
        <Window
          title={`How the ${title(name).toLowerCase()} is tied`}
          open
          onClose={() => setOpen(false)}
        >
          <Fields {...props} name={name} />
        </Window>
      )}
    </>
  )
}

function Fields({ document, index, kind, estimate, onChange, name }: Props & { name: string }) {
  const part = document.pattern.parts[index] as Part
  const put = (change: Partial<Part>) => onChange(withPart(document, index, change))
  const handles = (estimate?.handles ?? []).filter((h) => h.part === name && isPlace(h))
  const places = estimate ? placesFor(estimate, name) : []
  const others = document.pattern.parts
    .map((_, i) => nameOfPart(document.pattern.parts, i))
    .filter((other) => other !== name)
  const also = part.also ?? []
  return (
    <div className="mt-2 grid gap-3">
      <ColourFields
        of={title(name).toLowerCase()}
        value={part.colour}
        onChange={(colour) => put({ colour })}
      />
      <Where part={part} handles={handles} places={places} onChange={put} />
      <div className="flex flex-wrap gap-x-6 gap-y-1">
        <Choice
          label="bound in by"
          value={part.tiedInBy ?? 'usual'}
          options={[
            ['usual', 'as usual'],
            ['butt', 'its butt'],
            ['tip', 'its tip'],
          ]}
          onChange={(by) => put({ tiedInBy: by === 'usual' ? undefined : by })}
        />
        <Choice
          label="bright side"
          value={part.brightSide ?? 'usual'}
          options={[
            ['usual', 'as usual'],
            ['forward', 'forward'],
            ['back', 'back'],
          ]}
          onChange={(side) => put({ brightSide: side === 'usual' ? undefined : side })}
        />
        <Pick
          label="cut from"
          value={part.cutFrom ?? 'itself'}
          options={[
            ['itself', 'a piece of its own'],
            ...others.map((other) => [other, `the ${title(other).toLowerCase()}’s`] as const),
          ]}
          onChange={(other) => put({ cutFrom: other === 'itself' ? undefined : other })}
        />
        <Choice
          label="for the water"
          value={document.pattern.preparation?.find((p) => p.part === name)?.how ?? 'usual'}
          options={[
            ['usual', 'as the style has it'],
            ['dressed', 'dressed'],
            ['bare', 'bare'],
            ['wetted', 'wetted'],
          ]}
          onChange={(how) =>
            onChange(withPreparation(document, name, how === 'usual' ? undefined : how))
          }
        />
      </div>
      {kind.severalFeathers && (
        <Feathers
          kind={kind}
          value={part.with ?? []}
          wound={part.wound ?? 'in-turn'}
          turns={Number(part['turns'] ?? 2)}
          onChange={(feathers, wound) =>
            put({
              with: feathers.length === 0 ? undefined : feathers,
              wound: feathers.length === 0 ? undefined : wound,
            })
          }
        />
      )}
      <fieldset>
        <legend className="font-semibold">Hands also</legend>
        <div className="grid grid-cols-2 gap-x-6 max-sm:grid-cols-1">
          {ALSO.map(([id, words]) => (
            <label key={id} className="flex items-center gap-2 pointer-coarse:min-h-11">
              <input
                type="checkbox"
                checked={also.includes(id)}
                onChange={(e) => {
                  const next = e.target.checked ? [...also, id] : also.filter((a) => a !== id)
                  put({ also: next.length === 0 ? undefined : next })
                }}
              />
              {words}
            </label>
          ))}
        </div>
      </fieldset>
    </div>
  )
}

/** Where it is bound in, or wound: as its style has it, or at places of its own. */
function Where({
  part,
  handles,
  places,
  onChange,
}: {
  part: Part
  handles: Handle[]
  places: Snap[]
  onChange: (change: Partial<Part>) => void
}) {
  if (handles.length === 0) return null
  const wound = handles.some((h) => h.field !== 'seat')
  const own = wound ? part.stretches : part.seat
  const now = stretchesOf(part, handles)
  const seat: PlaceAt = {
    landmark: handles[0]?.place[0]?.reach ?? 'hook-barb',
    offset: handles[0]?.place[0]?.offset ?? 0,
    unit: (handles[0]?.place[0]?.unit ?? 'mm') as PlaceAt['unit'],
  }
  const put = (stretches: StretchAt[]) => onChange({ stretches })
  const change = (i: number, end: 'from' | 'to') => (place: PlaceAt) =>
    put(now.map((s, j) => (i === j ? { ...s, [end]: place } : s)))
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">
        {wound ? 'Where it is wound' : 'Where it is bound in'}
      </legend>
      <Choice
        label="place"
        value={own ? 'own' : 'style'}
        options={[
          ['style', 'where the style ties it'],
          ['own', 'said here'],
        ]}
        onChange={(who) =>
          onChange(
            wound
              ? { stretches: who === 'own' ? now : undefined }
              : { seat: who === 'own' ? seat : undefined },
          )
        }
      />
      {own && !wound && (
        <PlaceFields
          label="at"
          value={part.seat ?? seat}
          places={places}
          onChange={(place) => onChange({ seat: place })}
        />
      )}
      {own &&
        wound &&
        now.map((s, i) => (
          <div key={i} className="border-rule flex flex-wrap items-center gap-x-4 border-b py-1">
            <PlaceFields
              label={`from ${i + 1}`}
              value={s.from}
              places={places}
              onChange={change(i, 'from')}
            />
            <PlaceFields
              label={`to ${i + 1}`}
              value={s.to}
              places={places}
              onChange={change(i, 'to')}
            />
            <IconButton
              label={`leave out stretch ${i + 1}`}
              disabled={now.length === 1}
              onClick={() => put(now.filter((_, j) => j !== i))}
              icon={<X size={16} aria-hidden />}
            />
          </div>
        ))}
      {own && wound && now.length < MOST_STRETCHES && (
        <span>
          <Button
            onClick={() =>
              put([...now, { from: now.at(-1)?.to ?? seat, to: { landmark: 'head' } }])
            }
          >
            <Plus size={14} className="inline" aria-hidden /> Another stretch
          </Button>
        </span>
      )}
    </fieldset>
  )
}
