import { renderHook } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { useBefore } from './useBefore'

describe('useBefore', () => {
  it('tells what was known under the key before', () => {
    const { result, rerender } = renderHook(
      ({ at, value }: { at: string; value: number | undefined }) => useBefore(at, value),
      { initialProps: { at: 'a', value: 1 as number | undefined } },
    )
    expect(result.current).toBeUndefined()
    rerender({ at: 'b', value: undefined })
    expect(result.current).toBe(1)
    rerender({ at: 'b', value: 2 })
    expect(result.current).toBe(1)
    rerender({ at: 'c', value: undefined })
    expect(result.current).toBe(2)
  })

  it('skips a key that was left before anything was known of it', () => {
    const { result, rerender } = renderHook(
      ({ at, value }: { at: string; value: number | undefined }) => useBefore(at, value),
      { initialProps: { at: 'a', value: 1 as number | undefined } },
    )
    rerender({ at: 'b', value: undefined })
    rerender({ at: 'c', value: undefined })
    expect(result.current).toBe(1)
  })
})
