import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { restoreDeleted } from '../api/client'
import { type Loan, listLoans } from '../api/people'
import { address, inClub } from '../api/room'
import { useMe } from '../api/useMe'
import { addBox, deleteBox, importMoves, listBoxes, undoMove } from '../api/plans'
import type { Boxes as AllBoxes, FlyBox, FlyCount } from '../api/types'
import { count, dayWords, fliesKey, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { Page, Table } from '../shell/Page'
import { attempt } from '../shell/problems'
import { Button } from '../ui/Button'
import { CSV_FILE, FileButton } from '../ui/FileButton'
import { CallBox } from './CallBox'
import { MoveFlies, type Moving } from './MoveFlies'
import { Selection } from './Selection'

/** Where flies are: box by box, with whom, and where they went. */
export function Boxes() {
  const client = useQueryClient()
  const all = useQuery({ queryKey: ['boxes'], queryFn: listBoxes })
  const [moving, setMoving] = useState<Moving>()
  const [called, setCalled] = useState<FlyBox>()
  const [selecting, setSelecting] = useState(false)
  const [told, setTold] = useState('')
  const refresh = () => client.invalidateQueries({ queryKey: ['boxes'] })
  const take = async (file: File) => {
    try {
      const { added } = await importMoves(file)
      setTold(`${count(added, 'move', 'moves')} added; what was here already is as it was.`)
      await refresh()
    } catch (e) {
      setTold(`${whatWentWrong(e)} Nothing was added.`)
    }
  }
  const remove = (box: FlyBox) =>
    attempt(async () => {
      await deleteBox(box.id)
      await refresh()
      notify(`${box.name} is deleted.`, async () => {
        await restoreDeleted('BOX', box.id)
        await refresh()
      })
    })
  const { mayChange } = useMe()
  return (
    <Page title="Boxes">
      <p className="flex flex-wrap items-center gap-3">
        <span className="text-soft flex-1 max-sm:basis-full">
          What you log lies in the first box; what an outing uses up is taken out.
        </span>
        {mayChange && (
          <>
            <Button onClick={() => setMoving({})}>Put flies in…</Button>
            <Button onClick={() => setSelecting(true)}>A selection for somebody…</Button>
            <Button
              onClick={() =>
                void attempt(async () => {
                  const made = await addBox({ name: 'New box', note: '' })
                  await refresh()
                  setCalled(made)
                })
              }
            >
              New box
            </Button>
          </>
        )}
        <a className="underline" href={address('/api/boxes/moves.csv')} download>
          CSV
        </a>
        {mayChange && (
          <FileButton label="Moves to import" accept={CSV_FILE} onFile={(f) => void take(f)}>
            Import
          </FileButton>
        )}
      </p>
      <p role="status" className="text-warn">
        {told}
      </p>
      {all.error && <p role="alert">{whatWentWrong(all.error)}</p>}
      {all.data && (
        <>
          <div className="my-3 grid gap-4 *:min-w-0 sm:grid-cols-2 lg:grid-cols-3">
            {all.data.boxes.map((box) => (
              <Box
                key={box.id}
                box={box}
                flies={all.data.flies.filter(
                  (c) => c.place.kind === 'BOX' && c.place.name === box.id,
                )}
                onMove={(from) => setMoving({ from })}
                onCall={() => setCalled(box)}
                onDelete={() => void remove(box)}
              />
            ))}
            <Away flies={all.data.flies} onMove={(from) => setMoving({ from })} />
          </div>
          <Loans flies={all.data.flies} onMove={(from) => setMoving({ from })} />
          <Moves all={all.data} onUndone={() => void refresh()} />
        </>
      )}
      {moving && all.data && (
        <MoveFlies
          moving={moving}
          boxes={all.data.boxes}
          onClose={() => setMoving(undefined)}
          onMoved={() => void refresh()}
        />
      )}
      {selecting && all.data && (
        <Selection
          flies={all.data.flies.filter((c) => c.place.kind === 'BOX')}
          onClose={() => setSelecting(false)}
          onGone={() => void refresh()}
        />
      )}
      {called && (
        <CallBox
          box={called}
          onClose={() => setCalled(undefined)}
          onCalled={() => void refresh()}
        />
      )}
    </Page>
  )
}

function Box({
  box,
  flies,
  onMove,
  onCall,
  onDelete,
}: {
  box: FlyBox
  flies: FlyCount[]
  onMove: (from: FlyCount) => void
  onCall: () => void
  onDelete: () => void
}) {
  const { mayChange } = useMe()
  return (
    <section
      aria-label={box.name}
      className="bg-leaf border-rule flex flex-col rounded-md border p-3"
    >
      <h2 className="flex items-baseline gap-2 font-serif text-xl font-semibold">
        <span className="min-w-0 flex-1 truncate">{box.name}</span>
        <span className="text-soft text-base font-normal">{count(box.flies, 'fly', 'flies')}</span>
      </h2>
      {box.note && <p className="text-soft text-sm">{box.note}</p>}
      {flies.length === 0 && <p className="text-soft my-2">It is empty.</p>}
      <Counts flies={flies} onMove={onMove} />
      {mayChange && (
        <p className="mt-auto flex gap-3 pt-2 text-sm">
          <button type="button" className="underline" onClick={onCall}>
            name
          </button>
          {box.flies === 0 && (
            <button type="button" className="underline" onClick={onDelete}>
              delete
            </button>
          )}
        </p>
      )}
    </section>
  )
}

/** Rows of a box, a dot for each fly as far as there is room. */
function Counts({
  flies,
  onMove,
  where,
}: {
  flies: FlyCount[]
  onMove: (from: FlyCount) => void
  where?: boolean
}) {
  const { mayChange } = useMe()
  return (
    <ul>
      {flies.map((c) => (
        <li
          key={fliesKey(c.flies) + c.where}
          className="border-rule flex items-center gap-2 border-b py-0.5"
        >
          <span className="w-7 text-right font-semibold tabular-nums">{c.count}</span>
          <span className="min-w-0 flex-1">
            {fliesWords(c.flies)}
            {where && <span className="text-soft block text-sm">{c.where}</span>}
            <span aria-hidden className="text-tide block overflow-hidden leading-none">
              {'•'.repeat(Math.min(20, c.count))}
            </span>
          </span>
          {mayChange && ['BOX', 'LENT'].includes(c.place.kind) && (
            <Button
              className="px-2"
              aria-label={`move ${fliesWords(c.flies)}, ${c.where}`}
              onClick={() => onMove(c)}
            >
              move
            </Button>
          )}
        </li>
      ))}
    </ul>
  )
}

/** What is in no box any more. */
function Away({ flies, onMove }: { flies: FlyCount[]; onMove: (from: FlyCount) => void }) {
  const away = flies.filter((c) => c.place.kind !== 'BOX')
  if (away.length === 0) return null
  return (
    <section aria-label="In no box" className="border-rule rounded-md border border-dashed p-3">
      <h2 className="font-serif text-xl font-semibold">In no box</h2>
      <Counts flies={away} onMove={onMove} where />
    </section>
  )
}

/** Who has what, and since when. */
function Loans({ flies, onMove }: { flies: FlyCount[]; onMove: (from: FlyCount) => void }) {
  const loans = useQuery({ queryKey: ['boxes', 'loans'], queryFn: listLoans })
  const { mayChange } = useMe()
  if (!loans.data || loans.data.length === 0) return null
  const there = (l: Loan) =>
    flies.find(
      (c) =>
        c.place.kind === 'LENT' && c.place.name === l.to && fliesKey(c.flies) === fliesKey(l.flies),
    )
  return (
    <section aria-labelledby="loans" className="mt-6">
      <h2 id="loans" className="font-serif text-2xl">
        Who has what
      </h2>
      <Table
        head={['who', 'flies', 'since', 'days', 'how many', '']}
        words={3}
        rows={loans.data.map((l) => {
          const from = there(l)
          return [
            l.to,
            fliesWords(l.flies),
            dayWords(l.since),
            l.days,
            l.count,
            from && mayChange && (
              <button
                key="b"
                type="button"
                className="underline pointer-coarse:min-h-11"
                aria-label={`${fliesWords(l.flies)} come back from ${l.to}`}
                onClick={() => onMove(from)}
              >
                come back…
              </button>
            ),
          ]
        })}
      />
    </section>
  )
}

function Moves({ all, onUndone }: { all: AllBoxes; onUndone: () => void }) {
  const { mayChange } = useMe()
  if (all.moves.length === 0) return null
  return (
    <section aria-labelledby="moves" className="mt-6">
      <h2 id="moves" className="font-serif text-2xl">
        Where they went
      </h2>
      <Table
        head={['day', 'flies', 'from, to', 'note', ...(inClub ? ['by'] : []), 'how many', '']}
        words={inClub ? 5 : 4}
        rows={all.moves.map((m) => [
          dayWords(m.day),
          fliesWords(m.flies),
          m.words,
          m.note,
          ...(inClub ? [m.by || 'somebody who left'] : []),
          m.count,
          m.byLog ? (
            <span key="u" className="text-soft">
              by the log
            </span>
          ) : !mayChange ? null : (
            <button
              key="u"
              type="button"
              className="underline"
              aria-label={`undo: ${m.count} ${fliesWords(m.flies)}, ${m.words}`}
              onClick={() =>
                void attempt(async () => {
                  await undoMove(m.id)
                  onUndone()
                })
              }
            >
              undo
            </button>
          ),
        ])}
      />
    </section>
  )
}
