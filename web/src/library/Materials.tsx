import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { forgetMaterial, listMaterials, restoreDeleted } from '../api/client'
import type { MaterialEntry } from '../api/types'
import { Button } from '../ui/Button'
import { notify } from '../shell/notices'
import { Page } from '../shell/Page'
import { DrawerNav } from '../drawer/DrawerNav'
import { OldMaterial } from './OldMaterial'
import { OwnKind } from './OwnKind'
import { TableFile } from './TableFile'
import { Wide } from '../ui/Wide'

/** Every material there is, which of them are at hand, and what can be tied with those. */
export function Materials() {
  const materials = useQuery({ queryKey: ['materials'], queryFn: listMaterials })
  const [params, setParams] = useSearchParams()
  const [hand, setHand] = useState(() => new Set(params.get('atHand')?.split(',').filter(Boolean)))
  const all = materials.data ?? []
  /** The address follows, so that the way back leads to the same ticks. */
  const put = (ids: Iterable<string>) => {
    const next = new Set(ids)
    setHand(next)
    setParams(next.size > 0 ? { atHand: [...next].join(',') } : {}, { replace: true })
  }
  const toggle = (id: string) =>
    put(hand.has(id) ? [...hand].filter((other) => other !== id) : [...hand, id])
  return (
    <Page title="Materials">
      <DrawerNav />
      <p>
        Tick what is on hand.{' '}
        {hand.size > 0 ? (
          <Link
            className="text-tide font-semibold underline"
            to={`/book?atHand=${[...hand].join(',')}`}
          >
            {hand.size === 1
              ? 'What can I tie with this one?'
              : `What can I tie with these ${hand.size}?`}
          </Link>
        ) : (
          <span className="text-soft">The book then shows what can be tied with it.</span>
        )}
      </p>
      <p className="mt-2 flex gap-3">
        <Button onClick={() => put(all.map((m) => m.id))}>Tick all</Button>
        <Button onClick={() => put([])}>Tick none</Button>
      </p>
      <OldMaterial />
      <TableFile of="materials" />
      <ul className="mt-4">
        {all.map((m) => (
          <Material key={m.id} material={m} ticked={hand.has(m.id)} onTick={() => toggle(m.id)} />
        ))}
      </ul>
    </Page>
  )
}

function Material({
  material: m,
  ticked,
  onTick,
}: {
  material: MaterialEntry
  ticked: boolean
  onTick: () => void
}) {
  const client = useQueryClient()
  const [failed, setFailed] = useState('')
  const [making, setMaking] = useState(false)
  const forget = () => {
    forgetMaterial(m.id)
      .then(() => client.invalidateQueries())
      .then(() =>
        notify(`${m.label} is as in the table again.`, async () => {
          await restoreDeleted('MATERIAL', m.id)
          await client.invalidateQueries()
        }),
      )
      .catch((e: Error) => setFailed(e.message))
  }
  return (
    <li className="border-rule flex flex-wrap items-baseline gap-x-4 border-b py-1">
      <label className="flex min-w-72 items-baseline gap-2">
        <input type="checkbox" checked={ticked} onChange={onTick} className="accent-tide" />
        {m.label}
      </label>
      <Link className="hover:text-tide min-w-28 underline" to={`/book?material=${m.id}`}>
        {m.patterns === 0
          ? 'in no pattern'
          : `in ${m.patterns} pattern${m.patterns > 1 ? 's' : ''}`}
      </Link>
      {m.own && (
        <span>
          yours <Button onClick={forget}>back to the table</Button>
        </span>
      )}
      {failed && (
        <span role="alert" className="text-warn">
          {failed}
        </span>
      )}
      <details className="text-soft grow">
        <summary className="cursor-pointer">properties and sources</summary>
        <p className="my-1">
          <Button onClick={() => setMaking(true)}>Make a kind of your own from it…</Button>
        </p>
        <Wide>
          <table className="text-sm tabular-nums">
            <tbody>
              {m.values.map((v) => (
                <tr key={v.property}>
                  <th scope="row" className="pr-4 text-left font-normal">
                    {v.property.replaceAll('-', ' ')}
                  </th>
                  <td className="pr-4 text-right whitespace-nowrap">
                    {v.value} ± {v.spread} {v.unit === '1' ? '' : v.unit}
                  </td>
                  <td className="pr-4 whitespace-nowrap">{v.kind}</td>
                  <td>{v.source}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Wide>
      </details>
      {making && <OwnKind of={m} onClose={() => setMaking(false)} />}
    </li>
  )
}
