import { Minus, Plus } from 'lucide-react'
import { useId, useState } from 'react'
import { stepped } from './stepped'

type Props = {
  label: string
  value: number
  step: number
  low: number
  high: number
  unit?: string
  /** Its lowest value means that nothing is known: told as nothing. */
  blank?: boolean
  onChange: (value: number) => void
}

/** A number with a smaller and a larger neighbour: type it, press a button, or use the arrow keys. */
export function Stepper({ label, value, step, low, high, unit, blank, onChange }: Props) {
  const id = useId()
  const [draft, setDraft] = useState<string>()
  const move = (by: number) => onChange(stepped(value + by * step, step, low, high))
  const commit = () => {
    const typed = draft?.trim() === '' && blank ? low : Number(draft?.replace(',', '.') || NaN)
    if (Number.isFinite(typed)) {
      onChange(stepped(typed, step, low, high))
    }
    setDraft(undefined)
  }
  return (
    <div className="flex items-center justify-between gap-1">
      <label htmlFor={id} className="text-soft">
        {label}
      </label>
      <span className="flex items-center">
        <button
          type="button"
          aria-label={`${label}: less`}
          disabled={value <= low}
          onClick={() => move(-1)}
          className="hover:text-tide inline-flex min-h-6 min-w-6 items-center justify-center disabled:opacity-30 pointer-coarse:min-h-11 pointer-coarse:min-w-11"
        >
          <Minus size={16} aria-hidden />
        </button>
        <input
          id={id}
          role="spinbutton"
          inputMode="decimal"
          aria-valuenow={value}
          aria-valuemin={low}
          aria-valuemax={high}
          aria-valuetext={unit ? `${value} ${unit}` : undefined}
          value={draft ?? (blank && value === low ? '' : String(value))}
          onChange={(e) => setDraft(e.target.value)}
          onBlur={commit}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault() // in a form it is not yet sent
              commit()
            }
            if (e.key === 'Escape') setDraft(undefined)
            if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
              e.preventDefault()
              move(e.key === 'ArrowUp' ? 1 : -1)
            }
          }}
          className="border-rule bg-leaf w-12 rounded border text-center font-semibold tabular-nums"
        />
        <button
          type="button"
          aria-label={`${label}: more`}
          disabled={value >= high}
          onClick={() => move(1)}
          className="hover:text-tide inline-flex min-h-6 min-w-6 items-center justify-center disabled:opacity-30 pointer-coarse:min-h-11 pointer-coarse:min-w-11"
        >
          <Plus size={16} aria-hidden />
        </button>
        {unit && <span className="text-soft ml-0.5 min-w-7 text-sm whitespace-nowrap">{unit}</span>}
      </span>
    </div>
  )
}
