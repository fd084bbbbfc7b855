import type { Amount } from '../api/types'
import { part } from '../parts/words'
import { UNASKED } from '../parts/readings'
import { lengths, quantity } from '../parts/units'
import { Reading } from './Reading'

/** How much of everything the fly takes, part by part. */
export function AmountsReading({
  amounts,
  asked,
}: {
  amounts: Amount[] | undefined
  asked: boolean
}) {
  const of = (name: string, what: string) =>
    amounts?.find((a) => a.part === name && a.what === what)
  const fly = of('fly', 'weight')
  const thread = of('thread', 'length on the fly')
  const parts = [...new Set(amounts?.map((a) => a.part))]
  return (
    <Reading
      id="takes"
      title="materials used"
      value={fly ? `${fly.value.toFixed(0)} mg` : asked ? '…' : ''}
      band={thread ? `${told(thread)} of thread` : asked ? undefined : UNASKED}
      stale={!amounts && asked}
    >
      {parts.map((name) => (
        <section key={name} className="mt-2">
          <h3 className="font-semibold">{name === 'fly' ? 'the whole fly' : part(name)}</h3>
          <dl>
            {amounts
              ?.filter((a) => a.part === name)
              .map((a) => (
                <div key={a.what} className="flex justify-between gap-2">
                  <dt className="text-soft">{a.what}</dt>
                  <dd className="tabular-nums">{told(a)}</dd>
                </div>
              ))}
          </dl>
        </section>
      ))}
      <p className="text-soft mt-2 text-sm">
        ± is one standard deviation of what is only roughly known; what has none is counted or
        measured.
      </p>
    </Reading>
  )
}

/** A number in the digits that its spread, or else its unit, deserves. */
function told({ value, spread, unit: units }: Amount): string {
  const unit = value === 1 && units.endsWith('s') ? units.slice(0, -1) : units
  if (spread <= 0) {
    const part = unit === 'turns' && !Number.isInteger(value)
    const decimals = unit === 'mm' || unit === 'mg' ? (value < 1 ? 2 : 1) : part ? 1 : 0
    return quantity({ value, unit, decimals })
  }
  const decimals = Math.max(0, -Math.floor(Math.log10(spread)))
  return unit === 'mm'
    ? lengths(value, ' ± ', spread, decimals)
    : `${value.toFixed(decimals)} ± ${quantity({ value: spread, unit, decimals })}`
}
