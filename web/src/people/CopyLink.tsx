import { useState } from 'react'
import { Button } from '../ui/Button'

/** A link that is told this once, to be copied. */
export function CopyLink({ label, link }: { label: string; link: string }) {
  const [copied, setCopied] = useState(false)
  const copy = () =>
    navigator.clipboard.writeText(link).then(
      () => setCopied(true),
      () => setCopied(false), // the field can be copied by hand
    )
  return (
    <div className="my-2 grid gap-1">
      <label className="grid gap-1">
        <span>{label}</span>
        <input
          readOnly
          value={link}
          onFocus={(e) => e.target.select()}
          className="border-edge bg-paper rounded border px-2 py-1 text-sm"
        />
      </label>
      <p className="flex flex-wrap items-center gap-3">
        <Button onClick={() => void copy()}>Copy link</Button>
        <span role="status">{copied ? 'It is copied.' : ''}</span>
      </p>
    </div>
  )
}
