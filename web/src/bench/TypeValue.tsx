import { useState } from 'react'
import { readLength } from '../api/client'
import type { Handle, PatternDocument } from '../api/types'
import { lengthOf } from '../parts/handle'
import { withHook, withPart } from '../parts/document'
import { whatWentWrong } from '../parts/words'
import type { Point } from '../scene/projection'
import { nameOf } from './Handles'

type Props = {
  handle: Handle
  at: Point
  text: string
  document: PatternDocument
  onChange: (next: PatternDocument) => void
  onClose: () => void
}

/** A value typed at what it is for, with a unit if one likes. */
export function TypeValue({ handle, at, text, document, onChange, onClose }: Props) {
  const [draft, setDraft] = useState(text)
  const [wrong, setWrong] = useState('')
  const take = async () => {
    if (draft.trim() === '') return onClose()
    const number = Number(draft.replace(',', '.'))
    if (handle.unit !== 'mm') {
      if (!Number.isFinite(number) || number < handle.low || number > handle.high) {
        return setWrong(`Type a number from ${handle.low} to ${handle.high}.`)
      }
      onChange(
        handle.field === 'size'
          ? withHook(document, { size: Math.round(number) })
          : withPart(document, handle.index, { [handle.field]: number }),
      )
      return onClose()
    }
    try {
      const length = lengthOf(await readLength(document, handle.index, handle.field, draft))
      onChange(withPart(document, handle.index, { [handle.field]: length }))
      onClose()
    } catch (e) {
      setWrong(whatWentWrong(e))
    }
  }
  return (
    <form
      className="bg-leaf border-tide absolute z-20 w-64 rounded border-2 p-2 shadow"
      style={{ left: Math.max(4, at.x - 60), top: Math.max(4, at.y - 52) }}
      onSubmit={(e) => {
        e.preventDefault()
        void take()
      }}
    >
      <label className="flex items-center gap-2">
        <span className="whitespace-nowrap">{nameOf(handle)}</span>
        <input
          autoFocus
          value={draft}
          placeholder={handle.unit === 'mm' ? '9mm, 3/8in, 1.5 gaps' : handle.unit}
          aria-invalid={wrong !== ''}
          aria-describedby="typed-wrong"
          onChange={(e) => setDraft(e.target.value)}
          onBlur={() => draft.trim() === '' && onClose()}
          onKeyDown={(e) => e.key === 'Escape' && onClose()}
          className="border-edge bg-paper w-full rounded border px-1"
        />
      </label>
      <p id="typed-wrong" role="alert" className="text-warn text-sm">
        {wrong}
      </p>
    </form>
  )
}
