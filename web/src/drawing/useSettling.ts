import { useEffect, useRef, useState } from 'react'
import { watchSettling } from '../api/client'
import type { Outline, PatternDocument } from '../api/types'
import { whatWentWrong } from '../parts/words'

const FRAME_MS = 55

/** Whether this system asks for less motion. */
export const stillness = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches

/** The way from touchdown to rest, played as pictures; over when the fly changes. */
export function useSettling(key: string, fly: PatternDocument) {
  const [shown, setShown] = useState<{ key: string; outline: Outline }>()
  const [failed, setFailed] = useState<{ key: string; why: string }>()
  const gone = useRef<AbortController | undefined>(undefined)
  const stop = () => {
    gone.current?.abort()
    gone.current = undefined
    setShown(undefined)
  }
  useEffect(() => () => gone.current?.abort(), [key])
  const play = async () => {
    if (gone.current && !gone.current.signal.aborted) {
      stop()
      return
    }
    const mine = new AbortController()
    gone.current = mine
    setFailed(undefined)
    try {
      for (const outline of await watchSettling(fly, mine.signal)) {
        if (mine.signal.aborted) return
        setShown({ key, outline })
        await new Promise((done) => setTimeout(done, FRAME_MS))
      }
    } catch (cause) {
      const why = whatWentWrong(cause)
      if (!mine.signal.aborted) setFailed({ key, why: `It cannot be watched: ${why}` })
    }
    if (gone.current === mine) stop()
  }
  const outline = shown?.key === key ? shown.outline : undefined
  return {
    outline,
    playing: outline !== undefined,
    failed: failed?.key === key ? failed.why : undefined,
    play: () => void play(),
  }
}
