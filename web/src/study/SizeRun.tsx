import { useMemo } from 'react'
import { useParams } from 'react-router'
import type { Sits, SizeRow } from '../api/types'
import { named, rests, sitting, times } from '../parts/words'
import { row } from '../scene/row'
import { Fly } from '../drawing/Fly'
import { TaughtLine } from '../readings/taught'
import { FlyPage } from '../shell/FlyPage'
import { Table } from '../shell/Page'
import { length, say } from '../parts/units'
import { useAnswer, whereItIs } from '../readings/useAnswers'
import { Wide } from '../ui/Wide'
import { useOpened } from '../shell/useOpened'

/** One pattern across hook sizes: a row of flies on one film line, and what stops it where. */
export function SizeRun() {
  const { id = '' } = useParams()
  const opened = useOpened(id)
  const document = opened.data?.document
  const asked = useAnswer(document, 'SIZE_RUN')
  const rows = asked.line?.sizeRun?.rows
  const own = document?.pattern.hook.size
  const mainstay = rows?.find((r) => r.size === own)?.without?.parts
  return (
    <FlyPage id={id} opened={opened} title="in every size">
      <TaughtLine />
      <p className="text-soft">Lengths follow their rules, counts theirs, pinned lengths stay.</p>
      {!rows && document && (
        <p className="my-6" aria-busy="true" role="status">
          Putting every size on the water: {whereItIs(asked)}
        </p>
      )}
      {rows && (
        <>
          <Row rows={rows} own={own} />
          <Table
            words={2}
            head={[
              'size',
              'works',
              'tail down',
              'eye',
              'film reserve',
              'goes under at',
              mainstay ? `without its ${named(mainstay)}` : 'without its mainstay',
              'weighs',
            ]}
            rows={rows.map((r) => [
              <span key={r.size} className={r.size === own ? 'font-semibold' : ''}>
                {r.size}
                {r.size === own && ' (its own)'}
              </span>,
              r.works ? `yes, ${sitting(r.sits)}` : <Stopped key="why" row={r} />,
              !rests(r.sits) ? '' : `${Math.round(r.pitchDeg)}°`,
              !rests(r.sits) ? '' : length(r.eyeMm, 1, r.measure),
              !rests(r.sits) ? '0' : times(r.keepsPostureTo),
              !rests(r.sits) ? '0' : times(r.sinksAt),
              r.without ? under(r.without.then) : '',
              `${r.massMg.toFixed(0)} mg`,
            ])}
          />
          <p className="text-soft mt-3 text-sm">
            A size works while the fly sits as its style wants it, keeps that to 1.2 times its
            weight, and is not crowded. What holds it is told by what it loses without it. One
            estimate each, without its band.
          </p>
        </>
      )}
    </FlyPage>
  )
}

const under = (then: Sits) => (rests(then.sits) ? times(then.sinksAt) : sitting(then.sits))

function Stopped({ row: r }: { row: SizeRow }) {
  return (
    <span>
      <span className="text-warn">▲ no.</span> {say(r.why, r.measure)}
    </span>
  )
}

const WIDTH = 1100

function Row({ rows, own }: { rows: SizeRow[]; own: number | undefined }) {
  const placed = useMemo(
    () =>
      row(
        rows.map((r) => r.outline).filter((o) => o !== undefined),
        WIDTH,
      ),
    [rows],
  )
  const words = rows.map((r) => `${r.size} ${r.works ? 'works' : 'does not'}`).join(', ')
  return (
    <Wide>
      {' '}
      <svg
        viewBox={`0 0 ${WIDTH} ${placed.height + 44}`}
        className="my-3 block w-full min-w-2xl"
        role="img"
        aria-label={`The fly in all sizes on one film line, to one scale: ${words}.`}
        data-testid="size-run"
      >
        <rect
          y={placed.film}
          width={WIDTH}
          height={placed.height - placed.film}
          fill="var(--water-top)"
        />
        {rows.map((r, i) => {
          const view = placed.views[i]
          return (
            r.outline &&
            view && (
              <g key={r.size} opacity={r.works ? 1 : 0.55}>
                <Fly outline={r.outline} view={view} />
              </g>
            )
          )
        })}
        <line
          x1="0"
          x2={WIDTH}
          y1={placed.film}
          y2={placed.film}
          stroke="var(--tide)"
          strokeWidth="2"
        />
        {rows.map((r, i) => (
          <text
            key={r.size}
            x={placed.middles[i]}
            y={placed.height + 24}
            textAnchor="middle"
            fontSize="18"
            fontWeight={r.size === own ? 700 : 400}
            fill="var(--ink)"
          >
            {r.works ? r.size : `▲ ${r.size}`}
          </text>
        ))}
      </svg>
    </Wide>
  )
}
