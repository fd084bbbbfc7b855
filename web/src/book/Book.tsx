import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { Archive, ArchiveRestore, Copy, Download, Search, Trash2 } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import {
  archivePattern,
  copyPattern,
  deletePattern,
  findPatterns,
  listMaterials,
  listNaturals,
  listStyles,
  restorePattern,
} from '../api/client'
import type { BookPage, BookRow } from '../api/types'
import { address } from '../api/room'
import { sitting, SITTINGS, whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { Button } from '../ui/Button'
import { IconButton } from '../ui/IconButton'
import { Pick } from '../ui/Pick'
import { BookImport } from './BookImport'
import { useMe } from '../api/useMe'
import { Page, Table } from '../shell/Page'
import { useAddress } from '../shell/useAddress'

const REFETCH_MS = 3000
const ANY = 'any'
const SIZES = Array.from({ length: 17 }, (_, i) => String(i + 6))
const SORTS = [
  ['NAME', 'name'],
  ['NATURAL', 'natural'],
  ['HOOK', 'hook, large first'],
  ['SCHOOL', 'style'],
  ['CHANGED', 'changed last'],
] as const

/** The book of patterns: found by words and by what they are, page by page. */
export function Book() {
  const client = useQueryClient()
  const [params, change] = useAddress()
  const found = useQuery({
    queryKey: ['book', params.toString()],
    queryFn: () => findPatterns(params),
    placeholderData: keepPreviousData,
    // postures come in by and by
    refetchInterval: (query) => ((query.state.data?.unplaced ?? 0) > 0 ? REFETCH_MS : false),
    retry: false,
  })
  const [failed, setFailed] = useState('')
  const refresh = () => client.invalidateQueries()
  const attempt = (action: () => Promise<unknown>) => {
    action()
      .then(async () => {
        setFailed('')
        await refresh()
      })
      .catch((e: Error) => setFailed(whatWentWrong(e)))
  }
  /** Whatever is looked for, its first page comes first. */
  const put = (field: string, value: string) =>
    change((next) => {
      if (value === '' || value === ANY) next.delete(field)
      else next.set(field, value)
      if (field !== 'page') next.delete('page')
    })
  const page = found.data
  const { mayChange } = useMe()
  return (
    <Page title="Book">
      <Wanted params={params} put={put} />
      <p className="mt-3" role="status" data-testid="found">
        {page ? told(page) : 'Looking…'}
        {page && page.unplaced > 0 && (
          <span className="text-soft">
            {' '}
            {page.unplaced} {page.unplaced === 1 ? 'has' : 'have'} not been put on the water yet.
          </span>
        )}
      </p>
      {(found.error ?? failed) && (
        <p role="alert" className="text-warn">
          {found.error?.message ?? failed}
        </p>
      )}
      {page && page.rows.length > 0 && (
        <Rows
          rows={page.rows}
          onCopy={(r) => attempt(() => copyPattern(r.id))}
          onArchive={(r) =>
            attempt(async () => {
              await archivePattern(r.id, !r.archived)
              notify(`${r.name} is ${r.archived ? 'restored' : 'archived'}.`, async () => {
                await archivePattern(r.id, r.archived)
                await refresh()
              })
            })
          }
          onDelete={(r) =>
            attempt(async () => {
              await deletePattern(r.id)
              notify(`${r.name} is deleted.`, async () => {
                await restorePattern(r.id)
                await refresh()
              })
            })
          }
        />
      )}
      {page && <Pages page={page} onPage={(n) => put('page', String(n))} />}
      {mayChange && <BookImport onDone={() => void refresh()} />}
    </Page>
  )
}

type WantedProps = { params: URLSearchParams; put: (field: string, value: string) => void }

function Wanted({ params, put }: WantedProps) {
  const styles = useQuery({ queryKey: ['styles'], queryFn: listStyles, staleTime: Infinity })
  const materials = useQuery({ queryKey: ['materials'], queryFn: listMaterials })
  const naturals = useQuery({ queryKey: ['naturals'], queryFn: listNaturals })
  const value = (field: string) => params.get(field) ?? ANY
  const anyOr = (options: (readonly [string, string])[]) => [[ANY, 'any'] as const, ...options]
  return (
    <search>
      <Words value={params.get('words') ?? ''} onChange={(words) => put('words', words)} />
      <div className="mt-3 flex flex-wrap gap-x-6 gap-y-2">
        <Pick
          label="hook"
          value={value('hook')}
          options={anyOr(SIZES.map((s) => [s, s] as const))}
          onChange={(v) => put('hook', v)}
        />
        <Pick
          label="style"
          value={value('style')}
          options={anyOr((styles.data ?? []).map((s) => [s.id, s.label] as const))}
          onChange={(v) => put('style', v)}
        />
        <Pick
          label="natural"
          value={value('natural')}
          options={anyOr((naturals.data ?? []).map((n) => [n.toLowerCase(), n] as const))}
          onChange={(v) => put('natural', v)}
        />
        <Pick
          label="sits"
          value={value('posture')}
          options={anyOr(Object.entries(SITTINGS))}
          onChange={(v) => put('posture', v)}
        />
        <Pick
          label="with"
          value={value('material')}
          options={anyOr((materials.data ?? []).map((m) => [m.id, m.label] as const))}
          onChange={(v) => put('material', v)}
        />
        <Pick
          label="sorted by"
          value={params.get('sort') ?? 'NAME'}
          options={SORTS}
          onChange={(v) => put('sort', v)}
        />
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="accent-tide"
            checked={params.get('archived') === 'true'}
            onChange={(e) => put('archived', e.target.checked ? 'true' : '')}
          />
          archived
        </label>
      </div>
    </search>
  )
}

const QUIET_MS = 150

/** The one field to find by: looked for as soon as the hand rests. */
function Words({ value, onChange }: { value: string; onChange: (words: string) => void }) {
  const [draft, setDraft] = useState(value)
  useEffect(() => {
    if (draft === value) return
    const timer = setTimeout(() => onChange(draft), QUIET_MS)
    return () => clearTimeout(timer)
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only what is typed starts the clock
  }, [draft, value])
  return (
    <label className="border-rule bg-leaf focus-within:border-tide flex items-center gap-2 rounded border px-3 py-1.5 text-lg">
      <Search size={18} aria-hidden />
      <span className="sr-only">Find a pattern</span>
      <input
        type="search"
        value={draft}
        placeholder="name, natural, part, material or any word of the notes"
        onChange={(e) => setDraft(e.target.value)}
        onBlur={() => draft !== value && onChange(draft)}
        className="placeholder:text-soft w-full bg-transparent outline-none"
      />
    </label>
  )
}

function told({ total, page, size, rows }: BookPage): string {
  if (total === 0) return 'Nothing like this is in the book.'
  if (rows.length === 0) return `Past the last of ${total} patterns.`
  return `${page * size + 1} to ${page * size + rows.length} of ${total} pattern${total === 1 ? '' : 's'}.`
}

function Rows(props: {
  rows: BookRow[]
  onCopy: (row: BookRow) => void
  onArchive: (row: BookRow) => void
  onDelete: (row: BookRow) => void
}) {
  const styles = useQuery({ queryKey: ['styles'], queryFn: listStyles, staleTime: Infinity })
  const styleName = (id: string) => styles.data?.find((s) => s.id === id)?.label ?? id
  return (
    <div className="overflow-x-auto">
      <Table
        words={5}
        head={['pattern', 'stands for', 'hook', 'style', 'sits', 'changed', '']}
        rows={props.rows.map((r) => [
          <Link
            key="open"
            to={`/bench/${r.id}`}
            className="hover:text-tide font-semibold underline"
          >
            {r.name}
          </Link>,
          r.natural,
          `${r.hookSize}${r.hookShape === 'straight' ? '' : ` ${r.hookShape.replace('-', ' ')}`}`,
          styleName(r.style),
          r.posture ? sitting(r.posture) : <span className="text-soft">…</span>,
          new Date(r.changed).toLocaleDateString(undefined, { dateStyle: 'medium' }),
          <Actions key="actions" row={r} {...props} />,
        ])}
      />
    </div>
  )
}

function Actions({
  row,
  onCopy,
  onArchive,
  onDelete,
}: {
  row: BookRow
  onCopy: (row: BookRow) => void
  onArchive: (row: BookRow) => void
  onDelete: (row: BookRow) => void
}) {
  const { mayChange } = useMe()
  if (!mayChange) return null
  const away = row.archived ? 'restore from archive' : 'archive'
  const Icon = row.archived ? ArchiveRestore : Archive
  return (
    <span className="flex justify-end">
      <IconButton
        label={`copy ${row.name}`}
        onClick={() => onCopy(row)}
        icon={<Copy size={16} aria-hidden />}
      />
      <IconButton
        label={`${away} ${row.name}`}
        onClick={() => onArchive(row)}
        icon={<Icon size={16} aria-hidden />}
      />
      <IconButton
        label={`delete ${row.name}`}
        onClick={() => onDelete(row)}
        icon={<Trash2 size={16} aria-hidden />}
      />
    </span>
  )
}

function Pages({ page, onPage }: { page: BookPage; onPage: (page: number) => void }) {
  const last = Math.max(0, Math.ceil(page.total / page.size) - 1)
  return (
    <nav aria-label="Pages and files" className="mt-3 flex flex-wrap items-center gap-3">
      <Button disabled={page.page === 0} onClick={() => onPage(page.page - 1)}>
        Previous
      </Button>
      <span>
        page {page.page + 1} of {last + 1}
      </span>
      <Button disabled={page.page >= last} onClick={() => onPage(page.page + 1)}>
        Next
      </Button>
      <span className="flex-1" />
      <FileLink href={address('/api/book/file')}>whole book, one file</FileLink>
      <FileLink href={address('/api/book/folder')}>whole book, a folder</FileLink>
    </nav>
  )
}

function FileLink({ href, children }: { href: string; children: string }) {
  return (
    <a
      href={href}
      download
      className="hover:text-tide inline-flex items-center gap-1 underline decoration-dotted"
    >
      <Download size={16} aria-hidden /> {children}
    </a>
  )
}
