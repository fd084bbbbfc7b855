import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { Accordion } from 'radix-ui'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { PatternDocument } from '../api/types'
import { AmountsReading } from '../readings/AmountsReading'
import { Book } from '../book/Book'
import { PartAdvice } from '../tray/PartAdvice'
import { SizeRun } from '../study/SizeRun'

const fetching = vi.fn<(path: string, init?: RequestInit) => Promise<Response>>()

beforeEach(() => {
  vi.stubGlobal('fetch', fetching)
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
  fetching.mockReset()
})

const json = (body: unknown) =>
  new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } })
const lines = (...all: unknown[]) => new Response(all.map((l) => `${JSON.stringify(l)}\n`).join(''))

/** Answers by the beginning of the address. */
const untaught = () => json({ tests: 0, learnt: [] })

function serve(more: Record<string, () => Response>) {
  const answers: typeof more = { '/api/tests/learning': untaught, ...more }
  fetching.mockImplementation(async (path) => {
    const found = Object.keys(answers).find((start) => path.startsWith(start))
    return found ? (answers[found]?.() ?? json([])) : json([])
  })
}

function show(view: React.ReactNode, at = '/', path = '/') {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path={path} element={view} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

const document = { pattern: { name: 'Test', hook: { size: 14 } } } as unknown as PatternDocument
const now = {
  sits: 'ON_TIPS',
  pitchDeg: 17,
  eyeMm: 2.8,
  pointMm: -2.3,
  keepsPostureTo: 2.5,
  sinksAt: 10,
  massMg: 21.6,
}

describe('AmountsReading', () => {
  it('tells a number in the digits that its spread deserves', () => {
    const amount = (part: string, what: string, value: number, spread: number, unit: string) => ({
      part,
      what,
      value,
      spread,
      unit,
    })
    render(
      <Accordion.Root type="single" defaultValue="takes">
        <AmountsReading
          asked
          amounts={[
            amount('thread', 'length on the fly', 155.934, 38.98, 'mm'),
            amount('body', 'weight', 0.2931, 0.063, 'mg'),
            amount('body', 'layers', 1, 0, 'layers'),
            amount('tail', 'fibres', 8, 0, 'pieces'),
            amount('fly', 'weight', 21.612, 0, 'mg'),
          ]}
        />
      </Accordion.Root>,
    )
    expect(screen.getAllByText('156 ± 39 mm')).toBeTruthy()
    expect(screen.getByText('0.29 ± 0.06 mg')).toBeTruthy()
    expect(screen.getByText('1 layer')).toBeTruthy()
    expect(screen.getByText('8 pieces')).toBeTruthy()
    expect(screen.getByText('the whole fly')).toBeTruthy()
  })
})

describe('PartAdvice', () => {
  const softer = {
    id: 'game-hackle',
    label: 'Soft hackle',
    distance: 1,
    traits: [
      { trait: 'stiffness', ratio: 0.25 },
      { trait: 'weight', ratio: 1.02 },
    ],
    then: { ...now, eyeMm: 1.8, keepsPostureTo: 1.6, massMg: 21.3 },
    sits: {
      text: 'on tips, eye \uFFFC lower',
      quantities: [{ value: 1, unit: 'mm', decimals: 1 }],
    },
    reserve: '2.5 → 1.6 ×',
  }
  const counted = {
    name: 'turns',
    type: 'number',
    low: 1,
    high: 12,
    unit: 'turns',
    options: [],
    reference: '',
  } as never

  it('asks only once it is open, and hands over what was chosen', async () => {
    const onMaterial = vi.fn()
    const onNumber = vi.fn()
    serve({
      '/api/answers?part=collar-hackle&ask=SUBSTITUTES': () =>
        lines(
          { progress: { done: 1, all: 2 } },
          { substitutes: { now, materials: [softer], hooks: [] } },
        ),
      '/api/answers?part=collar-hackle&reserve=2&ask=SUPPORT': () =>
        lines({
          support: {
            part: 'collar-hackle',
            unit: 'turns',
            now: 5,
            wanted: 2,
            enough: 4,
            tried: [{ number: 4, sits: now }],
          },
        }),
    })
    show(
      <PartAdvice
        document={document}
        part="collar-hackle"
        counted={counted}
        onMaterial={onMaterial}
        onNumber={onNumber}
      />,
    )
    expect(fetching).not.toHaveBeenCalled()
    fireEvent.click(screen.getByRole('button', { name: 'hackle: what else, how many' }))
    const row = await screen.findByRole('row', { name: /Soft hackle/ })
    expect(within(row).getByText('softer (4.0 ×)')).toBeTruthy()
    expect(within(row).getByText('on tips, eye 1.0 mm lower')).toBeTruthy()
    expect(within(row).getByText('2.5 → 1.6 ×')).toBeTruthy()
    fireEvent.click(await screen.findByRole('button', { name: 'tie 4' }))
    expect(onNumber).toHaveBeenCalledWith('turns', 4)
    fireEvent.click(screen.getByRole('button', { name: 'hackle: what else, how many' }))
    fireEvent.click(await screen.findByRole('button', { name: 'use Soft hackle' }))
    expect(onMaterial).toHaveBeenCalledWith('game-hackle')
  })
})

const plain = (text: string) => ({ text, quantities: [] })

describe('SizeRun', () => {
  it('tells what stops a size', async () => {
    const row = {
      size: 14,
      works: true,
      why: plain(''),
      verdict: plain(''),
      sits: 'ON_TIPS',
      pitchDeg: 17.2,
      eyeMm: 2.79,
      keepsPostureTo: 2.5,
      sinksAt: 10,
      massMg: 21.6,
      shankMm: 7.4,
    }
    const sunk = { ...row, size: 6, works: false, why: plain('Sinks: too heavy.'), sits: 'SUNK' }
    serve({
      '/api/patterns/a': () => json({ id: 'a', revision: 0, undo: '', redo: '', document }),
      '/api/answers?ask=SIZE_RUN': () => lines({ sizeRun: { rows: [sunk, row] } }),
    })
    show(<SizeRun />, '/bench/a/sizes', '/bench/:id/sizes')
    expect(await screen.findByText('Sinks: too heavy.')).toBeTruthy()
    expect(
      screen.getByRole('row', { name: /14 \(its own\) yes, on its tips 17° 2.8 mm/ }),
    ).toBeTruthy()
    expect(screen.getByRole('img', { name: /6 does not, 14 works/ })).toBeTruthy()
  })
})

describe('Book', () => {
  const page = {
    rows: [
      {
        id: 'a',
        name: 'Lantern Dun',
        natural: 'autumn dun',
        style: 'upright-collar',
        hookSize: 14,
        hookShape: 'curved',
        posture: null,
        materials: [],
        archived: false,
        changed: '2026-11-24T00:00:00Z',
      },
    ],
    total: 51,
    page: 1,
    size: 25,
    unplaced: 0,
  }

  it('shows a page, and looks for what is typed from its first one', async () => {
    serve({ '/api/book?': () => json(page) })
    show(<Book />, '/book?page=1', '/book')
    expect(await screen.findByText('26 to 26 of 51 patterns.')).toBeTruthy()
    expect(screen.getByRole('row', { name: /Lantern Dun autumn dun 14 curved/ })).toBeTruthy()
    expect(screen.getByText('page 2 of 3')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Find a pattern'), { target: { value: 'dusk' } })
    await waitFor(() =>
      expect(fetching.mock.calls.some(([path]) => path === '/api/book?words=dusk')).toBe(true),
    )
  })

  it('says what was refused and leaves the page as it is', async () => {
    serve({
      '/api/book?': () => json({ ...page, page: 0 }),
      '/api/patterns/a': () =>
        new Response(
          JSON.stringify({ title: 'x', status: 404, detail: 'There is no such pattern.' }),
          {
            status: 404,
          },
        ),
    })
    show(<Book />, '/book', '/book')
    fireEvent.click(await screen.findByRole('button', { name: 'archive Lantern Dun' }))
    expect((await screen.findByRole('alert')).textContent).toContain('There is no such pattern.')
    expect(screen.getByRole('link', { name: 'Lantern Dun' })).toBeTruthy()
  })
})
