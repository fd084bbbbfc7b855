import type { Rest } from '../api/types'
import { posture } from '../parts/words'
import { Choice } from '../ui/Choice'

/** Which of its rests is drawn: the one it lands in upright, or one of each other kind. */
export function RestChoice({
  rests,
  shown,
  onShow,
}: {
  rests: Rest[]
  shown: number
  onShow: (rest: number) => void
}) {
  const kinds = rests
    .map((rest, i) => [String(i), posture(rest.posture)] as const)
    .filter(([, words], i, all) => all.findIndex((other) => other[1] === words) === i)
  if (kinds.length < 2) return null
  return (
    <div className="absolute bottom-1 left-6">
      <Choice
        label="rest drawn"
        value={String(shown)}
        options={kinds}
        onChange={(rest) => onShow(Number(rest))}
      />
    </div>
  )
}
