import type { ReactNode } from 'react'
import type { PatternResource } from '../api/types'
import { Page } from './Page'
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
    <Page title={opened.data ? `${opened.data.document.pattern.name} ${title}` : title}>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-1 print:hidden">
        <Views id={id} />
        <UnitChoice />
      </div>
      {opened.isPending && (
        <p className="text-soft" aria-busy="true">
          Opening…
        </p>
      )}
      {opened.error && <p role="alert">{opened.error.message}</p>}
      {children}
    </Page>
  )
}
