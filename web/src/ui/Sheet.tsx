import type { ReactNode } from 'react'

/** What can be changed of one thing on the bench; buttons of its own beside its title. */
export function Sheet({
  title,
  buttons,
  children,
}: {
  title: string
  buttons?: ReactNode
  children: ReactNode
}) {
  return (
    <fieldset className="min-w-0">
      <legend className="sr-only">{title}</legend>
      <div className="flex flex-wrap items-start gap-x-6 gap-y-1">
        {children}
        {buttons && <span className="ml-auto flex items-center">{buttons}</span>}
      </div>
    </fieldset>
  )
}
