import { useState } from 'react'
import { callBox } from '../api/plans'
import type { FlyBox } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'

/** What a box is called. */
export function CallBox({
  box,
  onClose,
  onCalled,
}: {
  box: FlyBox
  onClose: () => void
  onCalled: () => void
}) {
  const [name, setName] = useState(box.name)
  const [note, setNote] = useState(box.note)
  const [failed, setFailed] = useState('')
  const keep = async () => {
    try {
      await callBox(box.id, box.revision, { name, note })
      onCalled()
      onClose()
    } catch (e) {
      setFailed(whatWentWrong(e))
    }
  }
  return (
    <Window title="Name of the box" open onClose={onClose}>
      <form
        className="grid gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          void keep()
        }}
      >
        <label className="grid gap-1">
          name
          <input
            className="border-edge bg-leaf rounded border px-2 py-1"
            value={name}
            maxLength={80}
            required
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <label className="grid gap-1">
          note
          <input
            className="border-edge bg-leaf rounded border px-2 py-1"
            value={note}
            maxLength={400}
            onChange={(e) => setNote(e.target.value)}
          />
        </label>
        <Submit words="Keep it" failed={failed} />
      </form>
    </Window>
  )
}
