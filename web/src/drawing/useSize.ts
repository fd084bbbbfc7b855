import { type RefObject, useLayoutEffect, useState } from 'react'

export type Size = { width: number; height: number }

/** How large an element is, now and whenever that changes; measured before anything is painted. */
export function useSize(box: RefObject<HTMLElement | null>, first: Size): Size {
  const [size, setSize] = useState(first)
  useLayoutEffect(() => {
    const element = box.current
    if (!element) return
    const measure = () => setSize({ width: element.clientWidth, height: element.clientHeight })
    const observer = new ResizeObserver(measure)
    observer.observe(element)
    if (element.clientWidth > 0) measure() // or the first drawing jumps
    return () => observer.disconnect()
  }, [box])
  return size
}
