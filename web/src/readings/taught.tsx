import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { goByTests, learningState } from '../api/tests'
import type { ByTests } from '../api/types'
import { length } from '../parts/units'
import { sitting, tilted, times } from '../parts/words'
import { attempt } from '../shell/problems'

/** What tests taught, if they taught anything, and when what estimates go by last changed. */
export function useTaught() {
  const { data } = useQuery({ queryKey: ['learning'], queryFn: learningState, staleTime: Infinity })
  const learnt = data?.learnt.find((l) => l.teaches)
  const mark = data && (learnt?.inUse ? learnt.at : 'the tables')
  const [first, setFirst] = useState(mark)
  if (first === undefined && mark !== undefined) setFirst(mark)
  return { learnt, changed: mark === first ? '' : mark }
}

/** One switch: estimates by one's tests, or by the tables alone. */
export function TaughtSwitch() {
  const client = useQueryClient()
  const { learnt } = useTaught()
  if (!learnt) return null
  const use = (inUse: boolean) =>
    void attempt(async () => {
      await goByTests(inUse)
      await client.invalidateQueries()
    })
  return (
    <p className="flex flex-wrap items-center justify-between gap-x-3" data-testid="by-tests">
      <label className="flex items-center gap-2 pointer-coarse:min-h-11">
        <input type="checkbox" checked={learnt.inUse} onChange={(e) => use(e.target.checked)} />
        by your {learnt.tests} {learnt.tests === 1 ? 'test' : 'tests'}
      </label>
      <Link className="underline" to="/tests">
        what they teach
      </Link>
    </p>
  )
}

/** Says by what the estimates of a page go. */
export function TaughtLine() {
  const { learnt } = useTaught()
  if (!learnt?.inUse) return null
  return (
    <p className="text-tide text-sm">
      by your {learnt.tests} {learnt.tests === 1 ? 'test' : 'tests'};{' '}
      <Link className="underline" to="/tests">
        what they teach
      </Link>
    </p>
  )
}

/** What each number was without the tests, where they moved it: by the reading it stands in. */
export function movedBy(found: ByTests | undefined): Partial<Record<string, string>> {
  if (!found) return {}
  const { without: o, tests, moved } = found
  const by = `by your ${tests} ${tests === 1 ? 'test' : 'tests'}; without: `
  const told: Partial<Record<string, string>> = {}
  if (moved.includes('POSTURE')) {
    told.posture = `${by}${sitting(o.sits)}, ${tilted(o.pitchDeg, o.tilt)}`
  }
  if (moved.includes('RESERVE')) told.reserve = by + times(o.keepsPostureTo)
  if (moved.includes('POP_BACK')) {
    const way = o.popBackMg >= 0 ? 'lifts' : 'short by'
    told['pop-back'] = `${by}${way} ${Math.abs(o.popBackMg).toFixed(0)} mg`
  }
  return told
}

/** Heights without the tests, where they moved any. */
export function heightsWithout(found: ByTests | undefined): string {
  if (!found?.moved.includes('HEIGHTS')) return ''
  const { without: o } = found
  return `Without your tests: eye ${length(o.eyeMm)}, bend ${length(o.bendMm)}, point ${length(o.pointMm)} over the film.`
}
