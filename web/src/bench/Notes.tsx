import { useState } from 'react'
import { Window } from '../ui/Window'

const MOST = 4000

/** What a tier writes to a pattern, and for whom it is tied; kept when the window is closed. */
export type Written = { notes: string; visitor: string; asked: string }

export function Notes({
  value,
  onChange,
  onClose,
}: {
  value: Written
  onChange: (written: Written) => void
  onClose: () => void
}) {
  const [{ notes: text, visitor, asked }, setWritten] = useState(value)
  const close = () => {
    const same = text === value.notes && visitor === value.visitor && asked === value.asked
    if (!same) onChange({ notes: text, visitor, asked })
    onClose()
  }
  const put = (change: Partial<Written>) => setWritten({ notes: text, visitor, asked, ...change })
  return (
    <Window title="Notes" open onClose={close}>
      <textarea
        autoFocus
        aria-label="Notes to this pattern"
        rows={10}
        maxLength={MOST}
        value={text}
        onChange={(e) => put({ notes: e.target.value })}
        className="border-edge bg-paper mt-2 w-full rounded border px-3 py-2"
      />
      <div className="mt-2 grid gap-2">
        <Line label="For" value={visitor} most={80} onType={(v) => put({ visitor: v })} />
        <Line label="Asked for" value={asked} most={400} onType={(v) => put({ asked: v })} />
      </div>
      <p className="text-soft text-sm">
        {text.length} of {MOST} characters; kept when you close this.
      </p>
    </Window>
  )
}

function Line(props: {
  label: string
  value: string
  most: number
  onType: (words: string) => void
}) {
  return (
    <label className="flex items-center gap-3">
      <span className="text-soft w-20">{props.label}</span>
      <input
        value={props.value}
        maxLength={props.most}
        onChange={(e) => props.onType(e.target.value)}
        className="border-edge bg-paper flex-1 rounded border px-2 py-1 pointer-coarse:min-h-11"
      />
    </label>
  )
}
