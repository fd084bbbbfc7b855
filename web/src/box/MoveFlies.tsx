import { useState } from 'react'
import { moveFlies } from '../api/plans'
import type { Flies, FlyBox, FlyCount, PlaceName } from '../api/types'
import { dayFrom, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'
import { FliesFields } from './FliesFields'

/** What is moved: some that lie somewhere, or new ones that the log does not know. */
export type Moving = { from?: FlyCount }

const WHERE = [
  ['LENT', 'lent: they come back'],
  ['GIVEN', 'given: they stay there'],
  ['LOST', 'lost'],
  ['CHEWED', 'worn out'],
] as const

type Where = PlaceName['kind']

/** So many flies from here to there, on a day. */
export function MoveFlies({
  moving: { from },
  boxes,
  onClose,
  onMoved,
}: {
  moving: Moving
  boxes: FlyBox[]
  onClose: () => void
  onMoved: () => void
}) {
  const others = boxes.filter((b) => b.id !== from?.place.name)
  const [flies, setFlies] = useState<Flies | undefined>(from?.flies)
  const [to, setTo] = useState<string>(others[0]?.id ?? 'LENT')
  const [who, setWho] = useState('')
  const [many, setMany] = useState(1)
  const [day, setDay] = useState(dayFrom(0))
  const [note, setNote] = useState('')
  const [failed, setFailed] = useState('')
  const kind: Where = others.some((b) => b.id === to) ? 'BOX' : (to as Where)
  const named = kind === 'LENT' || kind === 'GIVEN'
  const move = async () => {
    if (!flies) return
    try {
      await moveFlies({
        flies,
        from: from?.place ?? { kind: 'VISE', name: '' },
        to: { kind, name: kind === 'BOX' ? to : named ? who : '' },
        count: many,
        day,
        note,
      })
      onMoved()
      onClose()
    } catch (e) {
      setFailed(whatWentWrong(e))
    }
  }
  return (
    <Window
      title={from ? `Move ${fliesWords(from.flies)}` : 'Flies that the log does not know'}
      open
      onClose={onClose}
    >
      <form
        className="grid gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          void move()
        }}
      >
        {from ? (
          <p className="text-soft">
            {from.count} are there: {from.where}.
          </p>
        ) : (
          <FliesFields flies={flies} onChange={setFlies} />
        )}
        <Stepper
          label="how many"
          value={many}
          step={1}
          low={1}
          high={from?.count ?? 99}
          onChange={setMany}
        />
        <Pick
          label="to"
          value={to}
          options={[...others.map((b) => [b.id, b.name] as const), ...(from ? WHERE : [])]}
          onChange={setTo}
        />
        {named && (
          <label className="flex items-center justify-between gap-2">
            <span className="text-soft">{kind === 'LENT' ? 'lent to' : 'given to'}</span>
            <input
              className="border-edge bg-leaf rounded border px-2 py-1"
              value={who}
              maxLength={80}
              required
              onChange={(e) => setWho(e.target.value)}
            />
          </label>
        )}
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">on</span>
          <input
            type="date"
            className="border-edge bg-leaf rounded border px-2 py-1"
            value={day}
            required
            onChange={(e) => setDay(e.target.value)}
          />
        </label>
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">{named ? 'what they asked for' : 'note'}</span>
          <input
            className="border-edge bg-leaf min-w-0 flex-1 rounded border px-2 py-1"
            value={note}
            maxLength={400}
            placeholder={named ? 'barbs left on' : ''}
            onChange={(e) => setNote(e.target.value)}
          />
        </label>
        <Submit words="Move them" failed={failed} busy={!flies} />
      </form>
    </Window>
  )
}
