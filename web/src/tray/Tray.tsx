import { useQuery } from '@tanstack/react-query'
import { Tabs } from 'radix-ui'
import { Suspense, lazy, memo, useState } from 'react'
import { listHooks } from '../api/client'
import type {
  Conditions,
  Estimate,
  Hook,
  Hooks,
  Part,
  PartKind,
  PatternDocument,
} from '../api/types'
import { unit } from '../parts/units'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { Sheet } from '../ui/Sheet'
import { Stepper } from '../ui/Stepper'
import { lookOf, tintOf } from '../scene/looks'
import { AddPart, PartSheet } from './PartSheets'
import { useStore } from '../ui/store'
import { title } from '../parts/words'
import { inserted, nameOfPart, withConditions, withHook, withParts } from '../parts/document'

const HookAdvice = lazy(() => import('./PartAdvice').then((m) => ({ default: m.HookAdvice })))
const Colourings = lazy(() => import('./Colourings').then((m) => ({ default: m.Colourings })))
const OrderOfWork = lazy(() =>
  import('../order/OrderOfWork').then((m) => ({ default: m.OrderOfWork })),
)

type Props = {
  document: PatternDocument
  estimate: Estimate | undefined
  kinds: PartKind[]
  /** The part whose sheet is open, hook and water too. */
  chosen: string
  onChoose: (part: string) => void
  onChange: (next: PatternDocument) => void
}

/** What lies on the bench: hook, parts in tying order, water; the sheet of the chosen one is open. */
export const Tray = memo(function Tray(props: Props) {
  const { document, estimate, kinds, chosen, onChoose, onChange } = props
  useStore(unit)
  const [ordering, setOrdering] = useState(false)
  const [colouring, setColouring] = useState(false)
  const parts = document.pattern.parts
  const names = parts.map((_, i) => nameOfPart(parts, i))
  const tabs = ['hook', ...names, 'water']
  const open = tabs.includes(chosen) ? chosen : (FIRST.find((t) => tabs.includes(t)) ?? 'hook')
  const crowded = estimate?.warnings.map((w) => w.part) ?? []
  return (
    <Tabs.Root
      value={open}
      onValueChange={onChoose}
      className="px-6 pb-3 max-sm:px-3 print:hidden"
      data-testid="tray"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
        <Tabs.List aria-label="On the bench, in tying order" className="flex flex-wrap gap-1">
          {tabs.map((name) => (
            <Tabs.Trigger
              key={name}
              value={name}
              className="border-edge data-[state=active]:border-tide data-[state=active]:bg-paper hover:border-tide flex items-center gap-1.5 rounded-md border px-2.5 py-0.5 pointer-coarse:min-h-11 data-[state=active]:font-semibold"
            >
              {names.includes(name) && (
                <span
                  aria-hidden
                  className="inline-block size-2.5 rounded-full"
                  style={{
                    background: lookOf(
                      name,
                      parts[names.indexOf(name)]?.material,
                      tintOf(estimate?.outline, name),
                    ).colour,
                  }}
                />
              )}
              {name === 'hook' ? `Hook ${document.pattern.hook.size}` : title(name)}
              {crowded.includes(name) && <span className="text-warn">▲</span>}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <span className="flex-1" />
        <Button onClick={() => setColouring(true)}>Colours…</Button>
        <Button onClick={() => setOrdering(true)}>Order of work…</Button>
        <AddPart
          kinds={kinds}
          style={document.pattern.style}
          onAdd={(part) => {
            const next = inserted(parts as Part[], part, kinds)
            onChange(withParts(document, next))
            onChoose(nameOfPart(next, next.indexOf(part)))
          }}
        />
      </div>
      {ordering && (
        <Suspense>
          <OrderOfWork document={document} onChange={onChange} onClose={() => setOrdering(false)} />
        </Suspense>
      )}
      {colouring && (
        <Suspense>
          <Colourings document={document} onChange={onChange} onClose={() => setColouring(false)} />
        </Suspense>
      )}
      <Tabs.Content value={open} className="min-h-14 pt-1">
        {open === 'hook' ? (
          <HookSheet document={document} onChange={onChange} />
        ) : open === 'water' ? (
          <WaterSheet document={document} onChange={onChange} />
        ) : (
          <PartSheet
            document={document}
            index={names.indexOf(open)}
            estimate={estimate}
            kinds={kinds}
            onChange={onChange}
            onChoose={onChoose}
          />
        )}
      </Tabs.Content>
    </Tabs.Root>
  )
})

/** What is open first: what most tiers change most. */
const FIRST = ['collar-hackle', 'parachute-hackle', 'forward-plume', 'flat-wing', 'hook']

type SheetProps = { document: PatternDocument; onChange: (next: PatternDocument) => void }

function HookSheet({ document, onChange }: SheetProps) {
  const { hook } = document.pattern
  const changeHook = (change: Partial<Hook>) => onChange(withHook(document, change))
  const own = useQuery({ queryKey: ['hooks'], queryFn: listHooks }).data?.own ?? []
  const measured = hook.measured ? [hook.measured.name] : []
  return (
    <Sheet
      title="Hook"
      buttons={
        <Suspense>
          <HookAdvice
            document={document}
            onHook={(h) =>
              changeHook(
                h.name === ''
                  ? {
                      size: h.size,
                      shape: h.shape as Hook['shape'],
                      lengthSteps: h.lengthSteps,
                      wireSteps: h.wireSteps,
                      measured: undefined,
                    }
                  : chosen(h.name, own, hook),
              )
            }
          />
        </Suspense>
      }
    >
      {(own.length > 0 || hook.measured) && (
        <Pick
          label="hook"
          value={hook.measured?.name ?? TABLE}
          options={[TABLE, ...new Set([...own.map((o) => o.hook.name), ...measured])].map(
            (name) => [name, name] as const,
          )}
          onChange={(name) => changeHook(chosen(name, own, hook))}
        />
      )}
      <Stepper
        label="size"
        value={hook.size}
        step={1}
        low={1}
        high={32}
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
      <Choice
        label="hook barb"
        value={hook.barb === false ? 'none' : 'up'}
        options={[
          ['up', 'up'],
          ['none', 'none or pressed'],
        ]}
        onChange={(barb) => changeHook({ barb: barb === 'up' })}
      />
    </Sheet>
  )
}

function WaterSheet({ document, onChange }: SheetProps) {
  const conditions = document.conditions as Conditions
  const changeWater = (change: Partial<Conditions>) => onChange(withConditions(document, change))
  return (
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
        unit="× fly weight"
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
  )
}

const TABLE = 'standard size'

/** A hook that was measured, or the table's. */
function chosen(name: string, own: Hooks['own'], before: Hook): Partial<Hook> {
  const found = own.find((o) => o.hook.name === name)
  if (!found) return name === TABLE ? { measured: undefined } : { measured: before.measured }
  const { size, shape, shankMm, gapMm, wireMm, eyeMm } = found.hook
  const weight = found.tenMg > 0 ? { tenMg: found.tenMg } : {}
  return {
    size,
    shape: shape as Hook['shape'],
    lengthSteps: 0,
    wireSteps: 0,
    measured: { name, shankMm, gapMm, wireMm, eyeMm, ...weight },
  }
}

/** The curl that a spool leaves in a tippet, radius in mm. */
const CURL_MM = { up: 60, straight: 0, down: -60 }

function curl(radiusMm: number): keyof typeof CURL_MM {
  return radiusMm === 0 ? 'straight' : radiusMm > 0 ? 'up' : 'down'
}

function steps(value: number, low: string, high: string): string {
  return value === 0 ? 'std' : value < 0 ? low : high
}
