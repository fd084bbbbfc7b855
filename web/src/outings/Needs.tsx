import { useEffect, useRef, useState } from 'react'
import { X } from 'lucide-react'
import { workOutLives } from '../api/plans'
import type { AnswerLine, Flies, Need } from '../api/types'
import { FliesFields } from '../box/FliesFields'
import { chance, count, fliesKey, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { IconButton } from '../ui/IconButton'
import { Stepper } from '../ui/Stepper'
import { Window } from '../ui/Window'
import type { Open } from './useOuting'

/** How many of what goes along, told as the chance of running out. */
export function Needs({ open, onLives }: { open: Open; onLives: () => void }) {
  const { outing, view, change } = open
  const [adding, setAdding] = useState(false)
  return (
    <section aria-labelledby="needs">
      <h2 id="needs" className="font-serif text-2xl">
        Goes along
      </h2>
      <p className="text-soft">
        {view.ownOutings > 0
          ? `By ${view.ownHours.toFixed(1)} hours of your own on such water, and common practice.`
          : 'By common practice, no source, until you tell what came of an outing on such water.'}
      </p>
      <ul>
        {outing.wanted.map((w, i) => {
          const need = view.needs.find((n) => fliesKey(n.flies) === fliesKey(w.flies))
          const put = (to: Partial<typeof w>) =>
            change({ wanted: outing.wanted.map((o, j) => (j === i ? { ...o, ...to } : o)) })
          return (
            <li key={fliesKey(w.flies)} className="border-rule border-b py-2">
              <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
                <strong className="min-w-0 flex-1 font-serif text-lg">{fliesWords(w.flies)}</strong>
                <span className="print:hidden">
                  <Stepper
                    label="of the hours"
                    value={Math.round(100 * w.share)}
                    step={5}
                    low={5}
                    high={100}
                    unit="%"
                    onChange={(share) => put({ share: share / 100 })}
                  />
                </span>
                <Stepper
                  label={w.count > 0 ? 'I take' : 'take'}
                  value={w.count > 0 ? w.count : need && !need.beyond ? need.enough : 0}
                  step={1}
                  low={0}
                  high={60}
                  onChange={(n) => put({ count: n })}
                />
                <span className="print:hidden">
                  <IconButton
                    label={`leave ${fliesWords(w.flies)} at home`}
                    icon={<X size={16} aria-hidden />}
                    onClick={() => change({ wanted: outing.wanted.filter((_, j) => j !== i) })}
                  />
                </span>
              </div>
              {need && <Reckoned need={need} onReckoned={() => put({ count: 0 })} />}
            </li>
          )
        })}
      </ul>
      <p className="mt-2 flex flex-wrap items-center gap-3 print:hidden">
        <Button onClick={() => setAdding(true)}>Take another along…</Button>
        {view.livesLack && outing.wanted.length > 0 && (
          <Lives id={view.id} revision={view.revision} onFound={onLives} />
        )}
      </p>
      {adding && (
        <Add
          onClose={() => setAdding(false)}
          onAdd={(flies) => {
            setAdding(false)
            if (!outing.wanted.some((w) => fliesKey(w.flies) === fliesKey(flies))) {
              change({ wanted: [...outing.wanted, { flies, share: 0.5, count: 0 }] })
            }
          }}
        />
      )}
    </section>
  )
}

function Reckoned({ need, onReckoned }: { need: Need; onReckoned: () => void }) {
  const life = need.life
  return (
    <>
      <p>
        {need.there === 0 ? 'None is there' : count(need.there, 'is there', 'are there')}
        {need.lacking > 0 ? (
          <strong className="text-warn"> ▲ {need.lacking} to tie.</strong>
        ) : (
          '.'
        )}{' '}
        {!need.beyond && `About ${need.used.toFixed(1)} will be used up.`}
      </p>
      {need.beyond ? (
        <p className="text-warn">
          ▲ More than 60 would soak and be put away: it does not stay up long enough on such water.
          Take another, or dress it again.
        </p>
      ) : (
        <Chances need={need} />
      )}
      <p className="text-soft text-sm">
        {need.byHand > 0 && !need.beyond && (
          <>
            {need.enough} are reckoned: of these they run out in 1 of 10 such days.{' '}
            <button type="button" className="underline print:hidden" onClick={onReckoned}>
              take as many
            </button>{' '}
          </>
        )}
        {life
          ? `It floats ${life.dressAgainMinutes === null || life.dressAgainMinutes === undefined ? 'over 2 h' : `${Math.max(1, Math.round(life.dressAgainMinutes))} min`} and ${count(life.fish, 'fish', 'fish')} before it is dressed again, which takes ${Math.round(100 * life.lostShare)} % of the time.`
          : 'How long it floats there was not asked yet.'}
      </p>
      <p className={need.hook === 'YES' ? 'text-soft text-sm' : 'text-warn text-sm'}>
        {need.hook !== 'YES' && '▲ '}
        Its hook opens at {need.hookLowN.toFixed(0)} to {need.hookHighN.toFixed(0)} N; the heaviest
        fish pulls {need.fishPullsN.toFixed(0)} N:{' '}
        {need.hook === 'YES'
          ? 'strong enough.'
          : need.hook === 'JUST'
            ? 'it may do; a heavier wire is safer.'
            : 'take a heavier wire.'}
      </p>
    </>
  )
}

/** The chance that somebody runs out, by how many are taken: a bar a number. */
function Chances({ need }: { need: Need }) {
  const now =
    need.there > 0 &&
    `With the ${need.there} that are there: ${chance(need.chanceNow)} that somebody runs out.`
  return (
    <div className="my-1 flex flex-wrap items-end gap-x-6 gap-y-1">
      <ol
        aria-label="Chance of running out, by how many are taken"
        className="flex items-end gap-2"
      >
        {need.chances.map((c) => (
          <li key={c.flies} className="flex w-14 flex-col items-center text-sm">
            <span className="tabular-nums">{chance(c.chance)}</span>
            <span
              aria-hidden
              className={`block w-6 rounded-t ${c.flies === need.wanted ? 'bg-tide' : 'bg-edge'}`}
              style={{ height: `${Math.max(2, 40 * c.chance)}px` }}
            />
            <span className={c.flies === need.wanted ? 'font-semibold' : 'text-soft'}>
              {c.flies}
            </span>
          </li>
        ))}
      </ol>
      <p className="text-soft min-w-0 flex-1 text-sm">{now}</p>
    </div>
  )
}

/** Working out how long the flies float takes some seconds each; it can be stopped. */
function Lives({ id, revision, onFound }: { id: string; revision: number; onFound: () => void }) {
  const [line, setLine] = useState<AnswerLine>()
  const [failed, setFailed] = useState('')
  const asking = useRef<AbortController | undefined>(undefined)
  useEffect(() => () => asking.current?.abort(), [revision])
  const ask = async () => {
    const gone = new AbortController()
    asking.current = gone
    setFailed('')
    setLine({} as AnswerLine)
    try {
      await workOutLives(id, (l) => !gone.signal.aborted && setLine(l), gone.signal)
      onFound()
    } catch (e) {
      if (!gone.signal.aborted) setFailed(whatWentWrong(e))
    } finally {
      if (asking.current === gone) setLine(undefined)
    }
  }
  if (line) {
    return (
      <>
        <span role="status">
          {line.waits
            ? `waits for ${line.waits.before} others`
            : line.progress
              ? `${line.progress.done} of ${count(line.progress.all, 'fly', 'flies')} worked out`
              : 'working it out…'}
        </span>
        <Button
          onClick={() => {
            asking.current?.abort()
            setLine(undefined)
          }}
        >
          Stop
        </Button>
      </>
    )
  }
  return (
    <>
      <Button onClick={() => void ask()}>Work out how long they float</Button>
      {failed && (
        <span role="alert" className="text-warn">
          {failed}
        </span>
      )}
    </>
  )
}

function Add({ onAdd, onClose }: { onAdd: (flies: Flies) => void; onClose: () => void }) {
  const [flies, setFlies] = useState<Flies>()
  return (
    <Window title="Take along" open onClose={onClose}>
      <div className="grid gap-2">
        <FliesFields flies={flies} onChange={setFlies} />
        <Button disabled={!flies} onClick={() => flies && onAdd(flies)}>
          Take them along
        </Button>
      </div>
    </Window>
  )
}
