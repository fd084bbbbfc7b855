import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { EveningPlan, Slot } from '../api/types'
import { nextFly } from '../card/usePlanned'
import { chance, count, dayFrom, fliesWords, timeAfter } from '../parts/flies'
import { Strip } from './Strip'
import { batchesOf, pinned, put } from './batches'

const flies = (name: string) => ({ pattern: name, name, size: 14, colouring: '' })
const want = (id: string) => ({
  id,
  flies: flies(id),
  count: 3,
  outing: '',
  from: '2026-12-01',
  due: '2026-12-05',
  worth: 10,
})
const slot = (evening: string, of: string, fly?: string): Slot => ({
  evening,
  want: of,
  pinned: false,
  fly,
})
const slots = [slot('e', 'a', 'x'), slot('e', 'a'), slot('e', 'a'), slot('e', 'b'), slot('f', 'b')]

const evening = {
  evening: { id: 'e', day: '2026-12-01', from: '19:30', minutes: 60 },
  work: slots.slice(0, 4).map((s, i) => ({
    slot: i,
    want: s.want,
    what: 'TIE' as const,
    minutes: 10 * i,
    handsMinutes: 10 * i + 2,
    endsMinutes: 10 * (i + 1),
    pinned: false,
    tied: Boolean(s.fly),
  })),
  spentMinutes: 40,
  threadChanges: 1,
  preparingMinutes: 0,
  waitingMinutes: 0,
  overMinutes: 0,
  goesOn: false,
  over: false,
}

describe('runs of an evening', () => {
  it('are flies of one kind, what is tied by itself', () => {
    const runs = batchesOf(evening)
    expect(runs.map((r) => [r.want, r.slots, r.tied])).toEqual([
      ['a', [0], true],
      ['a', [1, 2], false],
      ['b', [3], false],
    ])
    expect(runs[1]?.from).toBe(10)
    expect(runs[1]?.to).toBe(30)
  })

  it('go where a hand puts them and are pinned there; no fly is lost', () => {
    const [, second, third] = batchesOf(evening)
    if (!second || !third) throw new Error('no runs')
    const earlier = put(slots, third, 'e', second)
    expect(earlier.map((s) => s.want)).toEqual(['a', 'b', 'a', 'a', 'b'])
    expect(earlier[1]?.pinned).toBe(true)
    const other = put(slots, second, 'f')
    expect(other).toHaveLength(slots.length)
    expect(other.filter((s) => s.evening === 'f').map((s) => s.want)).toEqual(['b', 'a', 'a'])
    expect(pinned(slots, third, true).filter((s) => s.pinned)).toEqual([
      { ...slot('e', 'b'), pinned: true },
    ])
  })

  it('are told as a clock', () => {
    render(<Strip evening={evening} wants={[want('a'), want('b')]} />)
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('4 flies from 19:30 to 20:10')
  })
})

it('goes from fly to fly of an evening and back to the plan', () => {
  const plan = { slots, wants: [want('a'), want('b')], evenings: [evening] }
  const next = (p: Partial<EveningPlan>) => nextFly({ ...plan, ...p } as EveningPlan, 'e')
  expect(next({})).toBe('/bench/a/tie?size=14&colouring=&evening=e')
  expect(next({ slots: [slot('e', 'a', 'x'), slot('f', 'b')] })).toBe('/evenings')
})

describe('words', () => {
  it('say chances no finer than they are known', () => {
    expect([0.004, 0.012, 0.08, 0.26, 0.62, 0.995].map(chance)).toEqual([
      'under 1 in 100',
      '1 in 80',
      '1 in 13',
      '1 in 4',
      '60 in 100',
      'almost certain',
    ])
  })

  it('say times, days and flies', () => {
    expect(timeAfter('19:30', 95)).toBe('21:05')
    expect(timeAfter('23:30', 45)).toBe('00:15')
    expect(dayFrom(1) > dayFrom(0)).toBe(true)
    expect(count(1, 'fly', 'flies')).toBe('1 fly')
    expect(fliesWords({ ...flies('Dun'), colouring: 'claret' })).toBe('Dun 14, claret')
  })
})
