import { Dialog } from 'radix-ui'
import type { Problem } from '../api/types'
import { Button } from '../ui/Button'

/** What was refused, field by field, and what to do about it. */
export function ProblemDialog({
  problem,
  onClose,
}: {
  problem: Problem | undefined
  onClose: () => void
}) {
  return (
    <Dialog.Root open={problem !== undefined} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content className="bg-leaf text-ink fixed top-1/4 left-1/2 z-50 max-h-[60vh] w-[36rem] max-w-[92vw] -translate-x-1/2 overflow-auto rounded-lg p-6 shadow-xl">
          <Dialog.Title className="font-serif text-xl">{problem?.title}</Dialog.Title>
          <Dialog.Description className="my-2">
            {problem?.detail} Nothing was saved.
          </Dialog.Description>
          <ul className="space-y-2">
            {problem?.errors?.map((e, i) => (
              <li key={i} className="border-rule border-t pt-2">
                <strong>{e.pointer || 'the file'}</strong> is {e.value}; {e.bound}. {e.remedy}
              </li>
            ))}
          </ul>
          <div className="mt-4 text-right">
            <Button onClick={onClose}>Close</Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
