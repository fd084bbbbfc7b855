import { ArrowLeft } from 'lucide-react'
import type { ReactNode } from 'react'
import { Link } from 'react-router'

/** A view beside the bench, with the way back. */
export function Page({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="mx-auto max-w-6xl px-6 py-4">
      <Link to="/" className="hover:text-tide inline-flex items-center gap-1">
        <ArrowLeft size={16} aria-hidden /> the bench
      </Link>
      <main>
        <h1 className="border-tide my-2 border-b-2 pb-1 font-serif text-3xl font-bold">{title}</h1>
        {children}
      </main>
    </div>
  )
}

/** Numbers in columns; the first few hold words. */
export function Table({
  head,
  rows,
  words = 1,
}: {
  head: string[]
  rows: ReactNode[][]
  words?: number
}) {
  const side = (column: number) =>
    column < words ? `text-left ${column > 0 ? 'pl-4' : ''}` : 'pl-4 text-right whitespace-nowrap'
  return (
    <table className="w-full tabular-nums">
      <thead>
        <tr className="border-rule border-b">
          {head.map((h, i) => (
            <th key={i} scope="col" className={`text-soft py-1 font-normal ${side(i)}`}>
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((cells, r) => (
          <tr key={r} className="border-rule border-b">
            {cells.map((cell, i) => (
              <td key={i} className={`py-1 ${side(i)}`}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
