import type { Length, Reference } from '../api/types'
import { isReach, isRule } from '../parts/document'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'

type Props = {
  label: string
  value: Length
  /** What it comes to on this hook, mm, and how long the rule's reference is. */
  mm: number | undefined
  referenceMm: number
  reference: Reference
  /** Whether it lies along the hook, so that it can end at a place. */
  lies: boolean
  onChange: (value: Length) => void
}

type Way = 'rule' | 'mm' | 'bend' | 'tail-tip' | 'other'

const WAYS = [
  ['rule', 'by rule'],
  ['bend', 'to the bend'],
  ['tail-tip', 'to the tail’s end'],
  ['mm', 'in mm'],
] as const

/** A length as a rule on the hook, as a reach to a place, or pinned in millimetres. */
export function LengthStepper({ label, value, mm, referenceMm, reference, lies, onChange }: Props) {
  const way: Way = wayOf(value)
  const options: (readonly [Way, string])[] = WAYS.filter(
    ([w]) => lies || w === 'rule' || w === 'mm',
  )
  if (isReach(value) && way === 'other') options.push(['other', `to ${place(value.reach)}`])
  const say = (next: Way) => {
    const now = mm ?? referenceMm
    if (next === 'rule')
      onChange({ rule: reference, factor: Number((now / referenceMm).toFixed(2)) })
    else if (next === 'mm') onChange({ value: Number(now.toFixed(1)), unit: 'mm' })
    else if (next !== 'other') onChange({ reach: next, offset: 0, unit: 'mm' })
  }
  return (
    <div>
      {isRule(value) ? (
        <Stepper
          label={label}
          value={value.factor}
          step={0.05}
          low={0.05}
          high={5}
          unit={value.rule === 'hook-length' ? '× hook' : `× ${value.rule}`}
          onChange={(factor) => onChange({ rule: value.rule, factor })}
        />
      ) : isReach(value) ? (
        <Stepper
          label={label}
          value={value.offset ?? 0}
          step={0.5}
          low={-40}
          high={40}
          unit={(value.offset ?? 0) < 0 ? 'mm past (−: short)' : 'mm past'}
          onChange={(offset) => onChange({ ...value, offset })}
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
        {way !== 'mm' && mm !== undefined && (
          <span className="tabular-nums">= {mm.toFixed(1)} mm</span>
        )}
        <Pick label={`${label} is said`} value={way} options={options} onChange={say} hidden />
      </div>
    </div>
  )
}

function wayOf(value: Length): Way {
  if (isRule(value)) return 'rule'
  if (!isReach(value)) return 'mm'
  return value.reach === 'bend' || value.reach === 'tail-tip' ? value.reach : 'other'
}

/** A landmark in words, such as `hook barb` or `body front`. */
function place(landmark: string): string {
  return landmark.replaceAll(/[-./]/g, ' ')
}
