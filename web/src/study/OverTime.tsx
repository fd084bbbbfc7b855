import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import { useParams } from 'react-router'
import type { Water } from '../api/types'
import { TaughtLine } from '../readings/taught'
import { FlyPage } from '../shell/FlyPage'
import { Table } from '../shell/Page'
import { useAnswer, whereItIs } from '../readings/useAnswers'
import { WATERS, minutes } from '../readings/water'
import { Wide } from '../ui/Wide'
import { useOpened } from '../shell/useOpened'

type Kind = Water['water']

/** How long a fly stays up on four kinds of water, side by side. */
export function OverTime() {
  const { id = '' } = useParams()
  const opened = useOpened(id)
  const asked = useAnswer(opened.data?.document, 'OVER_TIME')
  const waters = asked.line?.overTime?.waters
  return (
    <FlyPage id={id} opened={opened} title="over time">
      <TaughtLine />
      {!waters && opened.data && (
        <p className="my-6" role="status" aria-busy={!asked.failed}>
          Fishing it on four waters: {whereItIs(asked)}
        </p>
      )}
      {waters && (
        <>
          <Chart waters={waters} />
          <Table
            head={[
              'water',
              'half have sunk after',
              'dress again',
              'false casts by then',
              'fish per dressing',
            ]}
            rows={waters.map((w) => [
              <Key key={w.water} water={w.water} />,
              minutes(w.median),
              minutes(w.dressAgain),
              w.median ? casts(w, w.median.minutes) : '',
              w.moreFish ? `more than ${w.fish}` : String(w.fish),
            ])}
          />
          <p className="text-soft mt-3 text-sm">
            Of many such flies fished side by side, the share that is still up, with its middle 80
            %. Dress again when one in five has sunk. How often and how hard each water dunks a fly,
            how fast it wets and dries: all assumptions until a tank has tested them.
          </p>
        </>
      )}
    </FlyPage>
  )
}

/** Line, dashes and colour of each water: never by colour alone. */
const LOOKS: Record<Kind, { dash?: string; colour: string }> = {
  STILL: { colour: 'var(--tide)' },
  GLIDE: { colour: 'var(--hackle)', dash: '10 4' },
  RIFFLE: { colour: 'var(--post)', dash: '4 4' },
  POCKET: { colour: 'var(--soft)', dash: '12 3 2 3' },
}

function Key({ water }: { water: Kind }) {
  const { colour, dash } = LOOKS[water]
  return (
    <span className="flex items-center gap-2">
      <svg width="44" height="10" aria-hidden>
        <line x1="0" x2="44" y1="5" y2="5" stroke={colour} strokeDasharray={dash} strokeWidth="3" />
      </svg>
      {WATERS[water]}
    </span>
  )
}

function casts(w: Water, at: number): string {
  const i = w.minutes.findIndex((m) => m >= at)
  return i < 0 ? '' : String(Math.round(w.casts[i] ?? 0))
}

const WIDTH = 1100
const HEIGHT = 380
const LEFT = 70
const BOTTOM = 44

type Point = { m: number; up: number; low: number; high: number }

const pointsOf = (w: Water): Point[] =>
  w.minutes.map((m, i) => ({ m, up: w.up[i] ?? 0, low: w.low[i] ?? 0, high: w.high[i] ?? 0 }))

function Chart({ waters }: { waters: Water[] }) {
  const last = Math.max(...waters.flatMap((w) => w.minutes), 1)
  const x = scaleLinear([0, last], [LEFT, WIDTH - 130])
  const y = scaleLinear([0, 1], [HEIGHT - BOTTOM, 14])
  const band = area<Point>(
    (p) => x(p.m),
    (p) => y(p.low),
    (p) => y(p.high),
  )
  const mean = line<Point>(
    (p) => x(p.m),
    (p) => y(p.up),
  )
  const told = waters.map((w) => `${WATERS[w.water]}: half have sunk after ${minutes(w.median)}`)
  return (
    <Wide>
      {' '}
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`Share still up against minutes. ${told.join('; ')}.`}
        className="my-3 block w-full min-w-2xl"
        data-testid="over-time"
      >
        {[0, 0.25, 0.5, 0.75, 1].map((share) => (
          <g key={share}>
            <line x1={LEFT} x2={WIDTH - 130} y1={y(share)} y2={y(share)} stroke="var(--rule)" />
            <text x={LEFT - 8} y={y(share) + 5} textAnchor="end" fontSize="16" fill="var(--soft)">
              {share * 100} %
            </text>
          </g>
        ))}
        {x.ticks(8).map((m) => (
          <text
            key={m}
            x={x(m)}
            y={HEIGHT - 20}
            textAnchor="middle"
            fontSize="16"
            fill="var(--soft)"
          >
            {m}
          </text>
        ))}
        <text x={WIDTH - 130} y={HEIGHT - 2} textAnchor="end" fontSize="16" fill="var(--soft)">
          minutes fished
        </text>
        {waters.map((w) => (
          <path
            key={w.water}
            d={band(pointsOf(w)) ?? ''}
            fill={LOOKS[w.water].colour}
            opacity="0.14"
          />
        ))}
        {waters.map((w) => (
          <path
            key={w.water}
            d={mean(pointsOf(w)) ?? ''}
            fill="none"
            stroke={LOOKS[w.water].colour}
            strokeDasharray={LOOKS[w.water].dash}
            strokeWidth="3"
          />
        ))}
        {apart(
          waters.map((w) => ({ name: WATERS[w.water], y: y(w.up[w.up.length - 1] ?? 0) })),
        ).map((l) => (
          <text key={l.name} x={WIDTH - 122} y={l.y + 5} fontSize="17" fill="var(--ink)">
            {l.name}
          </text>
        ))}
      </svg>
    </Wide>
  )
}

/** Names at the ends of lines, pushed apart where lines end together. */
function apart(names: { name: string; y: number }[]) {
  const sorted = [...names].sort((a, b) => a.y - b.y)
  let free = 0
  return sorted.map((n) => {
    const y = Math.max(n.y, free)
    free = y + 20
    return { ...n, y }
  })
}
