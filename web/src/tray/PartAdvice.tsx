import { Scale, X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { type ReactNode, useState } from 'react'
import type { PartField, PatternDocument, Sits, Substitutes, Supported } from '../api/types'
import { length, say } from '../parts/units'
import { part as partWords, rests, sitting } from '../parts/words'
import { Button } from '../ui/Button'
import { Stepper } from '../ui/Stepper'
import { Table } from '../shell/Page'
import { useAnswer, whereItIs } from '../readings/useAnswers'

type Props = {
  document: PatternDocument
  part: string
  counted: PartField | undefined
  onMaterial: (material: string) => void
  onNumber: (field: string, number: number) => void
}

/** What could stand in for a part's material, and how much of it holds the fly. */
export function PartAdvice({ document, part, counted, onMaterial, onNumber }: Props) {
  const words = partWords(part)
  return (
    <Advice label={`${words}: what else, how many`} title={`What else for the ${words}?`}>
      {(close) => (
        <>
          <Instead
            document={document}
            part={part}
            onMaterial={(m) => {
              onMaterial(m)
              close()
            }}
          />
          {counted && (
            <HowMany
              document={document}
              part={part}
              onNumber={(n) => {
                onNumber(counted.name, n)
                close()
              }}
            />
          )}
        </>
      )}
    </Advice>
  )
}

type HookStead = Substitutes['hooks'][number]

/** What hook could stand in. */
export function HookAdvice({
  document,
  onHook,
}: {
  document: PatternDocument
  onHook: (hook: HookStead) => void
}) {
  return (
    <Advice label="hook: what else" title="What other hook?">
      {(close) => (
        <Hooks
          document={document}
          onHook={(h) => {
            onHook(h)
            close()
          }}
        />
      )}
    </Advice>
  )
}

/** A button that opens a window; what stands in it is asked only while it is open. */
function Advice(props: {
  label: string
  title: string
  children: (close: () => void) => ReactNode
}) {
  const [open, setOpen] = useState(false)
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger
        aria-label={props.label}
        title={props.label}
        className="hover:text-tide p-0.5"
      >
        <Scale size={14} aria-hidden />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="bg-leaf text-ink fixed top-[6vh] left-1/2 z-50 max-h-[88vh] w-[66rem] max-w-[94vw] -translate-x-1/2 overflow-auto rounded-lg p-6 shadow-xl"
        >
          <div className="flex items-baseline justify-between">
            <Dialog.Title className="font-serif text-2xl">{props.title}</Dialog.Title>
            <Dialog.Close aria-label="Close" className="hover:text-tide p-1">
              <X size={18} aria-hidden />
            </Dialog.Close>
          </div>
          {props.children(() => setOpen(false))}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function Instead({
  document,
  part,
  onMaterial,
}: {
  document: PatternDocument
  part: string
  onMaterial: (material: string) => void
}) {
  const asked = useAnswer(document, 'SUBSTITUTES', { part })
  const found = asked.line?.substitutes
  if (!found) return <p aria-busy="true">{whereItIs(asked)}</p>
  if (found.materials.length === 0) return <p>Nothing else in the table can be used here.</p>
  return (
    <>
      <p className="text-soft my-1">
        Closest first, by stiffness, weight, thickness, air and how it sheds water.
      </p>
      <Table
        words={2}
        head={['instead', 'compared with current', 'then it sits', 'film reserve', 'weighs', '']}
        rows={found.materials.map((m) => [
          m.label,
          m.traits.map(trait).filter(Boolean).join(', ') || 'much the same',
          say(m.sits),
          m.reserve,
          mass(m.then, found.now),
          <Button key={m.id} aria-label={`use ${m.label}`} onClick={() => onMaterial(m.id)}>
            use
          </Button>,
        ])}
      />
    </>
  )
}

function Hooks({
  document,
  onHook,
}: {
  document: PatternDocument
  onHook: (hook: HookStead) => void
}) {
  const asked = useAnswer(document, 'SUBSTITUTES', { part: 'hook' })
  const found = asked.line?.substitutes
  if (!found) return <p aria-busy="true">{whereItIs(asked)}</p>
  return (
    <Table
      words={2}
      head={['instead', 'against this one', 'then it sits', 'film reserve', 'weighs', '']}
      rows={found.hooks.map((h, i) => [
        hookWords(h),
        ratios(h).join(', ') || 'much the same',
        say(h.sits),
        h.reserve,
        mass(h.then, found.now),
        <Button key={i} aria-label={`use ${hookWords(h)}`} onClick={() => onHook(h)}>
          use
        </Button>,
      ])}
    />
  )
}

function hookWords(h: HookStead): string {
  if (h.name) return `${h.name} (yours)`
  const length = steps(h.lengthSteps, 'long', 'short')
  const wire = steps(h.wireSteps, 'heavy', 'fine')
  return [`${h.size} ${h.shape.replace('-', ' ')}`, length, wire].filter(Boolean).join(', ')
}

function steps(x: number, more: string, less: string): string {
  return x === 0 ? '' : `${Math.abs(x)}X ${x > 0 ? more : less}`
}

function ratios(h: HookStead): string[] {
  const told = [
    ['shank', h.shank],
    ['gap', h.gap],
    ['wire', h.wire],
    ['weight', h.weight],
  ] as const
  return told
    .filter(([, r]) => Math.abs(r - 1) >= 0.02)
    .map(([name, r]) => `${name} ${r > 1 ? '+' : '−'}${Math.abs(100 * (r - 1)).toFixed(0)} %`)
}

const TRAITS: Record<string, [string, string]> = {
  stiffness: ['stiffer', 'softer'],
  weight: ['heavier for its room', 'lighter for its room'],
  thickness: ['thicker', 'thinner'],
  air: ['keeps more air', 'keeps less air'],
  shedding: ['sheds water better', 'sheds water worse'],
}

function trait({ trait: id, ratio }: { trait: string; ratio: number }): string {
  if (Math.abs(ratio - 1) < 0.1) return ''
  const [more, less] = TRAITS[id] ?? [id, id]
  const times = ratio > 1 ? ratio : 1 / Math.max(ratio, 0.01)
  return `${ratio > 1 ? more : less} (${times.toFixed(1)} ×)`
}

function mass(then: Sits, now: Sits): string {
  const more = then.massMg - now.massMg
  return Math.abs(more) < 0.05
    ? `${then.massMg.toFixed(0)} mg`
    : `${then.massMg.toFixed(0)} mg (${more > 0 ? '+' : '−'}${Math.abs(more).toFixed(1)})`
}

function HowMany({
  document,
  part,
  onNumber,
}: {
  document: PatternDocument
  part: string
  onNumber: (number: number) => void
}) {
  const [wanted, setWanted] = useState(2)
  const asked = useAnswer(document, 'SUPPORT', { part, reserve: String(wanted) })
  const found = asked.line?.support
  return (
    <section className="border-rule mt-5 border-t pt-3">
      <h3 className="font-serif text-xl">How many hold it?</h3>
      <div className="max-w-xs">
        <Stepper
          label="film reserve wanted"
          value={wanted}
          step={0.5}
          low={1}
          high={10}
          unit="×"
          onChange={setWanted}
        />
      </div>
      {found ? (
        <Enough found={found} onNumber={onNumber} />
      ) : (
        <p aria-busy="true">{whereItIs(asked)}</p>
      )}
    </section>
  )
}

function Enough({ found, onNumber }: { found: Supported; onNumber: (number: number) => void }) {
  return (
    <>
      <p role="status" className="my-2">
        {found.enough > 0
          ? `${found.enough} ${found.unit} reach it; there are ${found.now}.`
          : `No number of ${found.unit} from ${found.tried[0]?.number} to ${found.tried[found.tried.length - 1]?.number} reaches it and keeps the fly sitting as it does.`}{' '}
        {found.enough > 0 && found.enough !== found.now && (
          <Button onClick={() => onNumber(found.enough)}>tie {found.enough}</Button>
        )}
      </p>
      <Table
        words={1}
        head={[found.unit, 'sits', 'eye', 'film reserve']}
        rows={found.tried.map((t) => [
          `${t.number}${t.number === found.now ? ' (now)' : ''}`,
          sitting(t.sits.sits),
          !rests(t.sits.sits) ? '' : length(t.sits.eyeMm),
          !rests(t.sits.sits) ? '0' : `${t.sits.keepsPostureTo.toFixed(1)} ×`,
        ])}
      />
    </>
  )
}
