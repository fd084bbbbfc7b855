import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import * as client from '../api/client'
import type { LoggedFly, Photograph } from '../api/types'
import { Log } from './Log'
import { Photo } from './Photo'
import { SaveQueue } from '../save/saveQueue'
import type { Written } from './Photo'

vi.mock('../api/client', async (original) => ({
  ...(await original<typeof client>()),
  listFlies: vi.fn(),
  listTrends: vi.fn(),
  importLog: vi.fn(),
  getFly: vi.fn(),
  keepPicture: vi.fn(),
  measurePicture: vi.fn(),
}))

afterEach(cleanup)

const line = (id: string, name: string, notes = '') => ({
  id,
  name,
  size: 14,
  tiedAt: '2026-11-20T18:00:00Z',
  seconds: 754,
  differences:
    name === 'Test Dun'
      ? [
          {
            text: 'upright wing \uFFFC too long',
            quantities: [{ value: 1.5, unit: 'mm', decimals: 1 }],
          },
        ]
      : [],
  pictured: false,
  notes,
  unreadable: name === 'Broken Dun' ? 'it has no plan' : '',
})

describe('the log', () => {
  beforeEach(() => {
    vi.mocked(client.listFlies).mockResolvedValue([
      line('a', 'Test Dun', 'by lamp'),
      line('b', 'Test Midge'),
      line('c', 'Broken Dun'),
    ])
    vi.mocked(client.listTrends).mockResolvedValue([])
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <Log />
        </MemoryRouter>
      </QueryClientProvider>,
    )
  })

  it('tells of each fly what came out otherwise and how long it took', async () => {
    const row = (await screen.findByText('Test Dun')).closest('tr')
    expect(row?.textContent).toContain('upright wing 1.5 mm too long')
    expect(row?.textContent).toContain('12:34 min')
    expect(screen.getByText(/Measure the same thing on three flies/)).toBeTruthy()
    const broken = screen.getByText('Broken Dun').closest('tr')
    expect(broken?.textContent).toContain('cannot be read: it has no plan')
  })

  it('finds flies by name, size and words', async () => {
    await screen.findByText('Test Dun')
    const find = screen.getByPlaceholderText('fly, size or words')
    fireEvent.change(find, { target: { value: 'LAMP' } })
    expect(screen.queryByText('Test Midge')).toBeNull()
    expect(screen.getByText('1 of 3')).toBeTruthy()
    fireEvent.change(find, { target: { value: 'no such fly' } })
    expect(screen.getByText('0 of 3')).toBeTruthy()
  })

  it('says that nothing was added when a file does not fit', async () => {
    await screen.findByText('Test Dun')
    vi.mocked(client.importLog).mockRejectedValue(new Error('file is no log.'))
    fireEvent.change(screen.getByLabelText('Log to import'), {
      target: { files: [new File(['{}'], 'x.json')] },
    })
    expect(await screen.findByText('file is no log. Nothing was added.')).toBeTruthy()
  })
})

describe('a picture of a fly', () => {
  const opened = {
    fly: { id: 'a', photograph: null },
    pictured: false,
    planned: [{ part: 'tail', field: 'length', value: 9.6, low: 0.5, high: 60, unit: 'mm' }],
    pattern: [],
  } as unknown as LoggedFly
  const told: Photograph = {
    pxPerMm: 50,
    pxPerMmError: 1,
    rest: [{ pitchDeg: 17.2, pitchError: 0.4, eyeMm: 2.8, bendMm: 0.6, error: 0.1 }],
    lengths: [{ name: 'tail length', mm: 8.04, error: 0.17 }],
    warnings: ['It is not seen from the side.'],
  }
  const onTake = vi.fn()
  const queueOf = (of: LoggedFly) => {
    vi.mocked(client.getFly).mockResolvedValue(of)
    return new SaveQueue<Written, LoggedFly>(
      {
        save: () => Promise.resolve(of),
        revisionOf: () => 1,
        valueOf: () => ({ seconds: 0, massMg: 0, notes: '', made: [] }),
      },
      of,
    )
  }

  function show(of: LoggedFly = opened) {
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Photo id="a" opened={of} queue={queueOf(of)} estimated={undefined} onTake={onTake} />
      </QueryClientProvider>,
    )
  }

  const choose = (file: File) =>
    fireEvent.change(screen.getByLabelText('Picture of the fly'), { target: { files: [file] } })

  it('is not sent where it is too large to be kept', async () => {
    show()
    const large = new File(['x'], 'large.png', { type: 'image/png' })
    Object.defineProperty(large, 'size', { value: 40_000_000 })
    choose(large)
    expect((await screen.findByRole('alert')).textContent).toContain('40 MB; at most 12 MB')
    expect(client.keepPicture).not.toHaveBeenCalled()
  })

  it('stays as it was where the server refuses another', async () => {
    show()
    vi.mocked(client.keepPicture).mockRejectedValue(new Error('It is no whole PNG or JPEG.'))
    choose(new File(['words'], 'words.png', { type: 'image/png' }))
    expect((await screen.findByRole('alert')).textContent).toContain('no whole PNG or JPEG')
    expect(screen.queryByTestId('picture')).toBeNull()
  })

  it('asks for its marks one after the other once it is kept', async () => {
    show()
    vi.mocked(client.keepPicture).mockResolvedValue({ widthPx: 1400, heightPx: 900 })
    choose(new File(['png'], 'fly.png', { type: 'image/png' }))
    expect(await screen.findByTestId('picture')).toBeTruthy()
    expect(screen.getByText('rear edge of the hook eye')).toBeTruthy()
    expect(screen.getByRole('button', { name: 'mark it' })).toHaveProperty('disabled', true)
  })

  it('tells what was measured with its error, warns, and hands a length over', async () => {
    show({ ...opened, pictured: true, fly: { ...opened.fly, photograph: told } })
    const says = screen.getByTestId('told')
    expect(says.textContent).toContain('Rests 17 ± 1° tail down, eye 2.8 ± 0.1 mm')
    expect(says.textContent).toContain('tail length 8.0 ± 0.2 mm')
    expect(says.textContent).toContain('It is not seen from the side.')
    fireEvent.click(screen.getByRole('button', { name: 'Use this measurement' }))
    await waitFor(() => expect(onTake).toHaveBeenLastCalledWith('tail length', 8.04, 0.17))
  })
})
