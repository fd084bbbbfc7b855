import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError } from '../api/http'
import { SaveQueue } from './saveQueue'
import { inBrowser } from './unsaved'

type Kept = { revision: number; value: string }
type Answer = { promise: Promise<Kept>; yes: (kept: Kept) => void; no: (why: unknown) => void }

const problem = (status: number, stored?: unknown) =>
  new ApiError({ title: 'x', status, stored } as ApiError['problem'])

/** A server that answers when it is told to. */
function server() {
  const asked: { value: string; revision: number; key: string; answer: Answer }[] = []
  const save = (value: string, revision: number, key: string) => {
    let yes: Answer['yes'] = () => undefined
    let no: Answer['no'] = () => undefined
    const promise = new Promise<Kept>((resolve, reject) => {
      yes = resolve
      no = reject
    })
    asked.push({ value, revision, key, answer: { promise, yes, no } })
    return promise
  }
  const last = () => {
    const one = asked.at(-1)
    if (!one) throw new Error('nothing was asked')
    return one
  }
  return { asked, save, last }
}

const opened: Kept = { revision: 3, value: 'first' }
const settle = () => vi.advanceTimersByTimeAsync(0)

function queueOn(save: (v: string, revision: number, key: string) => Promise<Kept>, name?: string) {
  return new SaveQueue<string, Kept>(
    { save, revisionOf: (k) => k.revision, valueOf: (k) => k.value },
    opened,
    name === undefined ? undefined : inBrowser(name),
  )
}

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
})
afterEach(() => vi.useRealTimers())

describe('SaveQueue', () => {
  it('sends quick changes as one, under the revision before it', async () => {
    const { asked, save, last } = server()
    const queue = queueOn(save)
    queue.change('second')
    queue.change('third')
    expect(queue.snapshot()).toMatchObject({ value: 'third', state: { kind: 'saving' } })
    await vi.advanceTimersByTimeAsync(300)
    expect(asked).toHaveLength(1)
    expect(last()).toMatchObject({ value: 'third', revision: 3 })
    last().answer.yes({ revision: 4, value: 'third' })
    await settle()
    expect(queue.snapshot().state.kind).toBe('saved')
    expect(queue.idle).toBe(true)
  })

  it('sends one request at a time, the next under the revision that came back', async () => {
    const { asked, save, last } = server()
    const queue = queueOn(save)
    queue.change('second')
    void queue.flush()
    queue.change('third')
    queue.change('fourth')
    await vi.advanceTimersByTimeAsync(1000)
    expect(asked).toHaveLength(1)
    last().answer.yes({ revision: 4, value: 'second' })
    await settle()
    expect(asked).toHaveLength(2)
    expect(last()).toMatchObject({ value: 'fourth', revision: 4 })
  })

  it('sends what was not answered again as it was, later and later, then what came after', async () => {
    const { asked, save, last } = server()
    const queue = queueOn(save)
    queue.change('second')
    void queue.flush()
    queue.change('third')
    last().answer.no(problem(0))
    await settle()
    expect(queue.snapshot().state).toMatchObject({ kind: 'failed', refused: false })
    await vi.advanceTimersByTimeAsync(1000)
    expect(asked).toHaveLength(2)
    expect(last()).toMatchObject({ value: 'second', revision: 3, key: asked[0]?.key })
    last().answer.no(problem(503))
    await vi.advanceTimersByTimeAsync(1900)
    expect(asked).toHaveLength(2)
    await vi.advanceTimersByTimeAsync(200)
    expect(asked).toHaveLength(3)
    last().answer.yes({ revision: 4, value: 'second' })
    await settle()
    expect(last()).toMatchObject({ value: 'third', revision: 4 })
    expect(last().key).not.toBe(asked[0]?.key)
  })

  it('lets undo wait for the save under way, and a change during undo win', async () => {
    const { asked, save, last } = server()
    const queue = queueOn(save)
    queue.change('second')
    void queue.flush()
    const undo = server()
    const done = queue.step((revision, key) => undo.save('undo', revision, key))
    expect(undo.asked).toHaveLength(0)
    last().answer.yes({ revision: 4, value: 'second' })
    await settle()
    expect(undo.last()).toMatchObject({ revision: 4 })
    queue.change('while it undoes')
    undo.last().answer.yes({ revision: 5, value: 'first' })
    await done
    expect(queue.snapshot()).toMatchObject({
      value: 'while it undoes',
      state: { kind: 'saving' },
    })
    await settle()
    expect(last()).toMatchObject({ value: 'while it undoes', revision: 5 })
    expect(asked).toHaveLength(2)
  })

  it('shows what undo brought back when nothing was changed meanwhile', async () => {
    const queue = queueOn(server().save)
    await queue.step(() => Promise.resolve({ revision: 9, value: 'zeroth' }))
    expect(queue.snapshot()).toMatchObject({ value: 'zeroth', state: { kind: 'saved' } })
  })

  it('stops at a change from elsewhere until one of the two is chosen', async () => {
    const { asked, save, last } = server()
    const stored = { revision: 9, value: 'theirs' }
    const queue = queueOn(save)
    queue.change('mine')
    void queue.flush()
    last().answer.no(problem(412, stored))
    await settle()
    expect(queue.snapshot().state).toEqual({ kind: 'changed-elsewhere', stored })
    queue.change('mine, more')
    await vi.advanceTimersByTimeAsync(60_000)
    expect(asked).toHaveLength(1)
    queue.resolve('mine', stored)
    await settle()
    expect(last()).toMatchObject({ value: 'mine, more', revision: 9 })
    last().answer.no(problem(412, { revision: 12, value: 'again' }))
    await settle()
    queue.resolve('theirs', { revision: 12, value: 'again' })
    expect(queue.snapshot()).toMatchObject({ value: 'again', state: { kind: 'saved' } })
    expect(queue.idle).toBe(true)
  })

  it('tells what is refused, keeps it on the page and goes on with the next change', async () => {
    const { asked, save, last } = server()
    const queue = queueOn(save)
    queue.change('999 mm')
    void queue.flush()
    last().answer.no(problem(422))
    await settle()
    expect(queue.snapshot()).toMatchObject({
      value: '999 mm',
      state: { kind: 'failed', refused: true },
    })
    await vi.advanceTimersByTimeAsync(60_000)
    expect(asked).toHaveLength(1)
    queue.change('9 mm')
    await vi.advanceTimersByTimeAsync(300)
    expect(last()).toMatchObject({ value: '9 mm', revision: 3 })
  })

  it('sends what a closed page left, under its old key, before anything new', async () => {
    const first = server()
    const queue = queueOn(first.save, 'a')
    queue.change('second')
    void queue.flush()
    queue.change('third')
    const key = first.last().key // the page closes here; no answer came
    const next = server()
    const again = queueOn(next.save, 'a')
    expect(again.snapshot().value).toBe('third')
    await settle()
    expect(next.last()).toMatchObject({ value: 'second', revision: 3, key })
    next.last().answer.yes({ revision: 4, value: 'second' })
    await settle()
    next.last().answer.yes({ revision: 5, value: 'third' })
    await settle()
    expect(again.snapshot().state.kind).toBe('saved')
    expect(localStorage).toHaveLength(0)
  })

  it('does not put what a closed page left over what is newer', async () => {
    const first = server()
    queueOn(first.save, 'b').change('left')
    const next = server()
    const again = queueOn(next.save, 'b')
    await settle()
    next.last().answer.no(problem(412, { revision: 8, value: 'newer' }))
    await settle()
    expect(again.snapshot().state.kind).toBe('changed-elsewhere')
  })

  it('takes a change in the very moment in which a run ends', async () => {
    const { asked, save, last } = server()
    const queue = queueOn(save)
    void queue.flush()
    queue.change('second')
    void queue.flush()
    last().answer.yes({ revision: 4, value: 'second' })
    void last().answer.promise.then(() => queueMicrotask(() => queue.change('third')))
    await vi.advanceTimersByTimeAsync(1000)
    expect(asked).toHaveLength(2)
  })

  it('rejects a step that is refused and saves on', async () => {
    const { save, last } = server()
    const queue = queueOn(save)
    const undo = queue.step(() => Promise.reject(problem(422)))
    queue.change('second')
    await expect(undo).rejects.toThrow()
    await settle()
    expect(last()).toMatchObject({ value: 'second', revision: 3 })
  })
})
