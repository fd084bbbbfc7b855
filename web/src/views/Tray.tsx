import type { Conditions, Estimate, Hook, Part, PatternDocument } from '../api/types'
import { partOf, withConditions, withHook, withPart } from '../parts/document'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { LengthStepper } from '../ui/LengthStepper'
import { Stepper } from '../ui/Stepper'
import type { ReactNode } from 'react'

type Props = {
  document: PatternDocument
  estimate: Estimate | undefined
  onChange: (next: PatternDocument) => void
}

/** What lies on the bench: the hook, each part in tying order, and the water. */
export function Tray({ document, estimate, onChange }: Props) {
  const { hook } = document.pattern
  const changeHook = (change: Partial<Hook>) => onChange(withHook(document, change))
  const conditions = document.conditions as Conditions
  const changeWater = (change: Partial<Conditions>) => onChange(withConditions(document, change))
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-3 px-6 pt-2 pb-4">
      <Sheet title="Hook">
        <Stepper
          label="size"
          value={hook.size}
          step={1}
          low={8}
          high={22}
          onChange={(size) => changeHook({ size })}
        />
        <Choice
          label="shape"
          value={hook.shape}
          options={[
            ['straight', 'straight'],
            ['curved', 'curved'],
          ]}
          onChange={(shape) => changeHook({ shape })}
        />
        <Stepper
          label="X length"
          value={hook.lengthSteps ?? 0}
          step={1}
          low={-2}
          high={4}
          unit={steps(hook.lengthSteps ?? 0, 'short', 'long')}
          onChange={(lengthSteps) => changeHook({ lengthSteps })}
        />
        <Stepper
          label="X wire"
          value={hook.wireSteps ?? 0}
          step={1}
          low={-2}
          high={2}
          unit={steps(hook.wireSteps ?? 0, 'fine', 'heavy')}
          onChange={(wireSteps) => changeHook({ wireSteps })}
        />
      </Sheet>
      {document.pattern.parts.map((p) => (
        <PartSheet
          key={p.part}
          part={partOf(document, p.part) as Part}
          estimate={estimate}
          onChange={(change) => onChange(withPart(document, p.part, change))}
        />
      ))}
      <Sheet title="Water">
        <Pick
          label="floatant"
          value={conditions.floatant}
          options={[
            ['none', 'none'],
            ['gel', 'gel'],
            ['powder', 'powder'],
            ['pre-soak', 'pre-soak'],
          ]}
          onChange={(floatant) => changeWater({ floatant })}
        />
        <Stepper
          label="temperature"
          value={conditions.temperature}
          step={1}
          low={0}
          high={40}
          unit="°C"
          onChange={(temperature) => changeWater({ temperature })}
        />
        <Stepper
          label="landing"
          value={conditions.touchdownFactor}
          step={0.5}
          low={1}
          high={8}
          unit="× W"
          onChange={(touchdownFactor) => changeWater({ touchdownFactor })}
        />
        <Stepper
          label="false casts"
          value={conditions.falseCastsPerMinute ?? 0.7}
          step={0.1}
          low={0}
          high={20}
          unit="/min"
          onChange={(falseCastsPerMinute) => changeWater({ falseCastsPerMinute })}
        />
        <Choice
          label="tippet"
          value={conditions.tippet ? 'tied' : 'cut'}
          options={[
            ['cut', 'cut off'],
            ['tied', 'tied on'],
          ]}
          onChange={(tippet) =>
            changeWater({ tippet: tippet === 'tied' ? { diameterMm: 0.13 } : undefined })
          }
        />
        {conditions.tippet && (
          <Stepper
            label="tippet size"
            value={conditions.tippet.diameterMm}
            step={0.01}
            low={0.05}
            high={0.4}
            unit="mm"
            onChange={(diameterMm) => changeWater({ tippet: { ...conditions.tippet, diameterMm } })}
          />
        )}
        {conditions.tippet && (
          <Choice
            label="its curl"
            value={curl(conditions.tippet.curlRadiusMm ?? 0)}
            options={[
              ['up', 'up'],
              ['straight', 'straight'],
              ['down', 'down'],
            ]}
            onChange={(way) => {
              const { diameterMm } = conditions.tippet ?? { diameterMm: 0.13 }
              changeWater({ tippet: { diameterMm, curlRadiusMm: CURL_MM[way] } })
            }}
          />
        )}
      </Sheet>
    </div>
  )
}

/** The curl that a spool leaves in a tippet, radius in mm. */
const CURL_MM = { up: 60, straight: 0, down: -60 }

function curl(radiusMm: number): keyof typeof CURL_MM {
  return radiusMm === 0 ? 'straight' : radiusMm > 0 ? 'up' : 'down'
}

function steps(value: number, low: string, high: string): string {
  return value === 0 ? 'std' : value < 0 ? low : high
}

const TITLES: Record<string, string> = {
  tail: 'Tail',
  body: 'Body',
  'upright-wing': 'Wing',
  'collar-hackle': 'Hackle',
  post: 'Post',
  'parachute-hackle': 'Hackle',
  'forward-plume': 'Plumes',
}

function PartSheet({
  part,
  estimate,
  onChange,
}: {
  part: Part
  estimate: Estimate | undefined
  onChange: (change: Partial<Part>) => void
}) {
  const sized = (name: string) =>
    estimate?.dimensions.find((d) => d.part === part.part && d.name === name)?.mm
  const hook = estimate?.hook
  const isHackle = part.part === 'collar-hackle' || part.part === 'parachute-hackle'
  const reference = isHackle
    ? 'gap'
    : part.part === 'tail' || part.part === 'forward-plume'
      ? 'hook-length'
      : 'shank'
  const referenceMm =
    { gap: hook?.gapMm, shank: hook?.shankMm, 'hook-length': hook?.hookLengthMm }[reference] ?? 1
  return (
    <Sheet title={TITLES[part.part] ?? part.part}>
      {part.count !== undefined && (
        <Stepper
          label={part.part === 'tail' ? 'fibres' : 'plumes'}
          value={part.count}
          step={1}
          low={part.part === 'tail' ? 2 : 1}
          high={part.part === 'tail' ? 24 : 8}
          onChange={(count) => onChange({ count })}
        />
      )}
      {part.turns !== undefined && (
        <Stepper
          label="turns"
          value={part.turns}
          step={0.5}
          low={1}
          high={12}
          onChange={(turns) => onChange({ turns })}
        />
      )}
      {part.wires !== undefined && (
        <Stepper
          label="thickness"
          value={part.wires}
          step={0.1}
          low={1.2}
          high={6}
          unit="wires"
          onChange={(wires) => onChange({ wires })}
        />
      )}
      {part.length !== undefined && (
        <LengthStepper
          label="length"
          value={part.length}
          mm={sized('length')}
          reference={reference}
          referenceMm={referenceMm}
          onChange={(length) => onChange({ length })}
        />
      )}
      {part.barb !== undefined && (
        <LengthStepper
          label="barb"
          value={part.barb}
          mm={sized('barb')}
          reference={reference}
          referenceMm={referenceMm}
          onChange={(barb) => onChange({ barb })}
        />
      )}
      {part.clippedBelow !== undefined && (
        <Choice
          label="below"
          value={part.clippedBelow ? 'clipped' : 'full'}
          options={[
            ['full', 'full'],
            ['clipped', 'clipped'],
          ]}
          onChange={(below) => onChange({ clippedBelow: below === 'clipped' })}
        />
      )}
    </Sheet>
  )
}

function Sheet({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="min-w-44 flex-1">
      <legend className="font-serif text-lg font-semibold">{title}</legend>
      <div className="space-y-1">{children}</div>
    </fieldset>
  )
}
