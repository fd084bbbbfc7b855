import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { copyShared, readShared } from '../api/people'
import type { PatternDocument } from '../api/types'
import { measureBy, say } from '../parts/units'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { attempt } from '../shell/problems'
import { useMe } from '../api/useMe'
import { Button } from '../ui/Button'
import { OnWater } from './OnWater'
import { useToken } from './useToken'

/** A fly that somebody shares by link: how it sits, how it is tied; to copy, or to take as a file. */
export function Shared() {
  const token = useToken()
  const { person, mayChange } = useMe()
  const read = useQuery({
    queryKey: ['shared', token],
    queryFn: () => readShared(token),
    retry: false,
    gcTime: 0,
  })
  const [copy, setCopy] = useState('')
  measureBy(read.data?.card.measure)
  if (!read.data) {
    return (
      <Page title="A fly by link">
        {read.error ? (
          <p role="alert">{whatWentWrong(read.error)}</p>
        ) : (
          <p aria-busy="true">Opening…</p>
        )}
      </Page>
    )
  }
  const { by, card, estimate } = read.data
  const document = read.data.document as unknown as PatternDocument
  return (
    <Page title={document.pattern.name}>
      <p className="flex flex-wrap items-center gap-3">
        <span className="text-soft flex-1">
          {by} shares this fly: {say(card.hook)}.
        </span>
        {person && mayChange && (
          <Button onClick={() => void attempt(async () => setCopy((await copyShared(token)).id))}>
            Copy it into my book
          </Button>
        )}
        <a
          className="underline"
          download={`${document.pattern.name}.json`}
          href={`data:application/json,${encodeURIComponent(JSON.stringify(document, null, 2))}`}
        >
          As a file
        </a>
      </p>
      {copy && (
        <p role="status">
          It is in your book.{' '}
          <Link className="underline" to={`/bench/${copy}`}>
            Open it
          </Link>
        </p>
      )}
      <p className="mt-2 text-lg">{say(estimate.verdict)}</p>
      {estimate.outline && <OnWater outline={estimate.outline} label={say(estimate.verdict)} />}
      <h2 className="mt-4 font-serif text-2xl">How it is tied</h2>
      <ul className="list-disc pl-6">
        {card.preparation.map((p) => (
          <li key={p.text}>{say(p)}</li>
        ))}
      </ul>
      <ol className="mt-3 space-y-3">
        {card.steps.map((s, i) => (
          <li key={s.key} className="grid grid-cols-[2.5rem_1fr]">
            <span className="text-tide font-serif text-2xl font-bold">{i + 1}</span>
            <div>
              <h3 className="font-serif text-xl font-semibold">
                {s.title} <span className="text-soft font-sans text-base">{s.material}</span>
              </h3>
              <p>{say(s.how)}</p>
              {s.caution && <p className="text-warn">▲ {s.caution}</p>}
            </div>
          </li>
        ))}
      </ol>
      {card.cautions.map((c) => (
        <p key={c} className="text-warn mt-2">
          ▲ {c}
        </p>
      ))}
    </Page>
  )
}
