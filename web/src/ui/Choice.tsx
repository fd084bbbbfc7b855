import { ToggleGroup } from 'radix-ui'

type Props<T extends string> = {
  label: string
  value: T
  /** What it says is plain from what stands round it: its label is only spoken. */
  hidden?: boolean
  options: readonly (readonly [T, string])[]
  onChange: (value: T) => void
}

/** One of a few words, all of them in sight. */
export function Choice<T extends string>({ label, value, hidden, options, onChange }: Props<T>) {
  return (
    <div className="flex items-center justify-between gap-2">
      {!hidden && <span className="text-soft">{label}</span>}
      <ToggleGroup.Root
        type="single"
        value={value}
        aria-label={label}
        onValueChange={(v: string) => v && onChange(v as T)}
        className="border-edge bg-leaf flex flex-wrap overflow-hidden rounded border"
      >
        {options.map(([id, words]) => (
          <ToggleGroup.Item
            key={id}
            value={id}
            className="data-[state=on]:bg-tide data-[state=on]:text-paper px-2 pointer-coarse:min-h-11"
          >
            {words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  )
}
