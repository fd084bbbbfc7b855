import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { forgetMaterial, listMaterials, restoreDeleted } from '../api/client'
import type { MaterialEntry } from '../api/types'
import { Button } from '../ui/Button'
import { notify } from '../shell/notices'
import { Page } from '../shell/Page'
import { DrawerNav } from './DrawerNav'
import { OldMaterial } from './OldMaterial'
import { OwnKind } from './OwnKind'
import { TableFile } from './TableFile'
import { Wide } from '../ui/Wide'

/** Every kind of material there is, with what is known of it. */
export function Materials() {
  const materials = useQuery({ queryKey: ['materials'], queryFn: listMaterials })
  return (
    <Page title="Materials">
      <DrawerNav />
      <OldMaterial />
      <TableFile of="materials" />
      <ul className="mt-4">
        {materials.data?.map((m) => (
          <Material key={m.id} material={m} />
        ))}
      </ul>
    </Page>
  )
}

function Material({ material: m }: { material: MaterialEntry }) {
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
      <span className="min-w-72">{m.label}</span>
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
