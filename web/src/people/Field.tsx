import type { InputHTMLAttributes } from 'react'

/** A line that is typed, its label over it. */
export function Field({
  label,
  hint,
  ...rest
}: { label: string; hint?: string } & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <label className="grid gap-1">
      <span>{label}</span>
      <input
        className="border-edge bg-leaf min-h-11 rounded border px-2 py-1"
        autoCapitalize="none"
        spellCheck={false}
        {...rest}
      />
      {hint && <span className="text-soft text-sm">{hint}</span>}
    </label>
  )
}
