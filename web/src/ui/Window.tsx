import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

type Props = {
  title: string
  open: boolean
  onClose: () => void
  /** Shown to screen readers only. */
  plain?: boolean
  children: ReactNode
}

/** A window over the view; Escape or a click beside it closes it. */
export function Window({ title, open, onClose, plain, children }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="bg-ink/40 fixed inset-0 z-40" />
        <Dialog.Content
          aria-describedby={undefined}
          onEscapeKeyDown={(e) => {
            // what is open inside the window is closed first
            if (document.activeElement?.closest('[data-inner]')) e.preventDefault()
          }}
          className="bg-leaf text-ink fixed top-1/2 left-1/2 z-50 max-h-[94vh] w-[min(44rem,96vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-lg p-5 shadow-xl"
        >
          <Dialog.Title className={plain ? 'sr-only' : 'font-serif text-xl font-semibold'}>
            {title}
          </Dialog.Title>
          {!plain && (
            <Dialog.Close aria-label="Close" className="absolute top-4 right-4 p-1">
              <X size={18} aria-hidden />
            </Dialog.Close>
          )}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
