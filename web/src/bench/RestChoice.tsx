import type { Carry, Estimate, Rest } from '../api/types'
import { sitting } from '../parts/words'
import { Choice } from '../ui/Choice'

/** Which of its rests is drawn: as it lands upright, another, or under what it can carry. */
export function RestChoice({
  rests,
  headline,
  laden,
  shown,
  onShow,
}: {
  rests: Rest[]
  headline: Estimate['headline'] | undefined
  laden: Carry | undefined
  shown: string
  onShow: (rest: string) => void
}) {
  const often = headline && headline.ways.length > 1 ? headline : undefined
  const kinds = rests
    .map((rest, i) => [String(i), sitting(rest.posture) + count(rest, often)] as const)
    .filter(([, words], i, all) => all.findIndex((other) => other[1] === words) === i)
  const weight = laden?.under
    ? [['laden', `under ${Number(laden.inWaterMg.toPrecision(2))} mg`] as const]
    : []
  const options = [...kinds, ...weight]
  if (options.length < 2) return null
  return (
    <div className="bg-leaf/85 absolute bottom-1 left-2 rounded-md px-2 print:hidden">
      <Choice
        label={often ? `show pose, of ${often.casts} casts` : 'show pose'}
        value={shown}
        options={options}
        onChange={onShow}
      />
    </div>
  )
}

/** How many casts end so. */
function count(rest: Rest, often: Estimate['headline'] | undefined): string {
  return often ? ` (${often.ways.find((w) => w.sits === rest.posture)?.count ?? 0})` : ''
}
