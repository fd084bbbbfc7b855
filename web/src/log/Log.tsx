import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { deleteFly, importLog, listFlies, listTrends, restoreDeleted } from '../api/client'
import { address } from '../api/room'
import { listPractice } from '../api/practice'
import { measureBy, say, unit } from '../parts/units'
import { notify } from '../shell/notices'
import { attempt } from '../shell/problems'
import { FileButton, JSON_FILE } from '../ui/FileButton'
import { Page, Table } from '../shell/Page'
import { clock } from '../parts/clock'
import { useStore } from '../ui/store'
import { whatWentWrong } from '../parts/words'

/** What was tied: fly by fly, and what a tier's hands do again and again. */
export function Log() {
  useStore(unit)
  measureBy(undefined) // flies on many hooks: in mm or inches
  const client = useQueryClient()
  const flies = useQuery({ queryKey: ['log'], queryFn: listFlies })
  const trends = useQuery({ queryKey: ['trends'], queryFn: listTrends })
  const practice = useQuery({ queryKey: ['practice', ''], queryFn: () => listPractice('') })
  const eyesOf = (what: string) =>
    (practice.data?.eyes ?? []).filter((e) => e.of === what && e.curve.length > 0)
  const [told, setTold] = useState('')
  const [wanted, setWanted] = useState('')
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['log'] }),
      client.invalidateQueries({ queryKey: ['trends'] }),
    ])
  const take = async (chosen: File) => {
    try {
      const { added } = await importLog(chosen)
      setTold(
        `${added} ${added === 1 ? 'fly' : 'flies'} added; what was here already is as it was.`,
      )
      await refresh()
    } catch (e) {
      setTold(`${whatWentWrong(e)} Nothing was added.`)
    }
  }
  const remove = (id: string, name: string) =>
    attempt(async () => {
      await deleteFly(id)
      await refresh()
      notify(`${name} is deleted from the log.`, async () => {
        await restoreDeleted('FLY', id)
        await refresh()
      })
    })
  const words = wanted.trim().toLowerCase()
  const all = flies.data ?? []
  const list = all.filter((f) => `${f.name} ${f.size} ${f.notes}`.toLowerCase().includes(words))
  return (
    <Page title="Log of tied flies">
      <p className="flex flex-wrap items-center gap-3">
        <span className="text-soft flex-1">
          A fly comes here when it is tied by its card, or by “log a fly” on the card.
        </span>
        <a className="underline" href={address('/api/log.csv')} download>
          CSV
        </a>
        <a className="underline" href={address('/api/log.json')} download>
          JSON
        </a>
        <FileButton label="Log to import" accept={JSON_FILE} onFile={(chosen) => void take(chosen)}>
          Import a log
        </FileButton>
      </p>
      <p role="status" className="text-warn">
        {told}
      </p>
      {flies.error && <p role="alert">{flies.error.message}</p>}
      <section
        aria-label="Your tying habits"
        className="bg-leaf border-rule my-3 rounded border px-4 py-2"
      >
        <h2 className="font-serif text-xl font-semibold">Your tying habits</h2>
        {trends.data?.length === 0 && (
          <p className="text-soft">
            Measure the same thing on three flies, and your habits show here.
          </p>
        )}
        <ul data-testid="trends">
          {(trends.data ?? []).map((t) => (
            <li key={t.name} className={t.habit ? 'font-semibold' : 'text-soft'}>
              {t.words}
              {eyesOf(t.name).map((e) => (
                <span key={e.skill} className="text-soft block pl-4 font-normal">
                  {say(e.words)}
                </span>
              ))}
            </li>
          ))}
        </ul>
        <p className="text-soft text-sm">
          ± is the middle 90 % of where the mean may lie. Shown as a habit only when chance is
          unlikely. Indented: your eye, from{' '}
          <Link className="underline" to="/practice">
            practice
          </Link>
          .
        </p>
      </section>
      {flies.isSuccess && all.length === 0 && <p>Nothing is logged yet.</p>}
      {all.length > 0 && (
        <label className="my-2 flex items-center gap-2">
          find
          <input
            className="border-edge bg-leaf rounded border px-2 py-0.5"
            placeholder="fly, size or words"
            value={wanted}
            onChange={(e) => setWanted(e.target.value)}
          />
          <span role="status" className="text-soft">
            {list.length} of {all.length}
          </span>
        </label>
      )}
      {list.length > 0 && (
        <Table
          head={['fly', 'tied', 'what came out otherwise', 'notes', 'size', 'took', 'picture', '']}
          words={4}
          rows={list.map((f) => [
            f.unreadable ? (
              f.name
            ) : (
              <Link key="l" className="underline" to={`/log/${f.id}`}>
                {f.name}
              </Link>
            ),
            f.unreadable
              ? '–'
              : new Date(f.tiedAt).toLocaleDateString(undefined, {
                  day: 'numeric',
                  month: 'short',
                  year: 'numeric',
                }),
            f.unreadable
              ? `cannot be read: ${f.unreadable}`
              : f.differences.map((d) => say(d)).join(', ') || '–',
            f.notes,
            f.size,
            f.seconds > 0 ? `${clock(f.seconds)} min` : '–',
            f.pictured ? 'yes' : '–',
            <button
              key="d"
              type="button"
              className="hover:text-warn underline"
              onClick={() => void remove(f.id, f.name)}
            >
              delete
            </button>,
          ])}
        />
      )}
    </Page>
  )
}
