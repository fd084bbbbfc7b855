import { Pin, PinOff } from 'lucide-react'
import type { Length, Reference } from '../api/types'
import { isRule } from '../parts/document'
import { Stepper } from '../ui/Stepper'

type Props = {
  label: string
  value: Length
  /** What it comes to on this hook, mm, and how long the rule's reference is. */
  mm: number | undefined
  referenceMm: number
  reference: Reference
  onChange: (value: Length) => void
}

/** A length as a rule on the hook, or pinned in millimetres; one button changes between the two. */
export function LengthStepper({ label, value, mm, referenceMm, reference, onChange }: Props) {
  const rule = isRule(value)
  const pin = () =>
    rule
      ? onChange({ value: Number((mm ?? value.factor * referenceMm).toFixed(1)), unit: 'mm' })
      : onChange({ rule: reference, factor: Number((value.value / referenceMm).toFixed(2)) })
  return (
    <div>
      {rule ? (
        <Stepper
          label={label}
          value={value.factor}
          step={0.05}
          low={0.05}
          high={5}
          unit={value.rule === 'hook-length' ? '× hook' : `× ${value.rule}`}
          onChange={(factor) => onChange({ rule: value.rule, factor })}
        />
      ) : (
        <Stepper
          label={label}
          value={value.value}
          step={0.1}
          low={0.5}
          high={60}
          unit="mm"
          onChange={(v) => onChange({ value: v, unit: 'mm' })}
        />
      )}
      <div className="text-soft flex items-center justify-end gap-2 text-sm">
        {rule && mm !== undefined && <span className="tabular-nums">= {mm.toFixed(1)} mm</span>}
        <button
          type="button"
          onClick={pin}
          className="hover:text-tide flex items-center gap-1 underline decoration-dotted pointer-coarse:min-h-11"
        >
          {rule ? <Pin size={14} aria-hidden /> : <PinOff size={14} aria-hidden />}
          {rule ? `pin ${label}` : `${label} by rule`}
        </button>
      </div>
    </div>
  )
}
