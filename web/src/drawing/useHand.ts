import { useState } from 'react'
import { type Hand, UNTOUCHED, zoomed } from '../scene/projection'

const ZOOM = 1.25

/** What a hand has done to the drawing, and what buttons and keys do to it. */
export function useHand() {
  const [hand, set] = useState<Hand>(UNTOUCHED)
  return {
    hand,
    set,
    act: (what: 'larger' | 'smaller' | 'fit') =>
      set((h) => (what === 'fit' ? UNTOUCHED : zoomed(h, what === 'larger' ? ZOOM : 1 / ZOOM))),
  }
}

export type Handling = ReturnType<typeof useHand>
