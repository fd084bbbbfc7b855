import { times } from '../parts/words'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { useParams, useSearchParams } from 'react-router'
import { compare, getPattern, listDisagreements, listPatterns } from '../api/client'
import type { Comparison, PatternDocument } from '../api/types'
import { UNITS, quantity, say, unit } from '../parts/units'
import { row } from '../scene/row'
import { Pick } from '../ui/Pick'
import { Fly } from '../drawing/Fly'
import { useStream, whereItIs } from '../readings/useAnswers'
import { TaughtLine } from '../readings/taught'
import { FlyPage } from '../shell/FlyPage'
import { useStore } from '../ui/store'
import { Wide } from '../ui/Wide'
import { useOpened } from '../shell/useOpened'

const MOST = 4

/** Up to four dressings on one film line, to one scale, and what they differ in. */
export function Compare() {
  const { id = '' } = useParams()
  const [query, setQuery] = useSearchParams()
  useStore(unit)
  const opened = useOpened(id)
  const own = opened.data?.document
  const ways = useQuery({
    queryKey: ['disagreements', id, opened.data?.revision],
    queryFn: ({ signal }) => listDisagreements(own as PatternDocument, signal),
    enabled: own !== undefined,
  })
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const chosen = query.getAll('with').slice(0, MOST - 1)
  const others = useQuery({
    queryKey: ['compared', id, opened.data?.revision, chosen, ways.data?.length],
    queryFn: () => Promise.all(chosen.map(documentOf)),
    enabled: own !== undefined && ways.data !== undefined,
    placeholderData: keepPreviousData,
  })
  const documents = own && others.data ? [own, ...others.data.filter((d) => d !== undefined)] : []
  const key = JSON.stringify(documents)
  const asked = useStream(documents.length > 0 ? key : undefined, (onLine, signal) =>
    compare(documents, onLine, signal),
  )
  const now = asked.line?.comparison
  const compared = now ?? asked.before?.comparison
  const choose = (next: string[]) => setQuery(next.map((w): [string, string] => ['with', w]))
  async function documentOf(what: string): Promise<PatternDocument | undefined> {
    const way = ways.data?.find((w) => `way:${w.name}` === what)
    if (way) return way.document
    return what.startsWith('way:') ? undefined : (await getPattern(what)).document
  }
  return (
    <FlyPage id={id} opened={opened} title="beside others">
      <TaughtLine />
      <p className="text-soft">
        Where tiers disagree, both ways stand side by side; which is better is yours to say.
      </p>
      <div className="my-2 flex flex-wrap items-center gap-x-6 gap-y-2">
        {chosen.length < MOST - 1 && (
          <>
            <Pick
              label="tied the other way"
              value=""
              placeholder="choose"
              options={(ways.data ?? [])
                .filter((w) => !chosen.includes(`way:${w.name}`))
                .map((w) => [`way:${w.name}`, `${w.name} (${w.otherwise})`] as const)}
              onChange={(w) => choose([...chosen, w])}
            />
            <Pick
              label="another fly"
              value=""
              placeholder="from the box"
              options={(patterns.data ?? [])
                .filter((p) => p.id !== id && !chosen.includes(p.id))
                .map((p) => [p.id, `${p.name}, ${p.hookSize}`] as const)}
              onChange={(p) => choose([...chosen, p])}
            />
          </>
        )}
        {chosen.map((w, i) => (
          <button
            key={w}
            type="button"
            className="border-edge hover:border-tide bg-leaf flex items-center gap-1 rounded-md border px-2"
            aria-label={`take away ${compared?.flies[i + 1]?.name ?? w}`}
            onClick={() => choose(chosen.filter((c) => c !== w))}
          >
            {compared?.flies[i + 1]?.name ?? w.replace('way:', '')} <X size={14} aria-hidden />
          </button>
        ))}
      </div>
      {asked.failed && <p role="alert">{asked.failed}</p>}
      {!compared && own && !asked.failed && (
        <p role="status" aria-busy="true">
          Putting them on the water: {whereItIs(asked)}
        </p>
      )}
      {compared && <Side comparison={compared} stale={!now} />}
    </FlyPage>
  )
}

const WIDTH = 1100

function Side({ comparison, stale }: { comparison: Comparison; stale: boolean }) {
  const { flies, rows, lines } = comparison
  const placed = row(
    flies.map((f) => f.outline).filter((o) => o !== undefined),
    WIDTH,
  )
  return (
    <div aria-busy={stale} className={stale ? 'opacity-60' : ''}>
      <svg
        viewBox={`0 0 ${WIDTH} ${placed.height + 30}`}
        className="my-2 block max-h-[46vh] w-full"
        role="img"
        aria-label={`On one film line, to one scale: ${flies.map((f) => `${f.name}. ${say(f.verdict, f.measure)}`).join(' ')}`}
        data-testid="side-by-side"
      >
        <rect
          y={placed.film}
          width={WIDTH}
          height={placed.height - placed.film}
          fill="var(--water-top)"
        />
        {flies.map((f, i) => {
          const view = placed.views[i]
          return f.outline && view && <Fly key={i} outline={f.outline} view={view} />
        })}
        <rect
          y={placed.film}
          width={WIDTH}
          height={placed.height - placed.film}
          fill="var(--water-top)"
          opacity="0.35"
        />
        <line
          x1="0"
          x2={WIDTH}
          y1={placed.film}
          y2={placed.film}
          stroke="var(--tide)"
          strokeWidth="2"
        />
        {flies.map((_, i) => (
          <text
            key={i}
            x={placed.middles[i]}
            y={placed.height + 22}
            textAnchor="middle"
            fontSize="20"
            fontWeight="650"
            fill="var(--ink)"
          >
            {LETTERS[i]}
          </text>
        ))}
      </svg>
      <Wide>
        <table className="w-full tabular-nums" data-testid="differences">
          <thead>
            <tr className="border-rule border-b align-bottom">
              <th scope="col" className="text-soft text-left font-normal">
                {UNITS[unit.get()]}
              </th>
              {flies.map((f, i) => (
                <th key={i} scope="col" className="max-w-52 py-1 pl-4 text-right">
                  {LETTERS[i]} {f.name}
                  <span className="text-soft block font-normal">size {f.size}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <tr key={r.name} className={`border-rule border-b ${r.differ ? '' : 'text-soft'}`}>
                <th scope="row" className="py-0.5 text-left font-normal">
                  {r.differ || flies.length === 1 ? r.name : `${r.name} (alike)`}
                </th>
                {flies.map((f, i) => (
                  <td key={i} className="pl-4 text-right">
                    {number(f, r.values[i], r.unit, r.decimals)}
                    {by(f, r.against[i], r.unit, r.decimals)}
                  </td>
                ))}
              </tr>
            ))}
            <tr className="align-top">
              <th scope="row" className="py-1 text-left font-normal">
                in words
              </th>
              {flies.map((f, i) => (
                <td key={i} className="max-w-52 py-1 pl-4 text-right text-sm">
                  {say(f.verdict, f.measure)}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </Wide>
      {lines.length > 0 && (
        <section className="mt-4">
          <h2 className="font-semibold">Two on one line, in still water</h2>
          <ul>
            {lines.map((l) => (
              <li key={`${l.top} ${l.below}`}>
                {LETTERS[l.below]} below {LETTERS[l.top]}: {hung(l)}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}

/** Whether the upper fly stays up with the lower one hung from its bend. */
function hung({ carriesMg, more, weighsMg, holds }: Comparison['lines'][number]): string {
  if (weighsMg <= 0) return 'it floats by itself, even wet through.'
  const carries = more ? `more than ${carriesMg} mg` : carriesMg > 0 ? `${carriesMg} mg` : 'nothing'
  const words = `the upper one carries ${carries}, the lower one weighs ${weighsMg} mg in water`
  return holds ? `it is carried; ${words}.` : `too heavy; ${words}.`
}

const LETTERS = ['A', 'B', 'C', 'D']

type Dressing = Comparison['flies'][number]

function number(
  fly: Dressing,
  value: number | null | undefined,
  of: string,
  decimals: number,
): string {
  if (value === null || value === undefined) return fly.outcome === 'SINKS' ? 'sinks' : 'not known'
  if (of === '×') return times(value)
  return quantity({ value, unit: of, decimals }, fly.measure)
}

function by(fly: Dressing, value: number | null | undefined, of: string, decimals: number) {
  if (value === null || value === undefined) return null
  return (
    <span className="text-tide block text-sm">
      {value > 0 ? '+' : '−'}
      {quantity({ value: Math.abs(value), unit: of, decimals }, fly.measure)}
    </span>
  )
}
