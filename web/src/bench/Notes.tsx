import { useState } from 'react'
import { Window } from '../ui/Window'

const MOST = 4000

/** What a tier writes to a pattern; kept when the window is closed. */
export function Notes({
  value,
  onChange,
  onClose,
}: {
  value: string
  onChange: (notes: string) => void
  onClose: () => void
}) {
  const [text, setText] = useState(value)
  const close = () => {
    if (text !== value) onChange(text)
    onClose()
  }
  return (
    <Window title="Notes" open onClose={close}>
      <textarea
        autoFocus
        aria-label="Notes to this pattern"
        rows={10}
        maxLength={MOST}
        value={text}
        onChange={(e) => setText(e.target.value)}
        className="border-edge bg-paper mt-2 w-full rounded border px-3 py-2"
      />
      <p className="text-soft text-sm">
        {text.length} of {MOST} characters; kept when you close this.
      </p>
    </Window>
  )
}
