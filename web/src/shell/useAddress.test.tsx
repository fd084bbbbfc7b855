import { act, renderHook } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { expect, it } from 'vitest'
import { useAddress } from './useAddress'

it('keeps both of two changes made before the first is drawn', () => {
  const { result } = renderHook(() => useAddress(), { wrapper: MemoryRouter })
  act(() => {
    const put = result.current[1]
    put((next) => next.set('view', 'above'))
    put((next) => next.set('part', 'hook'))
  })
  expect(result.current[0].toString()).toBe('view=above&part=hook')
})
