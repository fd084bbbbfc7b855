import { useEffect } from 'react'

/** Whether a hand still pulls, has let go, or has given up. */
export type Pulled = 'held' | 'dropped' | 'given-up'

/** Escape while something is held gives up the pull. */
export function useGiveUp(held: boolean, giveUp: () => void) {
  useEffect(() => {
    if (!held) return
    const key = (e: KeyboardEvent) => {
      if (e.key !== 'Escape') return
      e.preventDefault()
      giveUp()
    }
    window.addEventListener('keydown', key)
    return () => window.removeEventListener('keydown', key)
  })
}
