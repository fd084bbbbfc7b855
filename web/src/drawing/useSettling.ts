import { useEffect, useRef, useState } from 'react'
import { watchSettling } from '../api/scene'
import type { Outline, PatternDocument, Relief } from '../api/types'
import { whatWentWrong } from '../parts/words'

const FRAME_MS = 55

/** How long each of the two pictures stays where less motion is asked for. */
const STILL_MS = 1400

/** Whether this system asks for less motion. */
export const stillness = () => window.matchMedia('(prefers-reduced-motion: reduce)').matches

type Moment = { outline: Outline; film?: Relief }

/**
 * The way from touchdown to rest, played as pictures; over when the fly changes. Where less motion
 * is asked for it is two pictures: as it touches, and as it rests.
 */
export function useSettling(key: string, fly: PatternDocument) {
  const [shown, setShown] = useState<{ key: string; moment: Moment }>()
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
      const { pictures, films } = await watchSettling(fly, mine.signal)
      const way = pictures.map((outline, i) => ({ outline, film: films[i] }))
      const still = stillness()
      for (const moment of still ? [...way.slice(0, 1), ...way.slice(-1)] : way) {
        if (mine.signal.aborted) return
        setShown({ key, moment })
        await new Promise((done) => setTimeout(done, still ? STILL_MS : FRAME_MS))
      }
    } catch (cause) {
      const why = whatWentWrong(cause)
      if (!mine.signal.aborted) setFailed({ key, why: `It cannot be watched: ${why}` })
    }
    if (gone.current === mine) stop()
  }
  const moment = shown?.key === key ? shown.moment : undefined
  return {
    moment,
    playing: moment !== undefined,
    failed: failed?.key === key ? failed.why : undefined,
    play: () => void play(),
  }
}
