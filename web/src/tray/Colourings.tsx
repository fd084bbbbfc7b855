import { useState } from 'react'
import type { Colour, PatternDocument } from '../api/types'
import {
  LONGEST_NAME,
  MOST_COLOURINGS,
  coloursOf,
  inColours,
  isIn,
  keptAs,
  without,
} from '../parts/colourings'
import { title } from '../parts/words'
import { Button } from '../ui/Button'
import { Window } from '../ui/Window'

/** The colours that one dressing is tied in: taken up, kept under a name, left out. */
export function Colourings({
  document,
  onChange,
  onClose,
}: {
  document: PatternDocument
  onChange: (next: PatternDocument) => void
  onClose: () => void
}) {
  const [name, setName] = useState('')
  const all = document.pattern.colourings ?? []
  const now = coloursOf(document)
  const wanted = name.trim()
  const full = all.length >= MOST_COLOURINGS && !all.some((c) => c.name === wanted)
  return (
    <Window title="Colours of this fly" open onClose={onClose}>
      <p className="mt-2">
        <strong>Now:</strong> {now.length > 0 ? <Said colours={now} /> : 'no colour is said yet.'}
      </p>
      <ul className="divide-rule mt-3 divide-y" aria-label="Kept colours">
        {all.map((c) => (
          <li key={c.name} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
            <span className="min-w-0 flex-1 basis-60">
              <strong>{c.name}</strong>
              <br />
              <Said colours={c.parts} />
            </span>
            {isIn(document, c) ? (
              <span className="text-soft">as it is now</span>
            ) : (
              <Button onClick={() => onChange(inColours(document, c))}>Tie it so</Button>
            )}
            <Button onClick={() => onChange(without(document, c.name))}>Leave out</Button>
          </li>
        ))}
      </ul>
      <form
        className="mt-3 flex flex-wrap items-center gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          onChange(keptAs(document, wanted))
          setName('')
        }}
      >
        <label className="flex items-center gap-2">
          <span className="text-soft">keep these colours as</span>
          <input
            value={name}
            maxLength={LONGEST_NAME}
            onChange={(e) => setName(e.target.value)}
            className="border-edge bg-leaf w-56 rounded border px-2 py-0.5 pointer-coarse:min-h-11"
          />
        </label>
        <Button type="submit" disabled={wanted === '' || now.length === 0 || full}>
          Keep
        </Button>
      </form>
      <p className="text-soft mt-2 text-sm">
        {full
          ? `At most ${MOST_COLOURINGS}: leave one out first.`
          : 'Parts that a colouring does not name stay as they are. Colours are said part by part, under “How it is tied…”.'}
      </p>
    </Window>
  )
}

function Said({ colours }: { colours: { part: string; colour: Colour }[] }) {
  return <>{colours.map((c) => `${title(c.part).toLowerCase()} ${words(c.colour)}`).join(' · ')}</>
}

/** As the card says it. */
const words = ({ name = '', marking, second }: Colour) =>
  [
    [name, second && `and ${second}`].filter(Boolean).join(' '),
    marking !== 'plain' && marking?.replace('-', ' '),
  ]
    .filter(Boolean)
    .join(', ')
