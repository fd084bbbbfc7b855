import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import {
  act,
  cleanup,
  fireEvent,
  render,
  renderHook,
  screen,
  waitFor,
} from '@testing-library/react'
import { readFileSync } from 'node:fs'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '../api/client'
import { ApiError } from '../api/http'
import * as vise from '../api/tying'
import type { LoggedFly } from '../api/types'
import { lookOf } from '../scene/looks'
import { TiedFly } from '../log/TiedFly'
import { clock } from '../parts/clock'
import { useTying, useWhere } from './useTying'

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof client>()),
  getFly: vi.fn(),
  changeFly: vi.fn(),
  judgeTied: vi.fn(),
  readDevice: vi.fn(),
}))

vi.mock('../api/tying', () => ({ getTying: vi.fn(), keepTying: vi.fn(), finishTying: vi.fn() }))

afterEach(() => {
  cleanup()
  vi.useRealTimers()
  localStorage.clear()
})

describe('a fly on the vise', () => {
  const away = new ApiError({ title: 'No answer', status: 0, detail: 'It does not answer.' })

  beforeEach(() => {
    vi.mocked(vise.getTying).mockResolvedValue({ step: 2, seconds: [10, 20], revision: 7 })
    vi.mocked(vise.keepTying).mockImplementation((_, revision, at) =>
      Promise.resolve({ ...at, revision: revision + 1 }),
    )
  })

  const there = { step: 2, seconds: [10, 20], revision: 7 }
  let n = 0
  const onVise = () => renderHook(() => useTying(`a${n}`, 4, there, ''))
  afterEach(() => n++)

  it('goes on where it was, and every turn of a page is kept', async () => {
    const { result } = onVise()
    expect(result.current.at.step).toBe(2)
    act(() => result.current.go(1))
    expect(result.current.at.step).toBe(3)
    await waitFor(() =>
      expect(vise.keepTying).toHaveBeenLastCalledWith(
        `a${n}`,
        7,
        expect.objectContaining({ step: 3, seconds: [10, 20] }),
        expect.any(String),
      ),
    )
    await waitFor(() => expect(localStorage.length).toBe(0))
  })

  it('is with the browser until the server has answered, and sent again', async () => {
    const { result } = onVise()
    vi.mocked(vise.keepTying).mockRejectedValueOnce(away)
    act(() => result.current.go(1))
    await waitFor(() => expect(result.current.state.kind).toBe('failed'))
    expect(localStorage.length).toBe(1)
    await waitFor(() => expect(result.current.state.kind).toBe('saved'), { timeout: 6000 })
    const calls = vi.mocked(vise.keepTying).mock.calls.filter(([of]) => of === `a${n}`)
    const keys = calls.map((call) => call[3])
    expect(keys).toHaveLength(2)
    expect(keys[0]).toBe(keys[1])
  })

  it('is logged once, however often a held pedal asks', async () => {
    vi.mocked(vise.finishTying).mockResolvedValue({ id: 'f' })
    const { result } = onVise()
    const asked = await act(() => Promise.all([1, 2, 3].map(() => result.current.finish())))
    expect(asked).toEqual(['f', 'f', 'f'])
    expect(vise.finishTying).toHaveBeenCalledTimes(1)
  })

  it('waits for where it was rather than begin anew', async () => {
    vi.mocked(vise.keepTying).mockClear()
    vi.mocked(vise.getTying).mockRejectedValueOnce(away)
    const { result } = renderHook(() => useWhere('w'))
    await waitFor(() => expect(result.current.lost).not.toBe(''))
    expect(result.current.there).toBeUndefined()
    expect(vise.keepTying).not.toHaveBeenCalled()
    await waitFor(() => expect(result.current.there?.step).toBe(2), { timeout: 6000 })
    expect(result.current.lost).toBe('')
  }, 10_000)

  it('counts the seconds of the page that is open, and none while it rests', async () => {
    const { result } = onVise()
    await waitFor(() => expect(result.current.at.seconds[1]).toBeGreaterThan(20), {
      timeout: 3000,
    })
    act(() => result.current.pause())
    const rests = result.current.at.seconds[1]
    await new Promise((done) => setTimeout(done, 1200))
    expect(result.current.at.seconds[1]).toBe(rests)
    expect(result.current.at.seconds[0]).toBe(10)
  })

  it('tells minutes and seconds', () => {
    expect(clock(0)).toBe('0:00')
    expect(clock(605.4)).toBe('10:05')
  })

  const followed = (as: 'bench' | 'tablet') => renderHook(() => useTying(`f${n}`, 4, there, '', as))

  it('goes where a tablet or the bench turned the page to', async () => {
    vi.useFakeTimers()
    n++
    vi.mocked(vise.getTying).mockResolvedValue({ step: 3, seconds: [10, 20, 5], revision: 8 })
    const { result } = followed('bench')
    expect(result.current.at.step).toBe(2)
    await act(() => vi.advanceTimersByTimeAsync(1100))
    expect(result.current.at.step).toBe(3)
    // and a page that is turned here is kept after that one
    await act(async () => {
      result.current.go(1)
      await vi.advanceTimersByTimeAsync(300)
    })
    expect(vise.keepTying).toHaveBeenLastCalledWith(
      `f${n}`,
      8,
      expect.objectContaining({ step: 4 }),
      expect.anything(),
    )
  })

  it('goes with whoever turned first, and asks nobody', async () => {
    vi.useFakeTimers()
    n++
    vi.mocked(vise.getTying).mockResolvedValue(there)
    const stored = { step: 4, seconds: [], revision: 9 }
    vi.mocked(vise.keepTying).mockRejectedValueOnce(
      new ApiError({ title: 'Changed elsewhere', status: 412, stored: stored as never }),
    )
    const { result } = followed('bench')
    await act(async () => {
      result.current.go(1)
      await vi.advanceTimersByTimeAsync(300)
    })
    expect(result.current.at.step).toBe(4)
    expect(result.current.state.kind).toBe('saved')
  })

  it('leaves the clock to the bench', async () => {
    vi.useFakeTimers()
    n++
    vi.mocked(vise.getTying).mockResolvedValue(there)
    vi.mocked(vise.keepTying).mockClear()
    followed('tablet')
    await act(() => vi.advanceTimersByTimeAsync(40_000))
    expect(vise.keepTying).not.toHaveBeenCalled()
  })
})

describe('the sheet of a tied fly', () => {
  const fly = {
    fly: {
      id: 'f',
      tiedAt: '2026-11-25T10:00:00Z',
      seconds: 0,
      massMg: 0,
      notes: '',
      document: { pattern: { name: 'Test Dun', hook: { size: 14 } } },
      made: [],
      photograph: null,
    },
    revision: 5,
    pictured: false,
    planned: [{ part: 'tail', field: 'length', value: 9.6, low: 0.5, high: 60, unit: 'mm' }],
    pattern: [],
  } as unknown as LoggedFly

  beforeEach(async () => {
    vi.mocked(client.getFly).mockResolvedValue(fly)
    vi.mocked(client.judgeTied).mockImplementation(() => new Promise(() => undefined))
    vi.mocked(client.changeFly).mockResolvedValue(fly)
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter initialEntries={['/log/f']}>
          <Routes>
            <Route path="/log/:id" element={<TiedFly />} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>,
    )
    await screen.findByLabelText('tail length, mm')
  })

  function type(text: string) {
    const input = screen.getByLabelText('tail length, mm')
    fireEvent.change(input, { target: { value: text } })
    fireEvent.blur(input)
  }

  it('writes down what is typed, and lets a blank be as planned', async () => {
    type('8,1')
    await waitFor(() => expect(client.changeFly).toHaveBeenCalled())
    expect(vi.mocked(client.changeFly).mock.lastCall?.[2].made).toEqual([
      { part: 'tail', field: 'length', value: 8.1, error: 0 },
    ])
    type('')
    await waitFor(() => expect(vi.mocked(client.changeFly).mock.lastCall?.[2].made).toEqual([]))
  })

  it('keeps what was typed and left at once, or not even left', async () => {
    vi.mocked(client.changeFly).mockClear()
    const input = screen.getByLabelText('tail length, mm')
    fireEvent.change(input, { target: { value: '7,7' } })
    cleanup() // the page is left before the field is
    await waitFor(() =>
      expect(vi.mocked(client.changeFly).mock.lastCall?.[2].made).toEqual([
        { part: 'tail', field: 'length', value: 7.7, error: 0 },
      ]),
    )
  })

  it('puts back what is no number', () => {
    vi.mocked(client.changeFly).mockClear()
    type('long')
    expect(screen.getByLabelText('tail length, mm')).toHaveProperty('value', '')
    expect(client.changeFly).not.toHaveBeenCalled()
  })

  it('says why a device gives no reading, and leaves the value', async () => {
    vi.mocked(client.readDevice).mockRejectedValue(new Error('The caliper has said nothing.'))
    fireEvent.click(screen.getByRole('button', { name: 'tail length from the caliper' }))
    expect((await screen.findByRole('alert')).textContent).toContain('has said nothing')
    expect(screen.getByLabelText('tail length, mm')).toHaveProperty('value', '')
  })
})

describe('looks', () => {
  it('are one of its own for every material that ships', () => {
    const table = readFileSync(
      '../core/src/main/resources/ripplerest/core/material/materials.csv',
      'utf8',
    )
    const style = readFileSync('src/index.css', 'utf8')
    const materials = [
      ...new Set(
        table
          .split('\n')
          .slice(1)
          .map((l) => l.split(',')[0] ?? ''),
      ),
    ]
    for (const material of materials.filter((m) => m !== '')) {
      expect(lookOf('body', material).colour).toBe(`var(--m-${material})`)
      expect(style, material).toContain(`--m-${material}: light-dark(`)
    }
    expect(lookOf('tail', 'my-own').colour).toBe('var(--m-tail-barb)')
  })
})
