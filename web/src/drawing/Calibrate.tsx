import { useState } from 'react'
import { CARD_HIGH_MM, CARD_MM, USUAL_PX_PER_MM, pxPerMm } from '../parts/calibration'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Stepper } from '../ui/Stepper'
import { Window } from '../ui/Window'
import { useStore } from '../ui/store'

type Thing = 'card' | 'coin' | 'hook'

/** Holds something of known size against the screen, so that flies can be shown at true size. */
export function Calibrate({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Window title="True size" open={open} onClose={onClose}>
      <Against onDone={onClose} />
    </Window>
  )
}

function Against({ onDone }: { onDone: () => void }) {
  const kept = useStore(pxPerMm)
  const [scale, setScale] = useState(kept || USUAL_PX_PER_MM)
  const [thing, setThing] = useState<Thing>('card')
  const [coinMm, setCoinMm] = useState(25)
  const [hookMm, setHookMm] = useState(20)
  const longMm = { card: CARD_MM, coin: coinMm, hook: hookMm }[thing]
  const long = longMm * scale
  return (
    <>
      <p className="my-2">
        Hold it against the outline and move the slider until both are as long. The glass stays
        between them: look straight on.
      </p>
      <div className="flex flex-wrap items-center gap-4">
        <Choice
          label="compare with"
          value={thing}
          options={[
            ['card', 'a bank card'],
            ['coin', 'a coin'],
            ['hook', 'a measured hook'],
          ]}
          onChange={setThing}
        />
        {thing === 'coin' && (
          <Stepper
            label="its diameter"
            value={coinMm}
            step={0.1}
            low={10}
            high={50}
            unit="mm"
            onChange={setCoinMm}
          />
        )}
        {thing === 'hook' && (
          <Stepper
            label="its whole length"
            value={hookMm}
            step={0.1}
            low={4}
            high={60}
            unit="mm"
            onChange={setHookMm}
          />
        )}
      </div>
      <label className="my-3 flex items-center gap-3">
        longer or shorter
        <input
          type="range"
          min={2}
          max={12}
          step={0.01}
          value={scale}
          onChange={(e) => setScale(Number(e.target.value))}
          className="accent-tide flex-1"
        />
      </label>
      <svg
        width={Math.max(1, long + 4)}
        height={(thing === 'card' ? CARD_HIGH_MM * scale : thing === 'coin' ? long : 24) + 4}
        role="img"
        aria-label={`An outline ${longMm} mm long`}
        data-testid="outline-to-hold"
        className="max-w-none"
      >
        {thing === 'card' && (
          <rect
            x="2"
            y="2"
            width={long}
            height={CARD_HIGH_MM * scale}
            rx={3.18 * scale}
            className="stroke-tide fill-none"
            strokeWidth="2"
          />
        )}
        {thing === 'coin' && (
          <circle
            cx={2 + long / 2}
            cy={2 + long / 2}
            r={long / 2}
            className="stroke-tide fill-none"
            strokeWidth="2"
          />
        )}
        {thing === 'hook' && (
          <path
            d={`M2,2V26M2,14H${2 + long}M${2 + long},2V26`}
            className="stroke-tide fill-none"
            strokeWidth="2"
          />
        )}
      </svg>
      <div className="mt-4 flex gap-3">
        <Button
          onClick={() => {
            pxPerMm.set(scale)
            onDone()
          }}
        >
          They match: save
        </Button>
        {kept > 0 && <Button onClick={() => pxPerMm.set(0)}>Forget it</Button>}
      </div>
    </>
  )
}
