import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { cardAddress, getCard, logFly } from '../api/client'
import type { Card as TyingCard } from '../api/types'
import { pxPerMm } from '../parts/calibration'
import { length, measureBy, say, unit } from '../parts/units'
import { Button } from '../ui/Button'
import { FlyPage } from '../shell/FlyPage'
import { Table } from '../shell/Page'
import { useStore } from '../ui/store'
import { useOpened } from '../shell/useOpened'

const PAPERS = ['A5', 'A4', 'LETTER'] as const

/** The fly as steps to tie it by, with the lengths to lay material on. */
export function Card() {
  const { id = '' } = useParams()
  useStore(unit)
  const opened = useOpened(id)
  const card = useQuery({
    queryKey: ['card', id, opened.data?.revision],
    queryFn: () => getCard(id),
    enabled: opened.data !== undefined,
  })
  measureBy(card.data?.measure)
  return (
    <FlyPage id={id} opened={opened} title="step by step">
      {card.error && <p role="alert">{card.error.message}</p>}
      {card.isPending && opened.data && (
        <p role="status" aria-busy="true">
          Writing the card…
        </p>
      )}
      {card.data && <Steps card={card.data} id={id} />}
    </FlyPage>
  )
}

function Steps({ card, id }: { card: TyingCard; id: string }) {
  const scale = useStore(pxPerMm)
  const navigate = useNavigate()
  const [failed, setFailed] = useState('')
  const [weighed, setWeighed] = useState(false)
  const own = card.steps.some((s) => s.timed > 0)
  const log = () =>
    void logFly(id).then(
      (tied) => navigate(`/log/${tied.fly.id}`),
      (e: Error) => setFailed(e.message),
    )
  return (
    <>
      <p className="flex gap-3 print:hidden">
        <Link
          to={`/bench/${id}/tie`}
          className="bg-tide text-paper inline-flex items-center rounded-md px-3 py-1 pointer-coarse:min-h-11"
        >
          Tie it, hands-free
        </Link>
        <Button onClick={log}>Log a fly tied to it</Button>
        {failed && <span role="alert">{failed}</span>}
      </p>
      <p className="text-soft flex flex-wrap items-baseline gap-x-4">
        <span className="flex-1">
          {say(card.hook)}. About {Math.ceil(card.seconds / 60)} minutes
          {own ? ', as your own times go' : ' for a practised tier (an assumption)'}.
        </span>
        <span className="print:hidden">
          on paper at true size:{' '}
          {PAPERS.map((p) => (
            <a key={p} className="mr-2 underline" href={cardAddress(id, 'pdf', p)} download>
              {p === 'LETTER' ? 'Letter' : p}
            </a>
          ))}
          <a className="mr-2 underline" href={cardAddress(id, 'svg')} download>
            SVG
          </a>
          <a className="underline" href={cardAddress(id, 'txt')} download>
            plain text
          </a>
        </span>
      </p>
      {(card.visitor || card.asked || card.notes) && (
        <p className="whitespace-pre-line">
          {card.visitor && <strong>For {card.visitor}. </strong>}
          {card.asked} {card.notes}
        </p>
      )}
      {card.warnings.map((w) => (
        <p key={w.text} className="text-warn">
          ▲ {say(w)}
        </p>
      ))}
      {card.problems.map((p) => (
        <p key={`${p.step} ${p.after}`} className="text-warn">
          ▲ {p.words}
        </p>
      ))}
      <section aria-label="Before you start" className="border-rule my-3 border-y py-2">
        <h2 className="font-serif text-xl font-semibold">Before you start</h2>
        <ul className="list-disc pl-5">
          {card.preparation.map((p) => (
            <li key={p.text}>{say(p)}</li>
          ))}
        </ul>
      </section>
      <Thread card={card} />
      <label className="my-2 flex items-center gap-2 print:hidden pointer-coarse:min-h-11">
        <input type="checkbox" checked={weighed} onChange={(e) => setWeighed(e.target.checked)} />
        weigh the fly behind each step
      </label>
      <ol className="space-y-4" data-testid="steps">
        {card.steps.map((s, i) => (
          <li key={s.key} className="grid grid-cols-[2.5rem_1fr] gap-x-3">
            <span className="text-tide font-serif text-3xl leading-8 font-bold">{i + 1}</span>
            <div>
              <h2 className="font-serif text-xl font-semibold">
                {s.title} <span className="text-soft font-sans text-base">{s.material}</span>
              </h2>
              {s.place.text && <p className="text-soft">{say(s.place)}</p>}
              {s.take.length > 0 && (
                <p className="text-soft">have ready: {s.take.map((t) => say(t)).join('; ')}</p>
              )}
              <p className="text-lg">{say(s.how)}</p>
              {s.bars.map((b) => (
                <Bar key={b.name} name={b.name} mm={b.mm} scale={scale} />
              ))}
              {s.check.text && (
                <p>
                  <strong>Look:</strong> {say(s.check)}
                </p>
              )}
              {s.mistake.text && (
                <p>
                  <strong>{say(s.mistake)}</strong> {say(s.remedy)}
                </p>
              )}
              {s.caution && <p className="text-warn">▲ {s.caution}</p>}
              {s.note && (
                <p>
                  <strong>Note:</strong> {s.note}
                </p>
              )}
              {s.easier && (
                <p className="text-soft">
                  <strong>Easier:</strong> {s.easier}
                </p>
              )}
              {weighed && (
                <p className="text-soft tabular-nums">so far {s.weighsMg.toFixed(0)} mg</p>
              )}
              {s.ways.text && <p className="text-soft text-sm">{say(s.ways)}</p>}
            </div>
          </li>
        ))}
      </ol>
      <section aria-label="Care" className="border-rule mt-4 border-t py-2">
        <h2 className="font-serif text-xl font-semibold">Care</h2>
        <ul className="list-disc pl-5">
          {card.cautions.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      </section>
    </>
  )
}

/** Where the thread goes, and how much of it lies where. */
function Thread({ card }: { card: TyingCard }) {
  return (
    <section aria-label="The thread" className="border-rule mb-3 border-b pb-2">
      <h2 className="font-serif text-xl font-semibold">The thread</h2>
      <p>{say(card.thread)}</p>
      <details className="print:hidden">
        <summary className="cursor-pointer pointer-coarse:min-h-11">Wraps by stretch</summary>
        <Table
          head={['stretch', 'from', 'to', 'wraps', 'layers', 'weight']}
          rows={card.wraps.map((w) => [
            w.label,
            length(w.fromMm),
            length(w.toMm),
            w.wraps.toFixed(0),
            w.layers.toFixed(1),
            `${w.massMg.toFixed(1)} mg`,
          ])}
        />
      </details>
    </section>
  )
}

/** A length to lay material on; at true size once the screen is calibrated. */
function Bar({ name, mm, scale }: { name: string; mm: number; scale: number }) {
  return (
    <p className="my-1 flex items-center gap-3">
      {scale > 0 && (
        <span
          aria-hidden
          className="bg-tide inline-block h-2.5"
          style={{ width: `${mm * scale}px` }}
          data-bar={name}
        />
      )}
      <span>
        {name} {length(mm)}
        {scale === 0 && (
          <span className="text-soft">
            {' '}
            (calibrate true size on the bench to lay it on the screen)
          </span>
        )}
      </span>
    </p>
  )
}
