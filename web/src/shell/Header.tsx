import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus, Star, Upload } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { Suspense, lazy, useState } from 'react'
import { Link, NavLink, useMatch, useNavigate } from 'react-router'
import { createPattern, importFile, listPatterns, listStyles } from '../api/client'
import { inClub, isShared, otherRoom } from '../api/room'
import { useMe } from '../api/useMe'
import { FileButton, JSON_FILE } from '../ui/FileButton'
import { MENU, MENU_ITEM } from '../ui/menu'
import { attempt } from './problems'
import { More } from './More'
import { ordered, recent } from './recent'
import { useDragged } from './useDragged'
import { useStore } from '../ui/store'

const DropPattern = lazy(() => import('./DropPattern').then((m) => ({ default: m.DropPattern })))

const VIEWS = [
  ['/book', 'Book'],
  ['/log', 'Log'],
  ['/tests', 'Tests'],
  ['/drawer', 'Drawer'],
  ['/boxes', 'Boxes'],
  ['/outings', 'Outings'],
  ['/evenings', 'Evenings'],
  ['/practice', 'Practice'],
  ['/styles', 'Styles'],
] as const

/** What there is to look at for a guest; the others are for who ties. */
const LOOKED_AT = ['/book', '/boxes', '/outings']

/** On every page: the flies, the other views, and the way back to the fly one came from. */
export function Header() {
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const styles = useQuery({ queryKey: ['styles'], queryFn: listStyles, staleTime: Infinity })
  const client = useQueryClient()
  const { mayChange } = useMe()
  const navigate = useNavigate()
  const bench = useMatch('/bench/:id/*')?.params.id
  const tying = useMatch('/bench/:id/tie') !== null
  const newest = useStore(recent)[0]
  const [last] = useState(() => recent.get()) // the flies keep their places while one looks at them
  const here = bench ?? newest ?? patterns.data?.[0]?.id
  const open = async (id: string) => {
    await client.invalidateQueries({ queryKey: ['patterns'] })
    await navigate(`/bench/${id}`)
  }
  const bringIn = (file: File) => void attempt(async () => open((await importFile(file)).id))
  const dragged = useDragged()
  const onBench = useMatch('/bench/:id') !== null
  const styleName = (id: string) => styles.data?.find((s) => s.id === id)?.label.toLowerCase() ?? id
  return (
    <header className="border-rule flex flex-wrap items-stretch gap-x-4 border-b px-6 max-sm:px-3 lg:flex-nowrap print:hidden">
      <div
        className={`flex flex-col justify-center whitespace-nowrap max-lg:mr-auto ${tying ? 'mr-auto' : ''}`}
      >
        <Link to={here ? `/bench/${here}` : '/'} className="font-serif text-xl font-semibold">
          Ripple Rest
        </Link>
        <Whose />
      </div>
      {!tying && (
        <nav
          aria-label="Patterns"
          className="order-last basis-full overflow-x-auto lg:order-none lg:flex-1 lg:basis-0"
        >
          <ul className="flex h-full min-h-11">
            {ordered(patterns.data ?? [], last).map((p) => (
              <li key={p.id} className="border-rule border-l last:border-r">
                <Link
                  to={`/bench/${p.id}`}
                  aria-current={p.id === bench ? 'page' : undefined}
                  className="hover:text-tide aria-[current=page]:bg-leaf aria-[current=page]:border-tide flex h-full flex-col justify-center border-t-4 border-transparent px-3 py-1 leading-5 whitespace-nowrap"
                >
                  <span className="font-semibold">
                    {p.favourite && (
                      <Star
                        size={13}
                        fill="currentColor"
                        aria-label="favourite"
                        className="mr-1 inline"
                      />
                    )}
                    {p.name}
                  </span>
                  <span className="text-soft text-sm">
                    {p.hookSize} · {styleName(p.style)}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </nav>
      )}
      <nav
        aria-label="Everything else"
        className="flex items-center gap-x-3 overflow-x-auto max-sm:order-1 max-sm:basis-full"
      >
        {VIEWS.filter(([to]) => mayChange || LOOKED_AT.includes(to)).map(([to, name]) => (
          <NavLink
            key={to}
            to={to}
            className="hover:text-tide aria-[current=page]:border-tide border-b-2 border-transparent aria-[current=page]:font-semibold shrink-0 pointer-coarse:py-2.5"
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <div className="flex items-center gap-x-3 py-1.5 max-sm:gap-x-1.5">
        {mayChange && (
          <>
            <DropdownMenu.Root>
              <DropdownMenu.Trigger className="bg-leaf border-edge hover:border-tide flex items-center gap-1 rounded-md border px-3 py-1 pointer-coarse:min-h-11">
                <Plus size={16} aria-hidden /> <span className="max-sm:sr-only">New</span>
              </DropdownMenu.Trigger>
              <DropdownMenu.Portal>
                <DropdownMenu.Content align="end" className={MENU}>
                  <DropdownMenu.Label className="text-soft px-3 py-1">
                    New from style…
                  </DropdownMenu.Label>
                  {(styles.data ?? []).map((s) => (
                    <DropdownMenu.Item
                      key={s.id}
                      onSelect={() =>
                        void attempt(async () => open((await createPattern(s.id, bench)).id))
                      }
                      className={MENU_ITEM}
                    >
                      {s.label}
                    </DropdownMenu.Item>
                  ))}
                </DropdownMenu.Content>
              </DropdownMenu.Portal>
            </DropdownMenu.Root>
            <FileButton
              label="Pattern file to import"
              accept={JSON_FILE}
              className="pointer-coarse:min-h-11"
              onFile={bringIn}
            >
              <Upload size={16} aria-hidden /> <span className="max-sm:sr-only">Import</span>
            </FileButton>
          </>
        )}
        {mayChange && onBench && dragged && (
          <Suspense>
            <DropPattern onFile={bringIn} />
          </Suspense>
        )}
        <More />
      </div>
    </header>
  )
}

/** Whose things this is about, and the way to the others. */
function Whose() {
  const { person } = useMe()
  if (!isShared || !person) return null
  if (person.role === 'GUEST') return <span className="text-soft text-sm">the club</span>
  return (
    <nav aria-label="Whose" className="flex items-center gap-x-2 text-sm leading-5">
      {[false, true].map((club) =>
        club === inClub ? (
          <span
            key={String(club)}
            aria-current="true"
            className="border-tide border-b-2 font-semibold"
          >
            {club ? 'the club' : 'mine'}
          </span>
        ) : (
          <a key={String(club)} href={otherRoom} className="hover:text-tide underline">
            {club ? 'the club' : 'mine'}
          </a>
        ),
      )}
    </nav>
  )
}
