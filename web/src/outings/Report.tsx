import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { reportOuting } from '../api/plans'
import type { Brought, OutingView } from '../api/types'
import { dayFrom, fliesKey, fliesWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { Stepper } from '../ui/Stepper'
import { Submit } from '../ui/Submit'

/** What came of the day, fly by fly; what was used up is taken out of the boxes. */
export function Report({ id, view, onTold }: { id: string; view: OutingView; onTold: () => void }) {
  const client = useQueryClient()
  const { outing, report } = view
  const [lines, setLines] = useState<Brought[]>(() =>
    outing.wanted.map(
      (w) =>
        report.find((b) => fliesKey(b.flies) === fliesKey(w.flies)) ?? {
          flies: w.flies,
          hours: view.needs.find((n) => fliesKey(n.flies) === fliesKey(w.flies))?.hours ?? 0,
          lost: 0,
          chewed: 0,
          fish: 0,
          worked: '',
        },
    ),
  )
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  if (outing.day > dayFrom(0) && report.length === 0) return null
  if (outing.wanted.length === 0) return null
  const put = (i: number, to: Partial<Brought>) =>
    setLines(lines.map((b, j) => (j === i ? { ...b, ...to } : b)))
  const tell = async () => {
    setBusy(true)
    setFailed('')
    try {
      await reportOuting(id, lines)
      await client.invalidateQueries({ queryKey: ['outings'] })
      await client.invalidateQueries({ queryKey: ['boxes'] })
      onTold()
    } catch (e) {
      setFailed(whatWentWrong(e))
    } finally {
      setBusy(false)
    }
  }
  return (
    <section aria-labelledby="report" className="print:hidden">
      <h2 id="report" className="font-serif text-2xl">
        What came of it
      </h2>
      <p className="text-soft">
        {report.length > 0
          ? 'Told. Tell it again, and it counts instead.'
          : 'It is taken out of the boxes, and the next outing on such water is reckoned by it.'}
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void tell()
        }}
      >
        <ul>
          {lines.map((b, i) => (
            <li key={fliesKey(b.flies)} className="border-rule border-b py-2">
              <strong>{fliesWords(b.flies)}</strong>
              <div className="flex flex-wrap gap-x-6 gap-y-1">
                {(
                  [
                    ['hours', 'hours', 0.5],
                    ['lost', 'lost', 1],
                    ['chewed', 'worn out', 1],
                    ['fish', 'fish', 1],
                  ] as const
                ).map(([field, label, step]) => (
                  <Stepper
                    key={field}
                    label={label}
                    value={b[field]}
                    step={step}
                    low={0}
                    high={500}
                    onChange={(v) => put(i, { [field]: v })}
                  />
                ))}
              </div>
              <input
                aria-label={`what worked, ${fliesWords(b.flies)}`}
                placeholder="what worked, and when"
                className="border-edge bg-leaf mt-1 w-full rounded border px-2 py-1"
                maxLength={400}
                value={b.worked}
                onChange={(e) => put(i, { worked: e.target.value })}
              />
            </li>
          ))}
        </ul>
        <Submit words="Tell it" busy={busy} failed={failed} />
      </form>
    </section>
  )
}
