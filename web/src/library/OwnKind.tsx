import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { makeKind } from '../api/client'
import type { MaterialEntry } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'

/** A kind of one's own, from a near one: what was measured otherwise, and all else as there. */
export function OwnKind({
  of,
  named = '',
  onMade,
  onClose,
}: {
  of: MaterialEntry
  /** What it is called before somebody says otherwise. */
  named?: string
  onMade?: (made: MaterialEntry) => void
  onClose: () => void
}) {
  const client = useQueryClient()
  const [label, setLabel] = useState(named)
  const [differs, setDiffers] = useState<Record<string, string>>({})
  const [failed, setFailed] = useState('')
  const make = async () => {
    const measured = Object.entries(differs)
      .filter(([, text]) => text.trim() !== '')
      .map(([property, text]) => [property, Number(text.replace(',', '.'))] as const)
    const odd = measured.find(([, value]) => !Number.isFinite(value))
    if (odd) {
      setFailed(`${odd[0].replaceAll('-', ' ')} is no number. Write digits with a point.`)
      return
    }
    try {
      const made = await makeKind({ copyOf: of.id, label, differs: Object.fromEntries(measured) })
      await client.invalidateQueries()
      notify(`${made.label} is a kind of your own now.`)
      onMade?.(made)
      onClose()
    } catch (e) {
      setFailed(whatWentWrong(e))
    }
  }
  return (
    <Window title={`A kind like ${of.label.toLowerCase()}`} open onClose={onClose}>
      <form
        className="mt-2"
        onSubmit={(e) => {
          e.preventDefault()
          void make()
        }}
      >
        <label className="flex items-center gap-3">
          <span className="text-soft">what you call it</span>
          <input
            value={label}
            maxLength={60}
            onChange={(e) => setLabel(e.target.value)}
            className="border-edge bg-leaf min-w-0 flex-1 rounded border px-2 py-1 pointer-coarse:min-h-11"
          />
        </label>
        <p className="text-soft my-2">
          Write what is otherwise; what you leave blank is as it stands beside it.
        </p>
        <div className="grid gap-x-6 gap-y-1 sm:grid-cols-2">
          {of.values.map((v) => (
            <label key={v.property} className="flex items-center justify-between gap-2">
              <span>{v.property.replaceAll('-', ' ')}</span>
              <span className="flex items-center gap-1">
                <input
                  inputMode="decimal"
                  placeholder={String(v.value)}
                  value={differs[v.property] ?? ''}
                  onChange={(e) => setDiffers({ ...differs, [v.property]: e.target.value })}
                  className="border-edge bg-leaf w-24 rounded border px-2 text-right tabular-nums pointer-coarse:min-h-11"
                />
                <span className="text-soft w-12">{v.unit === '1' ? '' : v.unit}</span>
              </span>
            </label>
          ))}
        </div>
        <Submit words="Make this kind" failed={failed} />
      </form>
    </Window>
  )
}
