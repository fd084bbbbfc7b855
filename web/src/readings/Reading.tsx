import { ChevronDown } from 'lucide-react'
import { Accordion } from 'radix-ui'
import type { ReactNode } from 'react'
import { Term } from '../shell/Term'

/** One number that opens to what makes it so; looks stale while it lags. */
export function Reading({
  id,
  title,
  value,
  band,
  stale,
  was,
  without,
  children,
}: {
  id: string
  title: string
  value: string
  band: string | undefined
  stale: boolean
  /** What it was before the last change, if it was something else. */
  was?: string
  /** What it would be without the tier's tests, if they moved it. */
  without?: string
  children: ReactNode
}) {
  return (
    <Accordion.Item value={id} className="border-rule border-b" data-reading={id}>
      <Accordion.Header asChild>
        <h2>
          <Accordion.Trigger className="group w-full py-1 text-left">
            <span className="flex items-baseline justify-between gap-2">
              <span className="text-soft">{title}</span>
              <span className="font-serif text-2xl leading-6">
                {was && was !== value && (
                  <span className="text-tide font-sans text-base" data-was>
                    {was} →{' '}
                  </span>
                )}
                {value}
              </span>
            </span>
            <span className="flex items-center justify-between gap-2">
              <ChevronDown
                size={16}
                aria-hidden
                className="shrink-0 group-data-[state=open]:rotate-180"
              />
              <span
                aria-busy={stale}
                className={`text-right ${stale ? 'text-soft italic' : 'text-soft'}`}
              >
                {band ?? (stale ? 'working…' : '')}
              </span>
            </span>
            {without && (
              <span className="text-tide block text-right text-sm" data-without>
                {without}
              </span>
            )}
          </Accordion.Trigger>
        </h2>
      </Accordion.Header>
      <Accordion.Content className="pb-3">
        <div className="float-right">
          <Term word={title} />
        </div>
        {children}
      </Accordion.Content>
    </Accordion.Item>
  )
}

/** A share as a bar with its words. */
export function Bar({ name, share, words }: { name: string; share: number; words: string }) {
  return (
    <li className="my-1">
      <span className="flex justify-between">
        <span>{name}</span>
        <span className="tabular-nums">{words}</span>
      </span>
      <span className="bg-rule block h-1.5 rounded" aria-hidden>
        <span
          className={`block h-1.5 rounded ${share >= 0 ? 'bg-tide' : 'bg-warn'}`}
          style={{ width: `${Math.min(100, Math.abs(share) * 100)}%` }}
        />
      </span>
    </li>
  )
}
