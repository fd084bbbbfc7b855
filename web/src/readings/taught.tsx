import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { goByTests, learningState } from '../api/tests'
import type { ByTests } from '../api/types'
import { length } from '../parts/units'
import { sitting, times } from '../parts/words'
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

const angle = (deg: number) => `${Math.abs(Math.round(deg))}° ${deg >= 0 ? 'tail' : 'head'} down`

/** What each number was without the tests, where they moved it: by the reading it stands in. */
export function movedBy(found: ByTests | undefined): Partial<Record<string, string>> {
  if (!found || found.tests === 0) return {}
  const { with: w, without: o, tests } = found
  const by = `by your ${tests} ${tests === 1 ? 'test' : 'tests'}; without: `
  const moved: Partial<Record<string, string>> = {}
  if (w.sits !== o.sits || Math.round(w.pitchDeg) !== Math.round(o.pitchDeg)) {
    moved.posture = `${by}${sitting(o.sits)}, ${angle(o.pitchDeg)}`
  }
  if (times(w.keepsPostureTo) !== times(o.keepsPostureTo)) {
    moved.reserve = by + times(o.keepsPostureTo)
  }
  if (Math.round(w.popBackMg) !== Math.round(o.popBackMg)) {
    moved['pop-back'] = `${by}${o.popBackMg > 0 ? '+' : '−'}${Math.abs(o.popBackMg).toFixed(0)} mg`
  }
  return moved
}

/** Heights without the tests, where they moved any. */
export function heightsWithout(found: ByTests | undefined): string {
  if (!found || found.tests === 0) return ''
  const { with: w, without: o } = found
  const heights = [
    ['eye', w.eyeMm, o.eyeMm],
    ['bend', w.bendMm, o.bendMm],
    ['point', w.pointMm, o.pointMm],
  ] as const
  const told = heights
    .filter(([, now, before]) => length(now) !== length(before))
    .map(([name, , before]) => `${name} ${length(before)}`)
  return told.length > 0 ? `Without your tests: ${told.join(', ')} over the film.` : ''
}
