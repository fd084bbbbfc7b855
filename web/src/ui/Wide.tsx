import { type ReactNode, useLayoutEffect, useRef, useState } from 'react'

/** What is wider than a phone: it scrolls sideways by itself, by keys too, and the page does not. */
export function Wide({ children }: { children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null)
  const [scrolls, setScrolls] = useState(false)
  useLayoutEffect(() => {
    const element = box.current
    if (!element) return
    const watch = new ResizeObserver(() => setScrolls(element.scrollWidth > element.clientWidth))
    watch.observe(element)
    return () => watch.disconnect()
  }, [])
  return (
    <div ref={box} tabIndex={scrolls ? 0 : undefined} className="overflow-x-auto">
      {children}
    </div>
  )
}
