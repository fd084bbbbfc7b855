import { useState } from 'react'
import type { Colour } from '../api/types'
import { Pick } from '../ui/Pick'
import { Swatches } from './Swatches'

/** How anything may be marked, and in words. */
export const MARKINGS = [
  ['plain', 'plain'],
  ['barred', 'barred'],
  ['dark-centre', 'dark centre'],
  ['tipped', 'tipped'],
  ['mottled', 'mottled'],
  ['speckled', 'speckled'],
  ['mixed', 'two mixed'],
] as const

const MOST = 40

/** A colour in words, its marking, and the colour of that. */
export function ColourFields({
  of,
  value,
  onChange,
}: {
  of: string
  value: Colour | undefined
  onChange: (colour: Colour | undefined) => void
}) {
  const now = value ?? {}
  const say = (change: Colour) => {
    const next = { ...now, ...change }
    const { name = '', marking = 'plain', second = '' } = next
    onChange(
      name || second || marking !== 'plain'
        ? {
            ...(name && { name }),
            ...(marking !== 'plain' && { marking }),
            ...(second && { second }),
          }
        : undefined,
    )
  }
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <Words label={`${of} colour`} value={now.name ?? ''} onSay={(name) => say({ name })} />
      <Swatches of={of} value={now.name ?? ''} onPick={(name) => say({ name })} />
      <Pick
        label={`${of} marking`}
        value={now.marking ?? 'plain'}
        options={MARKINGS}
        onChange={(marking) => say({ marking })}
      />
      {now.marking && now.marking !== 'plain' && (
        <>
          <Words
            label={`${of} second colour`}
            value={now.second ?? ''}
            onSay={(second) => say({ second })}
          />
          <Swatches
            of={`${of} second`}
            value={now.second ?? ''}
            onPick={(second) => say({ second })}
          />
        </>
      )}
    </div>
  )
}

/** A few words, kept when one leaves the field or presses Enter. */
export function Words({
  label,
  value,
  most = MOST,
  onSay,
}: {
  label: string
  value: string
  most?: number
  onSay: (words: string) => void
}) {
  const [draft, setDraft] = useState<string>()
  const keep = () => {
    if (draft !== undefined && draft.trim() !== value) onSay(draft.trim())
    setDraft(undefined)
  }
  return (
    <label className="flex items-center gap-2">
      <span className="text-soft">{label}</span>
      <input
        value={draft ?? value}
        maxLength={most}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={keep}
        onKeyDown={(e) => e.key === 'Enter' && keep()}
        className="border-edge bg-leaf w-40 rounded border px-2 py-0.5 pointer-coarse:min-h-11"
      />
    </label>
  )
}
