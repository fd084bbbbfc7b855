import type { Eye } from '../api/types'

const dayAndMonth = (day: string) =>
  new Date(`${day}T12:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })

const WIDE = 220
const HIGH = 56
const PAD = 4

/** What an eye saw, day by day, with the band of what was known; lower is finer, but for a count. */
export function Curve({ eye }: { eye: Eye }) {
  const { curve } = eye
  const first = curve[0]
  const last = curve[curve.length - 1]
  if (!first || !last || curve.length < 2) return null
  const time = (day: string) => Date.parse(day)
  const span = Math.max(1, time(last.day) - time(first.day))
  const most = Math.max(...curve.map((d) => d.high))
  const x = (day: string) => PAD + ((time(day) - time(first.day)) / span) * (WIDE - 2 * PAD)
  const y = (value: number) => HIGH - PAD - (value / most) * (HIGH - 2 * PAD)
  const path = (of: (d: (typeof curve)[number]) => number, back = false) =>
    (back ? [...curve].reverse() : curve).map((d) => `${x(d.day)},${y(of(d))}`).join(' ')
  return (
    <figure className="w-full max-w-56">
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        className="h-14 w-full"
        role="img"
        aria-label={`${curve.length} days of practice, with the band of what was known`}
        data-testid="curve"
      >
        <polygon
          points={`${path((d) => d.high)} ${path((d) => d.low, true)}`}
          fill="var(--tide)"
          opacity="0.22"
        />
        <polyline points={path((d) => d.value)} fill="none" stroke="var(--tide)" strokeWidth="2" />
        <line x1={0} x2={WIDE} y1={y(0)} y2={y(0)} stroke="var(--rule)" />
      </svg>
      <figcaption className="text-soft flex justify-between text-sm">
        <span>{dayAndMonth(first.day)}</span>
        <span>{dayAndMonth(last.day)}</span>
      </figcaption>
    </figure>
  )
}
