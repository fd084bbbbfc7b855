import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { oldMaterial } from '../api/client'

/** What an old recipe names and nobody may have, or can get, any more, and what serves instead. */
export function OldMaterial() {
  const [named, setNamed] = useState('')
  const found = useQuery({
    queryKey: ['unobtainable', named],
    queryFn: ({ signal }) => oldMaterial(named, signal),
    enabled: named.trim().length > 2,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })
  const shown = named.trim().length > 2 ? found.data : undefined
  return (
    <section aria-label="A material of an old recipe" className="mt-4">
      <label className="flex flex-wrap items-center gap-3">
        <span>A material of an old recipe:</span>
        <input
          type="search"
          value={named}
          maxLength={60}
          placeholder="heron, seal, polar bear…"
          onChange={(e) => setNamed(e.target.value)}
          className="border-edge bg-leaf min-w-56 rounded border px-2 py-1 pointer-coarse:min-h-11"
        />
      </label>
      {shown?.length === 0 && (
        <p role="status" className="text-soft">
          Nothing is known against it here. What may be owned and used is for your local rules.
        </p>
      )}
      <ul role="status">
        {shown?.map((u) => (
          <li key={u.name} className="mt-1">
            <span className="font-semibold">{u.name}</span>: {u.why}. Instead:{' '}
            {u.instead.map((m, i) => (
              <span key={m.id}>
                {i > 0 && ', '}
                <Link className="underline" to={`/drawer?kind=${m.id}`}>
                  {m.label.toLowerCase()}
                </Link>
              </span>
            ))}
            . <span className="text-soft">{u.because}.</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
