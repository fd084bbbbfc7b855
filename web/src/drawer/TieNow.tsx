import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { address } from '../api/room'
import { shoppingList, tieable } from '../api/drawer'
import type { TieableNow } from '../api/types'
import { part, whatWentWrong } from '../parts/words'
import { Page, Table } from '../shell/Page'
import { useAddress } from '../shell/useAddress'
import { Choice } from '../ui/Choice'
import { Stepper } from '../ui/Stepper'
import { DrawerNav } from '../library/DrawerNav'

const LACKING = [
  ['0', 'nothing'],
  ['1', 'one thing'],
  ['2', 'two things'],
] as const

/** What can be tied with what lies in the drawer, and what to buy for more. */
export function TieNow() {
  const [missing, setMissing] = useState<'0' | '1' | '2'>('0')
  const [query, put] = useAddress()
  const flies = useQuery({
    queryKey: ['drawer', 'tieable', missing],
    queryFn: () => tieable(Number(missing)),
    gcTime: 0,
  })
  const plan = new Map(
    query.getAll('plan').map((p) => {
      const colon = p.lastIndexOf(':') // before it the pattern, and perhaps a hook size and colours
      return [p.slice(0, colon), Number(p.slice(colon + 1))] as const
    }),
  )
  const tie = (id: string, count: number) =>
    put((next) => {
      const others = next.getAll('plan').filter((p) => !p.startsWith(id))
      next.delete('plan')
      for (const p of [...others, ...(count > 0 ? [`${id}:${count}`] : [])]) next.append('plan', p)
    })
  const asked = new URLSearchParams([...plan].map(([id, count]) => ['plan', `${id}:${count}`]))
  const list = useQuery({
    queryKey: ['drawer', 'shopping', asked.toString()],
    queryFn: () => shoppingList(asked),
    gcTime: 0,
  })
  return (
    <Page title="Tie now, and buy">
      <DrawerNav />
      <div className="grid gap-8 *:min-w-0 lg:grid-cols-2">
        <section aria-labelledby="now" className="print:hidden">
          <h2 id="now" className="font-serif text-2xl">
            What can be tied now
          </h2>
          <div className="my-2 max-w-sm">
            <Choice label="may lack" value={missing} options={LACKING} onChange={setMissing} />
          </div>
          {flies.error && (
            <p role="alert" className="text-warn">
              {whatWentWrong(flies.error)}
            </p>
          )}
          {flies.data && <Told now={flies.data} />}
          <ul>
            {flies.data?.flies.map((fly) => (
              <li key={fly.id} className="border-rule border-b py-1">
                <div className="flex flex-wrap items-center justify-between gap-x-4">
                  <Link className="hover:text-tide font-semibold" to={`/bench/${fly.id}`}>
                    {fly.name} {fly.hookSize}
                  </Link>
                  <Stepper
                    label={`to tie, ${fly.name}`}
                    value={plan.get(fly.id) ?? 0}
                    step={1}
                    low={0}
                    high={500}
                    onChange={(count) => tie(fly.id, count)}
                  />
                </div>
                <p className="text-soft text-sm">
                  {fly.lacking.length === 0
                    ? `enough for ${fly.enoughFor}`
                    : fly.lacking
                        .map((l) =>
                          [`${part(l.part)}: ${l.amount} of ${l.kindLabel.toLowerCase()}`, l.colour]
                            .filter(Boolean)
                            .join(', '),
                        )
                        .join('; ')}
                </p>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="buy">
          <h2 id="buy" className="font-serif text-2xl">
            To buy
          </h2>
          <p className="text-soft my-2">
            {plan.size === 0
              ? 'What is low. Say on the left how many flies you want to tie, and what they lack comes on top.'
              : `For ${[...plan.values()].reduce((a, b) => a + b, 0)} flies, and what is low.`}
          </p>
          {list.error && (
            <p role="alert" className="text-warn">
              {whatWentWrong(list.error)}
            </p>
          )}
          {list.data && list.data.length > 0 && (
            <>
              <Table
                head={['', 'buy', 'lacking']}
                rows={list.data.map((b) => [
                  <span key={b.kind}>
                    {b.kindLabel}
                    {b.hookSize > 0 && `, size ${b.hookSize}`}
                    {b.colour && `, ${b.colour}`}
                    <span className="text-soft block text-sm">{b.why}</span>
                  </span>,
                  b.buy,
                  b.lacking,
                ])}
              />
              <p className="mt-3 flex gap-4 print:hidden">
                <a
                  className="underline"
                  href={address(`/api/drawer/shopping.csv?${asked}`)}
                  download
                >
                  list as CSV
                </a>
                <button type="button" className="underline" onClick={() => window.print()}>
                  print
                </button>
              </p>
            </>
          )}
          {list.data?.length === 0 && <p>Nothing.</p>}
        </section>
      </div>
    </Page>
  )
}

function Told({ now }: { now: TieableNow }) {
  return (
    <p role="status" className="text-soft">
      {now.flies.length === 0
        ? 'None of the book can be tied with what is in the drawer.'
        : `${now.flies.length} dressings.`}
      {now.more > 0 &&
        ` The first ${now.looked} of the right materials were looked at; ${now.more} more were not.`}
    </p>
  )
}
