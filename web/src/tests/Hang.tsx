import { useState } from 'react'
import { Button } from '../ui/Button'
import { Stepper } from '../ui/Stepper'
import { LargeButton } from './LargeButton'
import type { Kept } from './useTest'

/** Weights from the bend: each next one is the one that is as likely to sink it as not. */
export function Hang({ kept }: { kept: Kept }) {
  const { seen } = kept.written
  const next = kept.kept.next[0]
  const [own, setOwn] = useState(20)
  const [typed, setTyped] = useState(false)
  const mg = typed || !next ? own : Math.round(next.mg)
  const add = (floats: boolean) => {
    setTyped(false)
    kept.see({ hung: [...seen.hung, { mg, floats }] })
  }
  return (
    <>
      <p className="mb-3">
        {next
          ? 'Hang this from the start of the bend, and lower it gently:'
          : seen.hung.length > 0
            ? 'What it bears is known well enough.'
            : 'Nothing that is easily hung from it would tell more: it bears more than is followed, or nothing at all.'}
      </p>
      {next && !typed && (
        <p className="my-2 text-3xl font-semibold" data-testid="next-weight">
          {next.label} <span className="text-soft text-xl">{next.mg.toFixed(0)} mg in water</span>
        </p>
      )}
      {(typed || !next) && (
        <Stepper
          label="weight in water"
          value={own}
          step={1}
          low={1}
          high={5000}
          unit="mg"
          onChange={setOwn}
        />
      )}
      <div className="my-3 grid grid-cols-2 gap-3" role="group" aria-label="With this weight it">
        <LargeButton on={false} onPress={() => add(true)}>
          floats
        </LargeButton>
        <LargeButton on={false} onPress={() => add(false)}>
          goes under
        </LargeButton>
      </div>
      {next && (
        <Button onClick={() => setTyped(!typed)}>
          {typed ? 'take what is suggested' : 'another weight'}
        </Button>
      )}
      <ul className="mt-2" aria-label="Hung so far">
        {seen.hung.map((h, i) => (
          <li key={i} className="flex items-center gap-3">
            {h.mg} mg: {h.floats ? 'floats' : 'goes under'}
            <Button onClick={() => kept.see({ hung: seen.hung.filter((_, k) => k !== i) })}>
              take back
            </Button>
          </li>
        ))}
      </ul>
      <p className="text-soft mt-2 text-base">
        No lead where it is not allowed; pick shot up again, birds swallow it.
      </p>
    </>
  )
}
