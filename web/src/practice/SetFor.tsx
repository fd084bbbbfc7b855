import { useState } from 'react'
import { Stepper } from '../ui/Stepper'
import { Window } from '../ui/Window'
import { address } from '../api/room'
import { Button } from '../ui/Button'
import type { DrillName } from '../api/types'
import { DRILLS, addressOf } from './words'

/** Practice set for somebody: a link that brings everybody the same exercises. */
export function SetFor({
  possible,
  open,
  onClose,
}: {
  possible: DrillName[]
  open: boolean
  onClose: () => void
}) {
  return (
    <Window title="Set practice for somebody" open={open} onClose={onClose}>
      <Form possible={possible} />
    </Window>
  )
}

function Form({ possible }: { possible: DrillName[] }) {
  const [only, setOnly] = useState<DrillName[]>(possible.slice(0, 2))
  const [each, setEach] = useState(10)
  const [person, setPerson] = useState('')
  const [seed] = useState(() => crypto.getRandomValues(new Uint16Array(1))[0] ?? 1)
  const [copied, setCopied] = useState(false)
  const link =
    window.location.origin +
    address(addressOf({ only, each, person: person.trim(), seed, large: false }))
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(link)
      setCopied(true)
    } catch {
      setCopied(false) // the field below can be copied by hand
    }
  }
  return (
    <div className="mt-2 grid gap-3">
      <label className="grid gap-1">
        <span>For whom</span>
        <input
          value={person}
          maxLength={80}
          onChange={(e) => setPerson(e.target.value)}
          className="border-edge bg-leaf rounded border px-2 py-1"
        />
      </label>
      <p className="text-soft">
        Looks that are set for somebody are kept under that name, apart from your own. Whoever opens
        the link gets the same flies in the same order, as far as book and drawer are the same; how
        hard they are follows each eye.
      </p>
      <fieldset className="grid gap-1">
        <legend>What</legend>
        {possible.map((d) => (
          <label key={d} className="flex min-h-8 items-center gap-2 pointer-coarse:min-h-11">
            <input
              type="checkbox"
              className="accent-tide size-5"
              checked={only.includes(d)}
              onChange={(e) =>
                setOnly(e.target.checked ? [...only, d] : only.filter((o) => o !== d))
              }
            />
            {DRILLS[d].name}
          </label>
        ))}
      </fieldset>
      <Stepper label="looks at each" value={each} step={1} low={1} high={50} onChange={setEach} />
      <label className="grid gap-1">
        <span>Link</span>
        <input
          readOnly
          value={only.length > 0 ? link : ''}
          onFocus={(e) => e.target.select()}
          className="border-edge bg-paper rounded border px-2 py-1 text-sm"
        />
      </label>
      <p className="flex flex-wrap items-center gap-3">
        <Button disabled={only.length === 0} onClick={() => void copy()}>
          Copy link
        </Button>
        <span role="status">{copied ? 'It is copied.' : ''}</span>
      </p>
    </div>
  )
}
