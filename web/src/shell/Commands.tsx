import { type KeyboardEvent, useState } from 'react'
import { Window } from '../ui/Window'

/** Something that can be done from the command field; `once`: not again while its key is held. */
export type Command = { name: string; keys?: string; once?: boolean; run: () => void }

type Props = { open: boolean; commands: Command[]; onClose: () => void }

/** One field for everything that can be done: type a few letters of it. */
export function Commands({ open, commands, onClose }: Props) {
  return (
    <Window title="Do something" open={open} onClose={onClose} plain>
      <Field commands={commands} onClose={onClose} />
    </Window>
  )
}

const MOST = 9

function Field({ commands, onClose }: Omit<Props, 'open'>) {
  const [text, setText] = useState('')
  const [at, setAt] = useState(0)
  const found = matching(commands, text).slice(0, MOST)
  const run = (command: Command | undefined) => {
    if (!command) return
    onClose()
    command.run()
  }
  const key = (e: KeyboardEvent) => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0
    if (by !== 0) {
      e.preventDefault()
      setAt((at + by + found.length) % Math.max(1, found.length))
    } else if (e.key === 'Enter') {
      e.preventDefault()
      run(found[at])
    }
  }
  return (
    <>
      <input
        autoFocus
        role="combobox"
        aria-label="What would you do?"
        aria-expanded="true"
        aria-controls="commands"
        aria-activedescendant={found[at] ? `command-${at}` : undefined}
        placeholder="What would you do? Type a few letters."
        value={text}
        onChange={(e) => {
          setText(e.target.value)
          setAt(0)
        }}
        onKeyDown={key}
        className="border-edge bg-paper w-full rounded border px-3 py-2 text-lg"
      />
      <ul id="commands" role="listbox" aria-label="What can be done" className="mt-2">
        {found.map((c, i) => (
          <li
            key={c.name}
            id={`command-${i}`}
            role="option"
            aria-selected={i === at}
            onClick={() => run(c)}
            onPointerEnter={() => setAt(i)}
            className="aria-selected:bg-tide aria-selected:text-leaf flex cursor-pointer justify-between rounded px-3 py-1"
          >
            {c.name}
            {c.keys && <kbd>{c.keys}</kbd>}
          </li>
        ))}
        {found.length === 0 && <li className="text-soft px-3 py-1">No matching command.</li>}
      </ul>
    </>
  )
}

/** Commands that have every typed word in their name; those that begin with it first. */
export function matching(commands: Command[], text: string): Command[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const first = words[0] ?? ''
  return commands
    .filter((c) => words.every((w) => c.name.toLowerCase().includes(w)))
    .sort(
      (a, b) =>
        Number(b.name.toLowerCase().startsWith(first)) -
        Number(a.name.toLowerCase().startsWith(first)),
    )
}

/** Every key there is. */
export function Keys({ open, commands, onClose }: Props) {
  const rows = [
    ...commands.filter((c) => c.keys).map((c) => [c.keys ?? '', c.name] as const),
    ['+ − 0 arrows', 'zoom, fit and move the drawing, when it has the focus'],
    ['Tab', 'from knob to knob on the fly and on the plan'],
    ['arrows', 'nudge a knob: 0.1 mm, one fibre, half a turn; with Shift 0.5 mm, one turn'],
    ['Alt', 'held while pulling: no snapping to the rules'],
    ['digits, Enter', 'type a knob’s value: 9mm, 3/8in, 1.5 gaps, 2 eyes'],
    ['1 2 3', 'make a change that was found for an outcome'],
  ] as const
  return (
    <Window title="Keys" open={open} onClose={onClose}>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {rows.map(([keys, name]) => (
          <div key={name} className="contents">
            <dt>
              <kbd className="border-rule rounded border px-1.5 font-semibold">{keys}</kbd>
            </dt>
            <dd>{name}</dd>
          </div>
        ))}
      </dl>
    </Window>
  )
}
