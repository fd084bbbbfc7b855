import { AlertDialog } from 'radix-ui'
import type { PatternDocument, PatternResource } from '../api/types'
import { Button } from '../ui/Button'

type Props = {
  mine: PatternDocument
  stored: PatternResource | undefined
  onMine: () => void
  onTheirs: () => void
  onBoth: () => void
}

/** Two versions of one pattern; nothing is thrown away until one of them is chosen. */
export function ConflictDialog({ mine, stored, onMine, onTheirs, onBoth }: Props) {
  return (
    <AlertDialog.Root open={stored !== undefined}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <AlertDialog.Content className="bg-leaf text-ink fixed top-1/4 left-1/2 z-50 w-[42rem] max-w-[92vw] -translate-x-1/2 rounded-lg p-6 shadow-xl">
          <AlertDialog.Title className="font-serif text-xl">
            This fly was changed elsewhere
          </AlertDialog.Title>
          <AlertDialog.Description className="my-2">
            Both versions are still here. Which one stays?
          </AlertDialog.Description>
          <div className="grid grid-cols-2 gap-4">
            <Version title="here" document={mine} />
            {stored && <Version title="elsewhere" document={stored.document} />}
          </div>
          <div className="mt-4 flex justify-end gap-2">
            <Button onClick={onMine}>Keep this one</Button>
            <Button onClick={onTheirs}>Take the other</Button>
            <Button onClick={onBoth}>Keep both</Button>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  )
}

function Version({ title, document }: { title: string; document: PatternDocument }) {
  const { name, hook, parts } = document.pattern
  return (
    <section>
      <h3 className="font-semibold">{title}</h3>
      <p>
        {name}, hook {hook.size}
      </p>
      <ul className="text-soft text-sm">
        {parts.map((p) => (
          <li key={p.part}>{JSON.stringify(p).replace(/[{}"]/g, '').replace(/,/g, ', ')}</li>
        ))}
      </ul>
    </section>
  )
}
