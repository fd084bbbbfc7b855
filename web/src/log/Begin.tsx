import { useState } from 'react'
import { useNavigate } from 'react-router'
import { beginTest } from '../api/tests'
import type { TankTest } from '../api/types'
import { FLOATANTS, LAID } from '../parts/glass'
import { whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Stepper } from '../ui/Stepper'

type Floatant = TankTest['test']['floatant']

/** How a tied fly is put into the glass; what it will show is foretold before anything is seen. */
export function Begin({ fly }: { fly: string }) {
  const navigate = useNavigate()
  const [floatant, setFloatant] = useState<Floatant>('GEL')
  const [laid, setLaid] = useState<(typeof LAID)[number][0]>('1')
  const [temperatureC, setTemperatureC] = useState(15)
  const [busy, setBusy] = useState(false)
  const [failed, setFailed] = useState('')
  const begin = async () => {
    setBusy(true)
    try {
      const { test } = await beginTest(fly, { floatant, laid, temperatureC: String(temperatureC) })
      await navigate(`/tests/${test.id}`)
    } catch (e) {
      setFailed(whatWentWrong(e))
      setBusy(false)
    }
  }
  return (
    <section
      aria-label="Test it in a glass"
      className="bg-leaf border-rule my-3 rounded border px-4 py-2"
    >
      <h2 className="font-serif text-xl font-semibold">Test it in a glass of water</h2>
      <p className="text-soft">Two minutes with a glass, and the estimate learns your materials.</p>
      <div className="my-2 flex flex-wrap items-center gap-x-6 gap-y-2">
        <Choice
          label="dressed with"
          value={floatant}
          options={Object.entries(FLOATANTS) as [Floatant, string][]}
          onChange={setFloatant}
        />
        <Choice label="put in" value={laid} options={LAID} onChange={setLaid} />
        <Stepper
          label="water"
          value={temperatureC}
          step={1}
          low={0}
          high={40}
          unit="°C"
          onChange={setTemperatureC}
        />
        <Button disabled={busy} onClick={() => void begin()}>
          Begin the test
        </Button>
      </div>
      {failed && (
        <p role="alert" className="text-warn">
          {failed}
        </p>
      )}
    </section>
  )
}
