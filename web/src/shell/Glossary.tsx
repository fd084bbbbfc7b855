import { useState } from 'react'
import { Window } from '../ui/Window'
import { GLOSSARY } from './glossary'

/** Every word that wants explaining; found by typing a part of it. */
export function Glossary({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('')
  const wanted = text.trim().toLowerCase()
  const found = Object.entries(GLOSSARY).filter(
    ([word, means]) => word.includes(wanted) || means.toLowerCase().includes(wanted),
  )
  return (
    <Window title="What the words mean" open onClose={onClose}>
      <input
        autoFocus
        aria-label="Find a word"
        placeholder="Find a word"
        value={text}
        onChange={(e) => setText(e.target.value)}
        className="border-edge bg-paper my-2 w-full rounded border px-3 py-1"
      />
      <dl className="space-y-2">
        {found.map(([word, means]) => (
          <div key={word}>
            <dt className="font-semibold">{word}</dt>
            <dd>{means}</dd>
          </div>
        ))}
      </dl>
      {found.length === 0 && <p className="text-soft">No such word.</p>}
    </Window>
  )
}
