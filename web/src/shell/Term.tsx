import { Popover } from 'radix-ui'
import { GLOSSARY } from './glossary'

/** A word of the glossary with its meaning a press away; others stand as they are. */
export function Term({ word }: { word: string }) {
  const means = GLOSSARY[word]
  if (!means) return word
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`What is “${word}”?`}
        className="text-soft hover:text-tide inline-flex min-h-6 min-w-6 items-center justify-center pointer-coarse:min-h-11 pointer-coarse:min-w-11"
      >
        ?
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={12}
          className="bg-leaf border-edge text-ink z-50 w-[min(22rem,92vw)] rounded-md border p-3 shadow-lg"
        >
          <strong>{word}</strong>: {means}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
