import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { PatternResource } from '../api/types'
import { UnitChoice } from './UnitChoice'
import { Views } from './Views'

type Opened = { data?: PatternResource; error: Error | null; isPending: boolean }

/** A view of one fly beside its bench. */
export function FlyPage({
  id,
  opened,
  title,
  children,
}: {
  id: string
  opened: Opened
  title: string
  children: ReactNode
}) {
  return (
    <div className="mx-auto max-w-6xl px-6 py-3">
      <header className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <Link to="/" className="font-serif text-xl font-semibold">
          Ripple Rest
        </Link>
        <Views id={id} />
        <span className="flex-1" />
        <UnitChoice />
      </header>
      <main>
        <h1 className="border-tide my-2 border-b-2 pb-1 font-serif text-3xl font-bold">
          {opened.data ? `${opened.data.document.pattern.name} ${title}` : title}
        </h1>
        {opened.isPending && (
          <p className="text-soft" aria-busy="true">
            Opening…
          </p>
        )}
        {opened.error && <p role="alert">{opened.error.message}</p>}
        {children}
      </main>
    </div>
  )
}
