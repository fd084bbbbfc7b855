import { Plus, Upload } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useRef } from 'react'
import { Link } from 'react-router'
import type { PatternSummary, School } from '../api/types'

type Props = {
  patterns: PatternSummary[]
  schools: School[]
  openId: string | undefined
  onNew: (school: string) => void
  onImport: (files: FileList | null) => void
}

const VIEWS = [
  ['/book', 'Book'],
  ['/log', 'Log'],
  ['/materials', 'Materials'],
  ['/hooks', 'Hooks'],
  ['/schools', 'Styles'],
  ['/deleted', 'Deleted'],
] as const

/** The fly box along the top: one compartment a pattern. */
export function Box({ patterns, schools, openId, onNew, onImport }: Props) {
  const file = useRef<HTMLInputElement>(null)
  return (
    <header className="border-rule flex flex-wrap items-stretch gap-x-4 border-b px-6 lg:flex-nowrap">
      <Link to="/" className="font-serif flex items-center text-xl font-semibold whitespace-nowrap">
        Ripple Rest
      </Link>
      <nav
        aria-label="Patterns"
        className="order-last basis-full overflow-x-auto lg:order-none lg:flex-1 lg:basis-0"
      >
        <ul className="flex h-full">
          {patterns.map((p) => (
            <li key={p.id} className="border-rule border-l last:border-r">
              <Link
                to={`/bench/${p.id}`}
                aria-current={p.id === openId ? 'page' : undefined}
                className="hover:text-tide aria-[current=page]:bg-leaf aria-[current=page]:border-tide flex h-full flex-col justify-center border-t-4 border-transparent px-3 py-1 leading-5 whitespace-nowrap"
              >
                <span className="font-semibold">{p.name}</span>
                <span className="text-soft text-sm">
                  {p.hookSize} ·{' '}
                  {schools.find((s) => s.id === p.school)?.label.toLowerCase() ?? p.school}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <div className="flex items-center gap-3 py-2">
        {VIEWS.map(([to, name]) => (
          <Link key={to} to={to} className="hover:text-tide">
            {name}
          </Link>
        ))}
        <DropdownMenu.Root>
          <DropdownMenu.Trigger className="bg-leaf border-rule hover:border-tide flex items-center gap-1 rounded-md border px-3 py-1">
            <Plus size={16} aria-hidden /> New
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content
              align="end"
              className="bg-leaf border-rule text-ink z-50 max-h-[80vh] overflow-y-auto rounded-md border p-1 shadow-lg"
            >
              {schools.map((s) => (
                <DropdownMenu.Item
                  key={s.id}
                  onSelect={() => onNew(s.id)}
                  className="data-highlighted:bg-tide data-highlighted:text-paper cursor-pointer rounded px-3 py-1"
                >
                  {s.label}
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
        <button
          type="button"
          onClick={() => file.current?.click()}
          className="bg-leaf border-rule hover:border-tide flex items-center gap-1 rounded-md border px-3 py-1"
        >
          <Upload size={16} aria-hidden /> Import
        </button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          aria-label="Pattern file to import"
          className="hidden"
          onChange={(e) => {
            onImport(e.target.files)
            e.target.value = ''
          }}
        />
      </div>
    </header>
  )
}
