import type { ReactNode } from 'react'
import { Wide } from '../ui/Wide'

/** A view beside the bench. */
export function Page({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main id="main" tabIndex={-1} className="mx-auto w-full max-w-6xl px-6 py-3 max-sm:px-3">
      <title>{`${title} · Ripple Rest`}</title>
      <h1 className="border-tide my-2 border-b-2 pb-1 font-serif text-3xl font-bold max-sm:text-2xl">
        {title}
      </h1>
      {children}
    </main>
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
    column < words
      ? `text-left ${column > 0 ? 'pl-4 max-sm:min-w-36' : ''}`
      : 'pl-4 text-right whitespace-nowrap'
  return (
    <Wide>
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
    </Wide>
  )
}
