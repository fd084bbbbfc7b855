import { describe, expect, it } from 'vitest'
import type { Card, Handle, Part, PatternDocument } from '../api/types'
import { stretchesOf, withPlace } from './place'
import { added, isOwnOrder, reordered, reworded, stepsOf, without, workedOut } from './steps'

const fly: PatternDocument = {
  format: 'ripple-rest/pattern',
  version: 3,
  pattern: {
    name: 'Test',
    style: 'parachute',
    hook: { size: 14, shape: 'straight' },
    parts: [
      { part: 'tail', material: 'tail-barb' },
      { part: 'body', material: 'dry-dubbing' },
    ],
  },
}
const card = ['start-thread thread', 'bind-in tail', 'wind body', 'whip head'].map((key) => ({
  key,
})) as Card['steps']
const does = (document: PatternDocument) => stepsOf(document).map((s) => s.do)

describe('own steps', () => {
  it('are the whole order once one is dragged, and only words once one is reworded', () => {
    const dragged = reordered(fly, card, 1, 2)
    expect(does(dragged)).toEqual(['start-thread thread', 'wind body', 'bind-in tail', 'whip head'])
    expect(isOwnOrder(dragged, card)).toBe(true)
    const said = reworded(fly, card, 'wind body', 'Wind it thin.', '')
    expect(stepsOf(said)).toEqual([{ do: 'wind body', words: 'Wind it thin.' }])
    expect(isOwnOrder(said, card)).toBe(false)
    const both = reworded(said, card, 'bind-in tail', '', 'three of them')
    expect(does(both), 'in the order of the card').toEqual(['bind-in tail', 'wind body'])
  })

  it('stand behind the step that they were added to, also when the order is worked out again', () => {
    const mine = added(fly, card, 1, 'Turn the hook.')
    expect(stepsOf(mine)).toEqual([
      { do: 'bind-in tail' },
      { do: 'own:1', words: 'Turn the hook.' },
    ])
    const more = added(
      mine,
      [...card.slice(0, 2), { ...card[0], key: 'own:1' }, ...card.slice(2)] as Card['steps'],
      3,
      'Breathe.',
    )
    expect(does(more)).toEqual(['bind-in tail', 'own:1', 'wind body', 'own:2'])
    expect(does(workedOut(more, card))).toEqual(does(more))
    expect(does(without(more, 'own:1'))).toEqual(['bind-in tail', 'wind body', 'own:2'])
    expect(
      without(without(added(fly, card, 0, 'x'), 'own:1'), 'start-thread thread').pattern,
    ).toEqual(fly.pattern)
  })
})

const place = (field: string, mm: number, offset: number): Handle =>
  ({
    part: 'body',
    index: 1,
    field,
    mm,
    mmPerUnit: 7.4,
    value: mm,
    place: [{ rule: '', factor: 0, reach: 'hook-barb', offset, unit: 'share', mm: 0 }],
  }) as unknown as Handle

describe('places', () => {
  const from = place('from-1', 7.4, 0)
  const to = place('to-1', 2.96, -0.6)
  it('become the part’s own with all its stretches when one end is dragged', () => {
    const moved = withPlace(fly, [from, to], to, 3.7, undefined)
    expect((moved.pattern.parts[1] as Part).stretches).toEqual([
      {
        from: { landmark: 'hook-barb', offset: 0, unit: 'share' },
        to: { landmark: 'hook-barb', offset: -0.5, unit: 'share' },
      },
    ])
    expect(stretchesOf(fly.pattern.parts[1] as Part, [from, to])).toHaveLength(1)
  })

  it('snap to a landmark by its name', () => {
    const snap = {
      name: 'the middle',
      mm: 3.7,
      length: { rule: '', factor: 0, reach: 'middle', offset: 0, unit: 'mm', mm: 0 },
    }
    const moved = withPlace(fly, [from, to], to, 3.7, snap)
    expect((moved.pattern.parts[1] as Part).stretches?.[0]?.to).toEqual({ landmark: 'middle' })
  })
})
