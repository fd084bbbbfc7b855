import { useEffect, useState } from 'react'
import { clock } from '../parts/clock'
import { Button } from '../ui/Button'
import { Stepper } from '../ui/Stepper'
import { LargeButton } from './LargeButton'
import type { Kept } from './useTest'

/** How long it stays up: the clock runs while one does something else. */
export function Wait({ kept }: { kept: Kept }) {
  const { lasted } = kept.written.seen
  const [begun, setBegun] = useState<number>()
  const [now, setNow] = useState(0)
  useEffect(() => {
    if (begun === undefined) return
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [begun])
  const seconds = begun === undefined ? 0 : Math.max(0, (now - begun) / 1000)
  const stop = (down: boolean) => {
    setBegun(undefined)
    const minutes = Math.max(0.1, Math.round(seconds / 6) / 10)
    kept.see({
      lasted: { minutes, down, dunkings: lasted?.dunkings ?? 0, fish: lasted?.fish ?? 0 },
    })
  }
  if (begun !== undefined) {
    return (
      <>
        <p className="my-3 text-5xl tabular-nums" data-testid="waiting">
          {clock(seconds)}
        </p>
        <div className="grid grid-cols-2 gap-3">
          <LargeButton on={false} onPress={() => stop(true)}>
            it went down
          </LargeButton>
          <LargeButton on={false} onPress={() => stop(false)}>
            still up, I stop
          </LargeButton>
        </div>
      </>
    )
  }
  return (
    <>
      <p className="mb-3">
        Leave it floating, or fish it. Minutes until it is down teach how fast water gets in.
      </p>
      <div className="flex flex-wrap gap-3">
        <LargeButton
          on={false}
          onPress={() => {
            setNow(Date.now())
            setBegun(Date.now())
          }}
        >
          start the clock
        </LargeButton>
        {!lasted && (
          <LargeButton
            on={false}
            onPress={() => kept.see({ lasted: { minutes: 10, down: true, dunkings: 0, fish: 0 } })}
          >
            I know the minutes
          </LargeButton>
        )}
      </div>
      {lasted && (
        <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
          <Stepper
            label="minutes"
            value={lasted.minutes}
            step={0.5}
            low={0.1}
            high={10000}
            onChange={(minutes) => kept.see({ lasted: { ...lasted, minutes } })}
          />
          <Button
            aria-pressed={lasted.down}
            onClick={() => kept.see({ lasted: { ...lasted, down: !lasted.down } })}
          >
            {lasted.down ? 'it was down then' : 'it was still up then'}
          </Button>
          <Stepper
            label="times put under"
            value={lasted.dunkings}
            step={1}
            low={0}
            high={1000}
            onChange={(dunkings) => kept.see({ lasted: { ...lasted, dunkings } })}
          />
          <Stepper
            label="fish"
            value={lasted.fish}
            step={1}
            low={0}
            high={200}
            onChange={(fish) => kept.see({ lasted: { ...lasted, fish } })}
          />
          <Button onClick={() => kept.see({ lasted: undefined })}>take back</Button>
        </div>
      )}
      <p className="text-soft mt-2 text-base">
        Fish and false casts are kept; nothing is learnt from a time with fish in it yet.
      </p>
    </>
  )
}
