import type { Lean, Sits, WhatIfs } from '../api/types'

type WhatIf = WhatIfs['soaked'][number]
import { named, part, percent, times } from '../parts/words'
import { length, say } from '../parts/units'
import { Reading } from './Reading'

/** What a tier asks before trusting a fly: the weakest link, and the same fly with one thing otherwise. */
export function WhatIfReading({
  whatIfs,
  asked,
  waiting,
}: {
  whatIfs: WhatIfs | undefined
  asked: boolean
  waiting: string | undefined
}) {
  const weakest = whatIfs?.soaked.find((w) => w.parts.join() === whatIfs.weakest.join())
  return (
    <Reading
      id="what-if"
      title="weakest link"
      value={whatIfs ? (weakest ? named(weakest.parts) : 'none') : asked ? '…' : ''}
      band={whatIfs ? (weakest ? `soaked, ${lost(weakest, whatIfs.now)}` : undefined) : waiting}
      stale={!whatIfs && asked}
    >
      {whatIfs && <Asked whatIfs={whatIfs} />}
    </Reading>
  )
}

function Asked({ whatIfs }: { whatIfs: WhatIfs }) {
  const { now, soaked, without, floatsBy, heavier, lean } = whatIfs
  return (
    <>
      <h3 className="font-semibold">What holds it: the fly without it</h3>
      {floatsBy.length > 0 && <p>It floats by its {named(floatsBy)}.</p>}
      <ul className="mb-2">
        {without.map((w) => (
          <li key={w.parts.join()}>
            Without its {named(w.parts)}: {left(w, now)}
          </li>
        ))}
      </ul>
      <h3 className="font-semibold">If a part is wet through</h3>
      <ul className="mb-2">
        {soaked.map((w) => (
          <li key={w.parts.join()}>
            {named(w.parts)}: {lost(w, now)}
          </li>
        ))}
      </ul>
      <h3 className="font-semibold">One wire heavier, for bigger fish</h3>
      <p className="mb-2">
        {heavier
          ? `${now.massMg.toFixed(0)} → ${heavier.then.massMg.toFixed(0)} mg: ${lost(heavier, now)}.`
          : 'There is no heavier wire in the table.'}
      </p>
      {lean && <Leans lean={lean} />}
    </>
  )
}

function Leans({ lean }: { lean: Lean }) {
  return (
    <>
      <h3 className="font-semibold">Why does it fall on its tail?</h3>
      <p>{lean.words}</p>
      <ul>
        {lean.levers.map((l) => (
          <li key={l.part}>
            {part(l.part)}{' '}
            {l.share >= 0 ? `holds ${percent(l.share)}` : `pulls ${percent(-l.share)}`},{' '}
            {length(Math.abs(l.behindMm))} {l.behindMm < 0 ? 'ahead of' : 'behind'} its weight
          </li>
        ))}
      </ul>
      <p className="mt-2">It leans {degrees(lean.pitchDeg)}. It would lean with</p>
      <ul>
        {lean.changes.map((c) => (
          <li key={c.words}>
            {c.words}:{' '}
            {c.outcome === 'RESTS'
              ? degrees(c.pitchDeg)
              : c.outcome === 'SINKS'
                ? 'it would sink'
                : 'not known'}
          </li>
        ))}
      </ul>
    </>
  )
}

function degrees(pitchDeg: number): string {
  const size = Math.abs(Math.round(pitchDeg))
  return size === 0 ? '0°' : `${size}° ${pitchDeg > 0 ? 'tail down' : 'head down'}`
}

/** What is left of the film reserve, and how the fly sits, told together. */
function left({ then, sits }: WhatIf, now: Sits): string {
  const how = then.sits === now.sits ? '' : `, ${say(sits)}`
  if (then.sinksAt <= 0) return say(sits)
  return times(then.sinksAt) === times(now.sinksAt)
    ? `it goes under at ${times(now.sinksAt)} as before${how}`
    : `it goes under at ${times(then.sinksAt)} instead of ${times(now.sinksAt)}${how}`
}

/** What one thing otherwise does to the film reserve, or to how it sits. */
function lost({ then, sits, reserve }: WhatIf, now: Sits): string {
  return then.sits === now.sits ? `film reserve ${reserve}` : say(sits)
}
