import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { getPlan } from '../api/plans'
import type { EveningPlan } from '../api/types'
import { tieAddress, timeAfter } from '../parts/flies'

const ANEW_MS = 30_000

/**
 * A fly that is tied by the plan of an evening: on which hook and in which colours, how the evening
 * stands, and which fly comes next.
 */
export function usePlanned() {
  const [query] = useSearchParams()
  const evening = query.get('evening') ?? ''
  const variant = new URLSearchParams(
    ['size', 'colouring'].flatMap((k) => {
      const value = query.get(k)
      return value ? [[k, value]] : []
    }),
  ).toString()
  const plan = useQuery({
    queryKey: ['plan', 'tying'],
    queryFn: getPlan,
    enabled: evening !== '',
    refetchInterval: ANEW_MS,
    gcTime: 0,
  })
  const at = plan.data?.evenings.find((e) => e.evening.id === evening)
  return {
    variant,
    /** Words for the evening's clock; none where no plan is followed. */
    words: at && standing(at),
    /** Where to go once this fly is logged: to the next one's card, or back to the plan. */
    next: async () => {
      if (!evening) return undefined
      const { data } = await plan.refetch()
      return data ? nextFly(data, evening) : '/evenings'
    },
  }
}

type Evening = EveningPlan['evenings'][number]

function standing({ evening, work, spentMinutes, overMinutes }: Evening): string {
  const flies = work.filter((w) => w.what === 'TIE')
  const tied = flies.filter((w) => w.tied).length
  const done = timeAfter(evening.from, spentMinutes)
  const ends = timeAfter(evening.from, evening.minutes)
  const late = overMinutes > 0.5 ? `, ${Math.round(overMinutes)} min too late` : ''
  return `fly ${Math.min(tied + 1, flies.length)} of ${flies.length} · done about ${done} of ${ends}${late}`
}

/** The card of the first fly of an evening that is not tied, or the plan when all are. */
export function nextFly(plan: EveningPlan, evening: string): string {
  const slot = plan.slots.find((s) => s.evening === evening && !s.fly)
  const want = plan.wants.find((w) => w.id === slot?.want)
  if (!want) return '/evenings'
  return tieAddress(want.flies, evening)
}
