import type { Conditions, Estimate, Hook, PartKind, PatternDocument } from '../api/types'
import { withConditions, withHook } from '../parts/document'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { Sheet } from '../ui/Sheet'
import { Stepper } from '../ui/Stepper'
import { PartSheets } from './PartSheets'

type Props = {
  document: PatternDocument
  estimate: Estimate | undefined
  kinds: PartKind[]
  onChange: (next: PatternDocument) => void
}

/** What lies on the bench: the hook, each part in tying order, and the water. */
export function Tray({ document, estimate, kinds, onChange }: Props) {
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
            ['short-curved', 'short'],
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
      <PartSheets document={document} estimate={estimate} kinds={kinds} onChange={onChange} />
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
