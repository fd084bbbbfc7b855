import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { restoreDeleted } from '../api/client'
import { address } from '../api/room'
import { addOuting, deleteOuting, listOutings, outingHistory } from '../api/plans'
import { count, dayFrom, dayWords, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { useMe } from '../api/useMe'
import { Page, Table } from '../shell/Page'
import { attempt } from '../shell/problems'
import { Button } from '../ui/Button'
import { WATER_WORDS, monthWords } from './words'

/** Days on the water: what those to come lack, and what those that are over brought. */
export function Outings() {
  const client = useQueryClient()
  const navigate = useNavigate()
  const all = useQuery({ queryKey: ['outings'], queryFn: listOutings })
  const history = useQuery({ queryKey: ['outings', 'history'], queryFn: outingHistory })
  const refresh = () => client.invalidateQueries({ queryKey: ['outings'] })
  const begin = () =>
    attempt(async () => {
      const made = await addOuting({
        name: 'New outing',
        day: dayFrom(7),
        from: '15:00',
        hours: 4,
        water: 'GLIDE',
        people: 1,
        competition: false,
        fishPerHour: 2,
        heaviestG: 400,
        naturals: [],
        wanted: [],
        boxes: [],
        notes: '',
      })
      await refresh()
      await navigate(`/outings/${made.id}`)
    })
  const remove = (id: string, name: string) =>
    attempt(async () => {
      await deleteOuting(id)
      await refresh()
      notify(`${name} is deleted.`, async () => {
        await restoreDeleted('OUTING', id)
        await refresh()
      })
    })
  const lines = all.data ?? []
  const toCome = lines.filter((o) => !o.over)
  const lacking = toCome.reduce((sum, o) => sum + o.lacking, 0)
  const { mayChange } = useMe()
  return (
    <Page title="Outings">
      <p className="flex flex-wrap items-center gap-3">
        <span className="text-soft flex-1 max-sm:basis-full">
          {toCome.length === 0
            ? 'Plan a day on the water, and what you lack for it shows here.'
            : lacking === 0
              ? 'Nothing is missing for the outings to come.'
              : `${count(lacking, 'fly is', 'flies are')} missing for the outings to come.`}{' '}
          {lacking > 0 && mayChange && (
            <Link className="underline" to="/evenings">
              Plan evenings for them
            </Link>
          )}
        </span>
        {mayChange && <Button onClick={() => void begin()}>New outing</Button>}
        <a className="underline" href={address('/api/outings/calendar.ics')} download>
          calendar
        </a>
      </p>
      {all.error && <p role="alert">{whatWentWrong(all.error)}</p>}
      <ul className="my-3 grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
        {[...toCome, ...lines.filter((o) => o.over).reverse()].map((o) => (
          <li key={o.id} className="bg-leaf border-rule rounded-md border p-3">
            <Link
              className="hover:text-tide font-serif text-xl font-semibold"
              to={`/outings/${o.id}`}
            >
              {o.name}
            </Link>
            <p className="text-soft">
              {dayWords(o.day)}, {WATER_WORDS[o.water]}
            </p>
            <p className={o.lacking > 0 ? 'text-warn' : ''}>
              {o.over
                ? 'over'
                : o.wanted === 0
                  ? 'no flies chosen yet'
                  : o.lacking === 0
                    ? `all ${o.wanted} flies are there`
                    : `▲ ${o.lacking} of ${o.wanted} flies are missing`}
            </p>
            {mayChange && (
              <button
                type="button"
                className="text-sm underline"
                aria-label={`delete ${o.name}, ${dayWords(o.day)}`}
                onClick={() => void remove(o.id, o.name)}
              >
                delete
              </button>
            )}
          </li>
        ))}
      </ul>
      {history.data && history.data.length > 0 && (
        <section aria-labelledby="history" className="mt-6">
          <h2 id="history" className="font-serif text-2xl">
            What worked, by water and month
          </h2>
          <Table
            head={['water', 'month', 'flies', 'outings', 'hours', 'fish', 'an hour', 'used up']}
            words={3}
            rows={history.data.map((h) => [
              WATER_WORDS[h.water],
              monthWords(h.month),
              fliesWords(h.flies),
              h.outings,
              h.hours.toFixed(1),
              h.fish,
              h.fishAnHour.toFixed(1),
              h.usedUp,
            ])}
          />
        </section>
      )}
    </Page>
  )
}
