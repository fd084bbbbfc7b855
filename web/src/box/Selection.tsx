import { useState } from 'react'
import { moveSelection } from '../api/plans'
import type { FlyCount } from '../api/types'
import { count, dayFrom, fliesKey, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { Choice } from '../ui/Choice'
import { Stepper } from '../ui/Stepper'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'

const keyOf = (c: FlyCount) => `${fliesKey(c.flies)} ${c.place.name}`

/** A selection out of all boxes for somebody's trip: given for good, or lent. */
export function Selection({
  flies,
  onClose,
  onGone,
}: {
  flies: FlyCount[]
  onClose: () => void
  onGone: () => void
}) {
  const [many, setMany] = useState<Record<string, number>>({})
  const [kind, setKind] = useState<'GIVEN' | 'LENT'>('GIVEN')
  const [who, setWho] = useState('')
  const [asked, setAsked] = useState('')
  const [failed, setFailed] = useState('')
  const chosen = flies.filter((c) => (many[keyOf(c)] ?? 0) > 0)
  const all = chosen.reduce((sum, c) => sum + (many[keyOf(c)] ?? 0), 0)
  const go = async () => {
    try {
      await moveSelection({
        to: { kind, name: who },
        day: dayFrom(0),
        note: asked,
        chosen: chosen.map((c) => ({
          flies: c.flies,
          from: c.place,
          count: many[keyOf(c)] ?? 0,
        })),
      })
      onGone()
      onClose()
    } catch (e) {
      setFailed(whatWentWrong(e))
    }
  }
  return (
    <Window title="A selection for somebody" open onClose={onClose}>
      <form
        className="grid gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          void go()
        }}
      >
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">for whom</span>
          <input
            className="border-edge bg-leaf rounded border px-2 py-1"
            value={who}
            maxLength={80}
            required
            onChange={(e) => setWho(e.target.value)}
          />
        </label>
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">what they asked for</span>
          <input
            className="border-edge bg-leaf min-w-0 flex-1 rounded border px-2 py-1"
            value={asked}
            maxLength={400}
            placeholder="barbs left on"
            onChange={(e) => setAsked(e.target.value)}
          />
        </label>
        <Choice
          label="they are"
          value={kind}
          options={[
            ['GIVEN', 'given'],
            ['LENT', 'lent'],
          ]}
          onChange={setKind}
        />
        <ul className="max-h-72 overflow-auto">
          {flies.map((c) => (
            <li key={keyOf(c)} className="border-rule border-b py-0.5">
              <Stepper
                label={`${fliesWords(c.flies)}, ${c.where}: ${c.count}`}
                value={many[keyOf(c)] ?? 0}
                step={1}
                low={0}
                high={c.count}
                onChange={(n) => setMany({ ...many, [keyOf(c)]: n })}
              />
            </li>
          ))}
        </ul>
        <Submit words={`Take ${count(all, 'fly', 'flies')} out`} failed={failed} busy={all === 0} />
      </form>
    </Window>
  )
}
