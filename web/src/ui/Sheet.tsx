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
    <fieldset className="max-w-64 min-w-48 flex-1">
      <legend className="float-left flex w-full items-baseline justify-between font-serif text-lg font-semibold">
        {title}
        {buttons}
      </legend>
      <div className="clear-both space-y-1">{children}</div>
    </fieldset>
  )
}
