import { X } from 'lucide-react'
import type { FurtherFeather, PartKind, Winding } from '../api/types'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { IconButton } from '../ui/IconButton'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { ColourFields } from '../colour/ColourFields'

const MOST = 3

const WINDINGS = [
  ['in-turn', 'one after the other'],
  ['through', 'through each other'],
  ['together', 'together as one'],
] as const

/** Feathers wound along with the first. */
export function Feathers({
  kind,
  value,
  wound,
  turns,
  onChange,
}: {
  kind: PartKind
  value: FurtherFeather[]
  wound: Winding
  /** Turns of the first feather. */
  turns: number
  onChange: (feathers: FurtherFeather[], wound: Winding) => void
}) {
  const put = (i: number, change: Partial<FurtherFeather>) =>
    onChange(
      value.map((f, j) => (i === j ? { ...f, ...change } : f)),
      wound,
    )
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Wound with it</legend>
      {value.map((feather, i) => {
        const name = `feather ${i + 2}`
        return (
          <div key={i} className="border-rule flex flex-wrap items-center gap-x-4 gap-y-1 border-b">
            <Pick
              label={name}
              value={feather.material}
              options={kind.materials.map((m) => [m.id, m.label] as const)}
              onChange={(material) => put(i, { material })}
            />
            <Stepper
              label={`${name} turns`}
              value={feather.turns}
              step={0.5}
              low={1}
              high={12}
              onChange={(n) => put(i, { turns: n })}
            />
            <ColourFields
              of={name}
              value={feather.colour}
              onChange={(colour) => put(i, { colour })}
            />
            <IconButton
              label={`leave out ${name}`}
              onClick={() =>
                onChange(
                  value.filter((_, j) => j !== i),
                  wound,
                )
              }
              icon={<X size={16} aria-hidden />}
            />
          </div>
        )
      })}
      {value.length > 0 && (
        <Choice
          label="they are wound"
          value={wound}
          options={WINDINGS}
          onChange={(how) => onChange(value, how)}
        />
      )}
      {value.length < MOST && (
        <span>
          <Button
            onClick={() =>
              onChange(
                [...value, { material: kind.materials[0]?.id ?? '', turns: Math.max(1, turns) }],
                wound,
              )
            }
          >
            Add a feather
          </Button>
        </span>
      )}
    </fieldset>
  )
}
