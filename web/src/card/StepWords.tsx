import type { Card } from '../api/types'
import { length, say } from '../parts/units'
import { Button } from '../ui/Button'

/** What is laid ready. */
export function Preparation({ card }: { card: Card }) {
  return (
    <>
      <h2 className="mb-2 font-serif text-4xl font-bold">Before you start</h2>
      <p className="text-soft text-xl">{say(card.hook)}</p>
      {card.visitor && <p className="text-xl">For {card.visitor}.</p>}
      {(card.asked || card.notes) && (
        <p className="text-xl whitespace-pre-line">
          {card.asked} {card.notes}
        </p>
      )}
      <ul className="list-disc pl-7 text-xl">
        {card.preparation.map((p) => (
          <li key={p.text}>{say(p)}</li>
        ))}
      </ul>
      <p className="text-xl">{say(card.thread)}</p>
      {[...card.warnings.map((w) => say(w)), ...card.problems.map((p) => p.words)].map((words) => (
        <p key={words} className="text-warn text-xl">
          ▲ {words}
        </p>
      ))}
      {card.cautions.map((c) => (
        <p key={c} className="text-warn text-lg">
          ▲ {c}
        </p>
      ))}
    </>
  )
}

/** One step: what, how, how far, what to look at. */
export function Step({
  step: s,
  scale,
  onCalibrate,
}: {
  step: Card['steps'][number]
  scale: number
  onCalibrate: () => void
}) {
  return (
    <>
      <h2 className="font-serif text-4xl font-bold">{s.title}</h2>
      <p className="text-soft text-xl">{[s.material, say(s.place)].filter(Boolean).join(', ')}</p>
      <p className="my-3 text-[1.9rem] max-sm:text-2xl">{say(s.how)}</p>
      {s.bars.map((b) => (
        <p key={b.name} className="my-3">
          {scale > 0 ? (
            <span
              aria-hidden
              className="bg-tide mb-1 block h-5"
              style={{ width: `${b.mm * scale}px` }}
              data-bar={b.name}
            />
          ) : (
            <Button className="mb-1 block text-lg" onClick={onCalibrate}>
              calibrate, to lay it on the screen
            </Button>
          )}
          {b.name} {length(b.mm)}
        </p>
      ))}
      {s.check.text && (
        <p>
          <strong>Look:</strong> {say(s.check)}
        </p>
      )}
      {s.mistake.text && (
        <p className="mt-2 text-xl">
          <strong>{say(s.mistake)}</strong> {say(s.remedy)}
        </p>
      )}
      {s.note && <p className="text-xl">Note: {s.note}</p>}
      {s.easier && (
        <p className="text-soft text-xl">
          <strong>Easier:</strong> {s.easier}
        </p>
      )}
      {s.caution && <p className="text-warn text-xl">▲ {s.caution}</p>}
      {s.ways.text && <p className="text-soft text-lg">{say(s.ways)}</p>}
    </>
  )
}
