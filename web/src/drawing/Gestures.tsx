import { useGesture } from '@use-gesture/react'
import type { RefObject } from 'react'
import { type Hand, zoomed } from '../scene/projection'

type Props = {
  box: RefObject<HTMLElement | null>
  hand: Hand
  setHand: (next: Hand | ((before: Hand) => Hand)) => void
}

/**
 * Pan by dragging, zoom by pinching or by the wheel with Ctrl: a plain wheel scrolls the page, and
 * what has handles of its own is left to them. Draws nothing.
 */
export function Gestures({ box, hand, setHand }: Props) {
  useGesture(
    {
      onDrag: ({ delta: [x, y], event, pinching, cancel }) => {
        if (pinching || (event.target as Element).closest('[data-handles], button')) return cancel()
        setHand((h) => ({ ...h, x: h.x + x, y: h.y + y }))
      },
      onPinch: ({ origin: [x, y], movement: [scale], memo = hand, event }) => {
        event.preventDefault()
        const around = box.current?.getBoundingClientRect()
        const at = {
          x: x - (around?.left ?? 0) - (around?.width ?? 0) / 2,
          y: y - (around?.top ?? 0) - (around?.height ?? 0) / 2,
        }
        setHand(zoomed(memo as Hand, scale, at))
        return memo as Hand
      },
    },
    {
      target: box,
      eventOptions: { passive: false },
      drag: { filterTaps: true, threshold: 3, pointer: { touch: false } },
      pinch: { modifierKey: ['ctrlKey', 'metaKey', 'altKey'] },
    },
  )
  return null
}
