import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError, call, once, send, streamed } from './http'
import { isIn, out } from './reach'
import { changeToken } from './room'

const fetched = vi.fn<typeof fetch>()

beforeEach(() => {
  fetched.mockReset()
  vi.stubGlobal('fetch', fetched)
  vi.useFakeTimers({ shouldAdvanceTime: true })
  isIn()
})

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
  document.cookie = 'XSRF-TOKEN=; max-age=0'
})

/** An answer of some lines, which may break off after them. */
function lines(all: object[], breaks = false) {
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      all.forEach((l) => controller.enqueue(new TextEncoder().encode(`${JSON.stringify(l)}\n`)))
      if (breaks) setTimeout(() => controller.error(new TypeError('network error')), 5)
      else controller.close()
    },
  })
  return new Response(body, { status: 200 })
}

const refused = (status: number, title: string) =>
  new Response(JSON.stringify({ status, title, detail: title }), { status })

describe('what comes line by line', () => {
  it('hands each line on, and the last is the answer', async () => {
    fetched.mockResolvedValueOnce(lines([{ n: 1 }, { n: 2 }]))
    const seen: unknown[] = []
    expect(await streamed('/api/x', send('POST'), (l) => seen.push(l))).toEqual({ n: 2 })
    expect(seen).toHaveLength(2)
  })

  it('is asked again where it breaks off, and told once', async () => {
    fetched.mockResolvedValueOnce(lines([{ progress: 1 }], true))
    fetched.mockResolvedValueOnce(refused(502, 'Bad gateway'))
    fetched.mockResolvedValueOnce(lines([{ progress: 1 }, { answer: 7 }]))
    expect(await streamed('/api/x', send('POST', { seed: 3 }), () => undefined)).toEqual({
      answer: 7,
    })
    const bodies = fetched.mock.calls.map(([, init]) => init?.body)
    expect(new Set(bodies)).toEqual(new Set(['{"seed":3}'])) // the same question each time
  })

  it('is given up after some tries, and when nobody wants it any more', async () => {
    fetched.mockImplementation(() => Promise.resolve(lines([{ progress: 1 }], true)))
    await expect(streamed('/api/x', send('POST'), () => undefined)).rejects.toThrow('broke off')
    expect(fetched).toHaveBeenCalledTimes(3)
    fetched.mockClear()
    const stop = new AbortController()
    stop.abort()
    const asked = { ...send('POST'), signal: stop.signal }
    await expect(streamed('/api/x', asked, () => undefined)).rejects.toThrow()
    expect(fetched).toHaveBeenCalledTimes(1)
  })

  it('is not asked again where it was refused', async () => {
    fetched.mockResolvedValueOnce(refused(422, 'No such part'))
    await expect(streamed('/api/x', send('POST'), () => undefined)).rejects.toThrow('No such part')
    fetched.mockResolvedValueOnce(lines([{ problem: { title: 'Too light', status: 422 } }]))
    await expect(streamed('/api/x', send('POST'), () => undefined)).rejects.toThrow('Too light')
    expect(fetched).toHaveBeenCalledTimes(2)
  })
})

describe('a change', () => {
  const headers = (n: number) => fetched.mock.calls[n]?.[1]?.headers as Record<string, string>

  it('carries the token of its page, a question by GET does not', async () => {
    fetched.mockImplementation(() => Promise.resolve(new Response('{}')))
    await call('/api/x', send('PUT', {}))
    expect(headers(0)).not.toHaveProperty('X-XSRF-TOKEN') // alone there is none
    document.cookie = 'XSRF-TOKEN=abc-1'
    expect(changeToken()).toEqual({ 'X-XSRF-TOKEN': 'abc-1' })
    await call('/api/x', send('PUT', {}))
    expect(headers(1)['X-XSRF-TOKEN']).toBe('abc-1')
    await call('/api/x')
    expect(fetched.mock.calls[2]?.[1]).toBeUndefined()
  })

  it('is sent once more under its key where its answer is lost', async () => {
    fetched.mockRejectedValueOnce(new TypeError('reset'))
    fetched.mockResolvedValueOnce(new Response('{"id": 1}'))
    expect(await once('/api/x', send('POST', {}))).toEqual({ id: 1 })
    expect(headers(0)['Idempotency-Key']).toBe(headers(1)['Idempotency-Key'])
  })

  it('that is refused because nobody is signed in asks who it is', async () => {
    fetched.mockResolvedValueOnce(refused(401, 'Nobody is signed in'))
    await expect(call('/api/x', send('PUT', {}))).rejects.toBeInstanceOf(ApiError)
    expect(out.get()).toBe(true)
  })
})
