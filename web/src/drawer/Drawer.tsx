import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { Suspense, lazy, useState } from 'react'
import { listMaterials } from '../api/client'
import { findInDrawer } from '../api/drawer'
import type { DrawerItem, Found } from '../api/types'
import { TableFile } from '../library/TableFile'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { useAddress } from '../shell/useAddress'
import { Swatches } from '../colour/Swatches'
import { Button } from '../ui/Button'
import { Pick } from '../ui/Pick'
import { DrawerNav } from '../library/DrawerNav'
import { ItemCard } from './ItemCard'

const ItemSheet = lazy(() => import('./ItemSheet').then((m) => ({ default: m.ItemSheet })))

/** Shown at once, and again as many when more is wanted. */
const SOME = 120

const GROUPS = [
  ['feathers', 'Feathers'],
  ['patch', 'Hair'],
  ['dubbing', 'Dubbing'],
  ['spool', 'Spools and hanks'],
  ['pieces', 'Hooks and pieces'],
] as const

/** What lies in the drawer: looked at, found, put in, changed. */
export function Drawer() {
  const [query, put] = useAddress()
  const [most, setMost] = useState(SOME)
  const [open, setOpen] = useState<DrawerItem | 'new'>()
  const client = useQueryClient()
  const asked = new URLSearchParams(query)
  asked.set('most', String(most))
  const found = useQuery({
    queryKey: ['drawer', asked.toString()],
    queryFn: ({ signal }) => findInDrawer(asked, signal),
    placeholderData: keepPreviousData,
  })
  const kinds = useQuery({ queryKey: ['materials'], queryFn: listMaterials }).data ?? []
  const look = (name: string, value: string) => {
    setMost(SOME)
    put((next) => (value === '' ? next.delete(name) : next.set(name, value)))
  }
  const colour = query.get('colour') ?? ''
  const data = found.data
  return (
    <Page title="Drawer">
      <DrawerNav />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2" role="search">
        <input
          type="search"
          aria-label="Words"
          placeholder="words: cape, tin, olive…"
          defaultValue={query.get('words') ?? ''}
          onChange={(e) => look('words', e.target.value)}
          className="border-edge bg-leaf min-w-48 rounded border px-2 py-1 pointer-coarse:min-h-11"
        />
        <Pick
          label="kind"
          narrow
          value={query.get('kind') ?? ANY}
          options={[[ANY, 'any'], ...kinds.map((k) => [k.id, k.label] as const)]}
          onChange={(kind) => look('kind', kind === ANY ? '' : kind)}
        />
        <span className="flex items-center gap-2">
          <label className="flex items-center gap-2">
            <span className="text-soft">like</span>
            <input
              key={colour}
              defaultValue={colour}
              placeholder="a colour"
              maxLength={40}
              onBlur={(e) => look('colour', e.target.value.trim())}
              onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
              className="border-edge bg-leaf w-28 rounded border px-2 py-1 pointer-coarse:min-h-11"
            />
          </label>
          <Swatches of="the drawer" value={colour} onPick={(name) => look('colour', name)} />
        </span>
        <label className="flex items-center gap-2">
          <span className="text-soft">for hook size</span>
          <input
            type="number"
            min={1}
            max={32}
            defaultValue={query.get('hookSize') ?? ''}
            onChange={(e) => e.target.validity.valid && look('hookSize', e.target.value)}
            className="border-edge bg-leaf w-16 rounded border px-2 py-1 pointer-coarse:min-h-11"
          />
        </label>
        <label className="flex items-center gap-2 pointer-coarse:min-h-11">
          <input
            type="checkbox"
            className="accent-tide"
            checked={query.get('lowOnly') === 'true'}
            onChange={(e) => look('lowOnly', e.target.checked ? 'true' : '')}
          />
          only what is low{data && data.low > 0 && ` (${data.low})`}
        </label>
      </div>
      {found.error && (
        <p role="alert" className="text-warn mt-3">
          {whatWentWrong(found.error)}
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-center justify-between gap-3">
        <p role="status" className="text-soft" data-testid="found">
          {data && told(data, colour)}
        </p>
        <Button onClick={() => setOpen('new')}>Put something in…</Button>
      </div>
      {data &&
        (colour ? [['', ''] as const] : GROUPS).map(([kept, title]) => {
          const items = data.items.filter((i) => kept === '' || i.kept === kept)
          if (items.length === 0) return null
          return (
            <section key={kept} aria-label={title || 'Found'} className="mt-3">
              {title && <h2 className="font-serif text-xl">{title}</h2>}
              <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(min(15rem,100%),1fr))] gap-2">
                {items.map((item) => (
                  <ItemCard key={item.id} item={item} onOpen={() => setOpen(item)} />
                ))}
              </ul>
            </section>
          )
        })}
      {data && data.found > data.items.length && (
        <p className="mt-3">
          <Button onClick={() => setMost(most + SOME)}>
            Show more of the {data.found - data.items.length} others
          </Button>
        </p>
      )}
      <TableFile of="drawer" />
      {open && (
        <Suspense>
          <ItemSheet
            item={open === 'new' ? undefined : open}
            kinds={kinds}
            onClose={() => setOpen(undefined)}
            onKept={() => client.invalidateQueries({ queryKey: ['drawer'] })}
          />
        </Suspense>
      )}
    </Page>
  )
}

const ANY = 'any'

function told({ all, found }: Found, colour: string): string {
  if (all === 0) return 'Nothing lies in the drawer yet. Put something in, or import a table.'
  const things = found === all ? `${all} things` : `${found} of ${all} things`
  return colour && found > 0 ? `${things}, the most like ${colour} first` : things
}
