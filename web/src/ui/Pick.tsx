import { getNonce } from 'get-nonce'
import { Check, ChevronDown } from 'lucide-react'
import { Select } from 'radix-ui'
import { useId, useState } from 'react'

type Props<T extends string> = {
  label: string
  value: T
  options: readonly (readonly [T, string])[]
  /** Words for no value at all. */
  placeholder?: string
  /** Where room is short, long words are cut. */
  narrow?: boolean
  /** Where what stands beside it says what it is, its label is only spoken. */
  hidden?: boolean
  onChange: (value: T) => void
}

/** One of several words, too many to stand side by side. */
export function Pick<T extends string>({
  label,
  value,
  options,
  placeholder,
  narrow,
  hidden,
  onChange,
}: Props<T>) {
  const id = useId()
  // Of dozens of lists on a page one is open at most, so only one that is about to be has its words.
  const [near, setNear] = useState(false)
  const chosen = options.find(([option]) => option === value)?.[1]
  return (
    <div className="flex items-center justify-between gap-2">
      <span className={hidden ? 'sr-only' : 'text-soft'} id={id}>
        {label}
      </span>
      <Select.Root
        value={value}
        onValueChange={onChange}
        onOpenChange={(open) => open && setNear(true)}
      >
        <Select.Trigger
          aria-labelledby={id}
          onFocus={() => setNear(true)}
          className={`border-edge bg-leaf flex items-center gap-1 rounded border px-2 py-0.5 pointer-coarse:min-h-11 ${narrow ? 'max-w-36' : ''}`}
        >
          <span className="truncate">
            <Select.Value placeholder={placeholder}>{chosen}</Select.Value>
          </span>
          <ChevronDown size={14} className="shrink-0" aria-hidden />
        </Select.Trigger>
        {near && (
          <Select.Portal>
            <Select.Content
              position="popper"
              className="border-rule bg-leaf z-[60] max-h-80 overflow-auto rounded border shadow"
            >
              <Select.Viewport nonce={getNonce()}>
                {options.map(([option, words]) => (
                  <Select.Item
                    key={option}
                    value={option}
                    className="data-[highlighted]:bg-tide data-[highlighted]:text-leaf flex cursor-default items-center justify-between gap-3 px-3 py-1"
                  >
                    <Select.ItemText>{words}</Select.ItemText>
                    <Select.ItemIndicator>
                      <Check size={14} aria-hidden />
                    </Select.ItemIndicator>
                  </Select.Item>
                ))}
              </Select.Viewport>
            </Select.Content>
          </Select.Portal>
        )}
      </Select.Root>
    </div>
  )
}
