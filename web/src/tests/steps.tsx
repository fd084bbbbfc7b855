import { type ReactNode, useState } from 'react'
import { readDevice } from '../api/client'
import type { Foretold, Noted, Sitting, TankTest } from '../api/types'
import { SITTINGS, whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { GlassPhoto } from './GlassPhoto'
import { Hang } from './Hang'
import { LargeButton } from './LargeButton'
import { Result } from './Result'
import { Stepper } from '../ui/Stepper'
import { Wait } from './Wait'
import type { What } from './words'
import type { Kept } from './useTest'

type StepProps = { kept: Kept; foretold: Foretold }
type Step = {
  name: string
  told: (seen: Noted) => boolean
  Step: (props: StepProps) => ReactNode
}

const WAYS = (Object.keys(SITTINGS) as Sitting[]).filter((s) => s !== 'UNSETTLED')

function Look({ kept }: StepProps) {
  const { seen } = kept.written
  return (
    <>
      <p className="mb-3">Lay it on the water. Look at it from the side, level with the water.</p>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3" role="group" aria-label="How it sits">
        {WAYS.map((s) => (
          <LargeButton
            key={s}
            on={seen.sits === s}
            onPress={() =>
              kept.see(
                seen.sits === s
                  ? { sits: undefined }
                  : s === 'SUNK'
                    ? {
                        sits: s,
                        measured: [],
                        hung: seen.hung.filter((h) => !h.floats),
                        unlike: false,
                      }
                    : { sits: s, unlike: false },
              )
            }
          >
            {SITTINGS[s]}
          </LargeButton>
        ))}
        <LargeButton
          on={seen.unlike}
          onPress={() => kept.see({ unlike: !seen.unlike, sits: undefined })}
        >
          like none of these
        </LargeButton>
      </div>
      {seen.unlike && (
        <p className="text-soft mt-2 text-base">
          It is kept and shown, and nothing is learnt from it. Say in the notes what it did.
        </p>
      )}
    </>
  )
}

type By = Noted['measured'][number]['by']
type Bounds = TankTest['measures'][number]

const BY: Record<By, string> = {
  EYE: '',
  CALIPER: ', by the caliper',
  PHOTOGRAPH: ', from the picture',
}

function Read({ kept, foretold }: StepProps) {
  const { seen } = kept.written
  const [said, setSaid] = useState('')
  const put = (what: What, read: { value: number; error: number; by: By } | undefined) => {
    const others = seen.measured.filter((m) => m.what !== what)
    kept.see({ measured: read ? [...others, { what, ...read }] : others })
  }
  const set = (m: Bounds, value: number | undefined) =>
    put(m.what, value === undefined ? undefined : { value, error: m.errorByEye, by: 'EYE' })
  /** A caliper tells how far; on which side of the water stays as it was. */
  const fromCaliper = async ({ what, errorByCaliper }: Bounds) => {
    try {
      const { value } = await readDevice('caliper')
      setSaid('')
      const under = (seen.measured.find((m) => m.what === what)?.value ?? 0) < 0
      put(what, { value: under ? -value : value, error: errorByCaliper, by: 'CALIPER' })
    } catch (e) {
      setSaid(whatWentWrong(e))
    }
  }
  if (seen.sits === 'SUNK') return <p>It sank: there is nothing to read off.</p>
  return (
    <>
      {said && (
        <p role="alert" className="text-warn">
          {said}
        </p>
      )}
      <p className="mb-3">
        Hold a ruler behind the glass, or take a picture below. Heights are over the water; under it
        is less than nought. Tail down is more than nought.
      </p>
      <ul className="space-y-2">
        {kept.kept.measures.map((bounds) => {
          const { what, word: name, unit, low, high } = bounds
          const m = seen.measured.find((s) => s.what === what)
          const step = what === 'ANGLE' ? 1 : 0.1
          const first = foretold.measures.find((f) => f.what === what)?.middle ?? 0
          return (
            <li key={what} className="flex flex-wrap items-center gap-4">
              {m ? (
                <>
                  <Stepper
                    label={name}
                    value={round(m.value, step)}
                    step={step}
                    low={low}
                    high={high}
                    unit={unit}
                    onChange={(v) => set(bounds, v)}
                  />
                  <span className="text-soft text-base">
                    ± {m.error.toFixed(what === 'ANGLE' ? 0 : 1)} {unit}
                    {BY[m.by]}
                  </span>
                  {what !== 'ANGLE' && (
                    <Button
                      aria-label={`height of the ${name} from the caliper`}
                      onClick={() => void fromCaliper(bounds)}
                    >
                      caliper
                    </Button>
                  )}
                  <Button onClick={() => set(bounds, undefined)}>not measured</Button>
                </>
              ) : (
                <LargeButton on={false} onPress={() => set(bounds, round(first, step))}>
                  measure the {name === 'angle' ? name : `height of the ${name}`}
                </LargeButton>
              )}
            </li>
          )
        })}
      </ul>
      <GlassPhoto kept={kept} />
    </>
  )
}

const round = (value: number, step: number) => Number((Math.round(value / step) * step).toFixed(2))

function Push({ kept }: StepProps) {
  const { popsBack } = kept.written.seen
  const press = (up: boolean) => () => kept.see({ popsBack: popsBack === up ? undefined : up })
  return (
    <>
      <p className="mb-3">
        Push it under with a finger, down to a hand’s breadth, wait three seconds, and let go.
      </p>
      <div className="grid grid-cols-2 gap-3" role="group" aria-label="What it does then">
        <LargeButton on={popsBack === true} onPress={press(true)}>
          comes back up
        </LargeButton>
        <LargeButton on={popsBack === false} onPress={press(false)}>
          stays under
        </LargeButton>
      </div>
    </>
  )
}

/** What a test asks, in the order in which a fly gets wetter. */
export const STEPS: Step[] = [
  { name: 'look', told: (s) => Boolean(s.sits) || s.unlike, Step: Look },
  { name: 'read off', told: (s) => s.measured.length > 0, Step: Read },
  { name: 'hang weights', told: (s) => s.hung.length > 0, Step: Hang },
  { name: 'push under', told: (s) => typeof s.popsBack === 'boolean', Step: Push },
  { name: 'wait', told: (s) => Boolean(s.lasted), Step: Wait },
  { name: 'result', told: () => false, Step: Result },
]
