import type { PlaceAt, Snap } from '../api/types'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'

const UNITS = [
  ['mm', 'mm'],
  ['eye', 'eye lengths'],
  ['share', 'shanks'],
] as const

const MOST = { mm: 40, eye: 20, share: 2 }
const STEP = { mm: 0.5, eye: 0.5, share: 0.05 }

/** A place on the shank: a landmark, and how far behind it. */
export function PlaceFields({
  label,
  value,
  places,
  onChange,
}: {
  label: string
  value: PlaceAt
  places: Snap[]
  onChange: (place: PlaceAt) => void
}) {
  const unit = value.unit ?? 'mm'
  const named = places
    .filter((p) => p.length.offset === 0)
    .map((p) => [p.length.reach, p.name] as const)
  const options = named.some(([landmark]) => landmark === value.landmark)
    ? named
    : [...named, [value.landmark, value.landmark.replaceAll(/[-./]/g, ' ')] as const]
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <Pick
        label={label}
        value={value.landmark}
        options={options}
        onChange={(landmark) => onChange({ landmark })}
      />
      <Stepper
        label={`${label}, behind it`}
        value={value.offset ?? 0}
        step={STEP[unit]}
        low={-MOST[unit]}
        high={MOST[unit]}
        onChange={(offset) => onChange({ ...value, offset, unit })}
      />
      <Pick
        label={`${label}: in`}
        value={unit}
        options={UNITS}
        hidden
        onChange={(next) => onChange({ ...value, offset: 0, unit: next })}
      />
    </div>
  )
}
