import { act, cleanup, renderHook, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { PatternDocument, PatternResource } from '../api/types'
import { useAutosave } from './useAutosave'

const named = (name: string) =>
  ({ format: 'ripple-rest/pattern', version: 1, pattern: { name } }) as unknown as PatternDocument
let opened: PatternResource = {
  id: 'a',
  revision: 3,
  undo: '',
  redo: '',
  document: named('first'),
}
const reply = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
const fetching = vi.fn<(path: string, init: RequestInit) => Promise<Response>>()

let n = 0
beforeEach(() => {
  vi.stubGlobal('fetch', fetching)
  opened = { ...opened, id: `a${n++}` }
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
  fetching.mockReset()
  localStorage.clear()
})

const sent = (call: number) => {
  const init = fetching.mock.calls[call]?.[1]
  return { headers: init?.headers as Record<string, string>, body: JSON.parse(String(init?.body)) }
}

describe('useAutosave', () => {
  it('saves the newest of several quick changes under the revision it opened', async () => {
    fetching.mockImplementation(async () => reply(200, { ...opened, revision: 4 }))
    const { result } = renderHook(() => useAutosave(opened))
    act(() => result.current.change(named('second')))
    act(() => result.current.change(named('third')))
    expect(result.current.state.kind).toBe('saving')
    await waitFor(() => expect(result.current.state.kind).toBe('saved'))
    expect(fetching).toHaveBeenCalledTimes(1)
    expect(sent(0).headers['If-Match']).toBe('"3"')
    expect(sent(0).body.pattern.name).toBe('third')
  })

  it('keeps a change that could not be sent and sends it again', async () => {
    fetching.mockRejectedValueOnce(new TypeError('down'))
    fetching.mockImplementation(async () => reply(200, { ...opened, revision: 4 }))
    const { result } = renderHook(() => useAutosave(opened))
    act(() => result.current.change(named('second')))
    await waitFor(() => expect(result.current.state.kind).toBe('failed'))
    expect(result.current.document.pattern.name).toBe('second')
    act(() => result.current.retry())
    await waitFor(() => expect(result.current.state.kind).toBe('saved'))
    expect(sent(1).body.pattern.name).toBe('second')
  })

  it('saves what is open before it goes a step back', async () => {
    fetching.mockImplementationOnce(async () =>
      reply(200, { ...opened, revision: 4, undo: 'named second' }),
    )
    fetching.mockImplementation(async () => reply(200, { ...opened, revision: 5, redo: 'x' }))
    const { result } = renderHook(() => useAutosave(opened))
    act(() => result.current.change(named('second')))
    await act(() => result.current.step('undo'))
    expect(sent(0).body.pattern.name).toBe('second')
    expect(fetching.mock.calls[1]?.[0]).toBe(`/api/patterns/${opened.id}/undo`)
    expect((fetching.mock.calls[1]?.[1].headers as Record<string, string>)['If-Match']).toBe('"4"')
    expect(result.current.document.pattern.name).toBe('first')
    expect(result.current.kept).toMatchObject({ undo: '', redo: 'x' })
    expect(fetching).toHaveBeenCalledTimes(2)
  })

  it('shows both versions after a change from elsewhere and writes neither unasked', async () => {
    const stored = { ...opened, revision: 9, document: named('theirs') }
    fetching.mockImplementationOnce(async () => reply(412, { title: 'x', status: 412, stored }))
    fetching.mockImplementation(async () => reply(200, { ...opened, revision: 10 }))
    const { result } = renderHook(() => useAutosave(opened))
    act(() => result.current.change(named('mine')))
    await waitFor(() => expect(result.current.state.kind).toBe('changed-elsewhere'))
    expect(result.current.document.pattern.name).toBe('mine')
    act(() => result.current.resolve('mine', stored))
    await waitFor(() => expect(result.current.state.kind).toBe('saved'))
    expect(sent(1).headers['If-Match']).toBe('"9"')
    expect(sent(1).body.pattern.name).toBe('mine')
  })

  it('sends nothing of who only looks on, and shows what they try', async () => {
    const { result } = renderHook(() => useAutosave(opened, false))
    act(() => result.current.change(named('tried')))
    await waitFor(() => expect(result.current.state.kind).toBe('saved'))
    expect(result.current.document.pattern.name).toBe('tried')
    expect(fetching).not.toHaveBeenCalled()
    expect(localStorage.length).toBe(0)
  })
})
