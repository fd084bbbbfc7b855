import { ArrowLeft, ArrowRight, CopyPlus, X } from 'lucide-react'
import { Suspense, lazy, useState } from 'react'
import { usualPart } from '../api/client'
import type {
  Estimate,
  Length,
  Part,
  PartField,
  PartKind,
  PatternDocument,
  Reference,
} from '../api/types'
import type { Offer } from './FromDrawer'
import { Choice } from '../ui/Choice'
import { IconButton } from '../ui/IconButton'
import { LengthStepper } from './LengthStepper'
import { Pick } from '../ui/Pick'
import { Sheet } from '../ui/Sheet'
import { length, say } from '../parts/units'
import { Stepper } from '../ui/Stepper'
import { part as words, title } from '../parts/words'
import { moved, nameOfPart, withPart, withParts } from '../parts/document'

const FromDrawer = lazy(() => import('./FromDrawer').then((m) => ({ default: m.FromDrawer })))
const HowTied = lazy(() => import('./HowTied').then((m) => ({ default: m.HowTied })))
const PartAdvice = lazy(() => import('./PartAdvice').then((m) => ({ default: m.PartAdvice })))

type Props = {
  document: PatternDocument
  estimate: Estimate | undefined
  kinds: PartKind[]
  onChange: (next: PatternDocument) => void
}

/** The sheet of one part, made from what its kind can be asked. */
export function PartSheet({
  document,
  index,
  estimate,
  kinds,
  onChange,
  onChoose,
}: Props & { index: number; onChoose: (part: string) => void }) {
  const parts = document.pattern.parts as Part[]
  const p = parts[index]
  const kind = kinds.find((k) => k.id === p?.part)
  if (!p || !kind) return null
  const name = nameOfPart(parts, index)
  return (
    <Sheet
      title={title(name)}
      buttons={
        <>
          {/* as wide as what comes, or the row wraps when it does and the drawing jumps */}
          <Suspense fallback={<span className="h-9 w-72 max-sm:w-40" />}>
            <HowTied
              document={document}
              index={index}
              kind={kind}
              estimate={estimate}
              onChange={onChange}
            />
            <PartAdvice
              document={document}
              part={name}
              counted={countedField(kind)}
              onMaterial={(material) => onChange(withPart(document, index, { material }))}
              onNumber={(field, number) => onChange(withPart(document, index, { [field]: number }))}
            />
            <FromDrawer
              document={document}
              part={name}
              onTake={(offer) => onChange(withPart(document, index, madeOf(offer, kind)))}
            />
          </Suspense>
          <Order
            name={words(name)}
            first={index === 0}
            last={index === parts.length - 1}
            only={parts.length === 1}
            onMove={(by) => {
              const next = moved(parts, index, by)
              onChange(withParts(document, next))
              onChoose(nameOfPart(next, index + by))
            }}
            onDouble={() => {
              const next = [...parts.slice(0, index + 1), { ...p }, ...parts.slice(index + 1)]
              onChange(withParts(document, next))
              onChoose(nameOfPart(next, index + 1))
            }}
            onRemove={() => {
              onChange(
                withParts(
                  document,
                  parts.filter((_, j) => j !== index),
                ),
              )
              onChoose('')
            }}
          />
        </>
      }
    >
      <Pick
        label="material"
        value={p.material}
        options={choices(kind, p.material)}
        onChange={(material) => onChange(withPart(document, index, { material }))}
      />
      {kind.fields.filter(used(p)).map((field) => (
        <div key={field.name}>
          <Field
            field={field}
            value={p[field.name]}
            mm={estimate?.dimensions.find((d) => d.part === name && d.name === field.name)?.mm}
            referenceMm={referenceMm(estimate, name, field)}
            onChange={(value) => onChange(withPart(document, index, { [field.name]: value }))}
          />
          {field.name === 'feather' && <FeatherNote estimate={estimate} name={name} />}
          {field.name === 'length' && kind.id === 'extended-body' && (
            <AsLongAs
              estimate={estimate}
              name={name}
              onChange={(length) => onChange(withPart(document, index, { length }))}
            />
          )}
        </div>
      ))}
    </Sheet>
  )
}

/** What a part is once it is made of something in the drawer. */
function madeOf({ item, barbMm, turns }: Offer, kind: PartKind): Partial<Part> {
  const { kind: material, colour, marking, second, lengthMm } = item
  const plain = marking === 'plain'
  const look = colour
    ? { name: colour, ...(plain ? {} : { marking }), ...(second && { second }) }
    : undefined
  const has = (name: string) => kind.fields.some((f) => f.name === name)
  return {
    material,
    ...(look && { colour: look as Part['colour'] }),
    ...(lengthMm > 0 && has('feather') && { feather: lengthMm }),
    ...(barbMm > 0 && has('barb') && { barb: { value: barbMm, unit: 'mm' } }),
    ...(turns > 0 && has('turns') && { turns }),
  }
}

/** The field by which more of a part holds more, if it has one. */
const countedField = (kind: PartKind) =>
  kind.fields.find((f) => f.name === 'count' || f.name === 'turns')

function Order(props: {
  name: string
  first: boolean
  last: boolean
  only: boolean
  onMove: (by: -1 | 1) => void
  onDouble: () => void
  onRemove: () => void
}) {
  const { name, first, last, only, onMove, onDouble, onRemove } = props
  return (
    <span className="flex">
      <IconButton
        label={`${name}: tie earlier`}
        disabled={first}
        onClick={() => onMove(-1)}
        icon={<ArrowLeft size={14} aria-hidden />}
      />
      <IconButton
        label={`${name}: tie later`}
        disabled={last}
        onClick={() => onMove(1)}
        icon={<ArrowRight size={14} aria-hidden />}
      />
      <IconButton
        label={`${name}: duplicate`}
        onClick={onDouble}
        icon={<CopyPlus size={14} aria-hidden />}
      />
      <IconButton
        label={`${name}: leave out`}
        disabled={only}
        onClick={onRemove}
        icon={<X size={14} aria-hidden />}
      />
    </span>
  )
}

const LABELS: Record<string, string> = { wires: 'thickness', feather: 'available feather length' }

const UNITS: Record<string, string> = {
  'wire diameters': 'wires',
  deg: '°',
  mm: 'mm',
  denier: 'den',
  'a side': 'a side',
}

function Field({
  field,
  value,
  mm,
  referenceMm,
  onChange,
}: {
  field: PartField
  value: Part[string] | undefined
  mm: number | undefined
  /** How long what its rule goes by is, as the core has it. */
  referenceMm: number
  onChange: (value: Part[string]) => void
}) {
  if (value === undefined) return null
  if (field.type === 'length') {
    return (
      <LengthStepper
        label={field.name}
        value={value as Length}
        mm={mm}
        reference={field.reference as Reference}
        referenceMm={referenceMm}
        lies={field.name === 'length'}
        onChange={onChange}
      />
    )
  }
  if (field.type === 'choice') {
    const options = field.options.map((o) => [o, o.replace('-', ' ')] as const)
    const Control = options.length > 3 ? Pick : Choice
    return (
      <Control label={field.name} value={value as string} options={options} onChange={onChange} />
    )
  }
  const count = field.name === 'count'
  return (
    <Stepper
      label={LABELS[field.name] ?? (count && field.unit !== 'a side' ? field.unit : field.name)}
      value={value as number}
      step={field.type === 'count' ? 1 : step(field.unit)}
      low={field.low}
      high={field.high}
      unit={UNITS[field.unit]}
      blank={field.name === 'feather'}
      onChange={onChange}
    />
  )
}

/** What is not trimmed is not clipped to a length. */
const used = (p: Part) => (field: PartField) => field.name !== 'clip' || p.trim !== 'full'

/** Length of what a field's rule goes by, from a place that the core draws a hand to, mm. */
function referenceMm(estimate: Estimate | undefined, name: string, field: PartField): number {
  const handle = estimate?.handles.find((h) => h.part === name && h.field === field.name)
  const snap = handle?.snaps.find((s) => s.length.rule === field.reference)
  return snap ? snap.mm / snap.length.factor : 1
}

/** What one press of a button changes. */
function step(unit: string): number {
  if (unit === 'turns') return 0.5
  return unit === 'deg' || unit === 'mm' ? 1 : 0.1
}

function FeatherNote({ estimate, name }: { estimate: Estimate | undefined; name: string }) {
  const feather = estimate?.feathers.find((f) => f.part === name)
  if (!feather) return null
  return (
    <p className="text-soft text-right text-sm">
      hackle size {feather.hackleSize.toFixed(0)}, uses {length(feather.usedMm, 0)}
      {feather.runsOutAfterTurns > 0 && (
        <span className="text-warn"> ▲ runs out after {feather.runsOutAfterTurns} turns</span>
      )}
    </p>
  )
}

/** On which hook a body would be as long, and the extension that makes it as long as another's. */
function AsLongAs({
  estimate,
  name,
  onChange,
}: {
  estimate: Estimate | undefined
  name: string
  onChange: (length: Length) => void
}) {
  const handle = estimate?.handles.find((h) => h.part === name && h.field === 'length')
  const sizes = handle?.snaps.filter((s) => s.name.startsWith('as long as')) ?? []
  if (!estimate || sizes.length === 0) return null
  return (
    <div className="text-soft text-sm">
      <p>{say(estimate.asLongAs)}</p>
      <Pick
        label="make it as long as"
        value=""
        placeholder="size"
        options={sizes.map((s) => [s.name, s.name.replace('as long as ', '')] as const)}
        onChange={(chosen) => {
          const snap = sizes.find((s) => s.name === chosen)
          if (snap) onChange({ value: Number(snap.mm.toFixed(1)), unit: 'mm' })
        }}
      />
    </div>
  )
}

export function AddPart({
  kinds,
  style,
  onAdd,
}: {
  kinds: PartKind[]
  style: string
  onAdd: (part: Part) => void
}) {
  const [failed, setFailed] = useState('')
  const add = (kind: string) => {
    usualPart(style, kind)
      .then((part) => {
        setFailed('')
        onAdd(part)
      })
      .catch((cause: Error) => setFailed(cause.message))
  }
  return (
    <span className="flex items-center gap-2">
      <Pick
        label="add a part"
        value=""
        placeholder="choose"
        options={kinds.map((k) => [k.id, k.label] as const)}
        onChange={add}
      />
      {failed && <span role="alert">{failed}</span>}
    </span>
  )
}

/** The materials that serve here, and the one that is taken though it does not. */
function choices(kind: PartKind, now: string) {
  const served = kind.materials.map((m) => [m.id, m.label] as const)
  return served.some(([id]) => id === now)
    ? served
    : [...served, [now, `${now.replaceAll('-', ' ')} (unusual)`] as const]
}
