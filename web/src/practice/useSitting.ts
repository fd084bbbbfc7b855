import { useCallback, useEffect, useRef, useState } from 'react'
import { answerExercise, nextExercise } from '../api/practice'
import type { DrillName, Exercise, Judged } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { type Set, MINUTES, drillAt } from './words'

/** What a sitting has come to. */
export type Sitting = {
  exercise?: Exercise
  judged?: Judged
  /** Looks that were answered, and right ones among those that can be. */
  looks: number
  minutesLeft: number
  over: boolean
  failed: string
}

type Ahead = { n: number; made: Promise<Exercise> }

/**
 * One look after the other; while one is looked at the next is made, since some take a second or two.
 * An exercise that nobody answers is nothing lost: after a reload there is another.
 */
export function useSitting(set: Set, without: DrillName[]) {
  const [id] = useState(() => crypto.randomUUID())
  const [begun] = useState(() => Date.now())
  const [now, setNow] = useState(begun)
  const [n, setN] = useState(0)
  const [exercise, setExercise] = useState<Exercise>()
  const [judged, setJudged] = useState<Judged>()
  const [looks, setLooks] = useState(0)
  const [ended, setEnded] = useState(false)
  const [more, setMore] = useState(0)
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  const ahead = useRef<Ahead | undefined>(undefined)
  const gone = useRef<AbortController>(new AbortController())
  const asked = useRef({ set, without })
  const unsent = useRef<number[]>([])
  const make = useCallback(
    (at: number): Promise<Exercise> => {
      const { set, without } = asked.current
      const drill = set.only.length > 0 ? drillAt(set, at) : undefined
      return nextExercise(
        {
          sitting: id,
          only: drill ? [drill] : [],
          without: set.only.length > 0 ? [] : without,
          person: set.person,
          counts: !set.large,
          ...(set.seed === undefined ? {} : { seed: set.seed }),
        },
        gone.current.signal,
      )
    },
    [id],
  )
  const isOver = useCallback((at: number) => {
    const { set } = asked.current
    return set.only.length > 0 && set.each > 0 && drillAt(set, at) === undefined
  }, [])
  const show = useCallback(
    async (at: number) => {
      const signal = gone.current.signal
      setFailed('')
      setJudged(undefined)
      setExercise(undefined)
      setN(at)
      if (isOver(at)) {
        setEnded(true)
        return
      }
      try {
        const made = await (ahead.current?.n === at ? ahead.current.made : make(at))
        if (signal.aborted) return
        setExercise(made)
        if (!isOver(at + 1)) {
          ahead.current = { n: at + 1, made: make(at + 1) }
          ahead.current.made.catch(() => (ahead.current = undefined)) // asked again when it is wanted
        }
      } catch (e) {
        if (!signal.aborted) setFailed(whatWentWrong(e))
      }
    },
    [make, isOver],
  )
  useEffect(() => {
    const mine = new AbortController()
    gone.current = mine
    const first = setTimeout(() => void show(0), 0)
    const clock = setInterval(() => setNow(Date.now()), 10_000)
    return () => {
      mine.abort()
      clearTimeout(first)
      clearInterval(clock)
    }
  }, [show])
  const answer = async (said: number[]) => {
    if (!exercise || judged || busy) return
    unsent.current = said
    setBusy(true)
    setFailed('')
    try {
      setJudged(await answerExercise(exercise.id, said))
      setLooks((l) => l + 1)
    } catch (e) {
      setFailed(whatWentWrong(e))
    } finally {
      setBusy(false)
      setNow(Date.now())
    }
  }
  const minutesLeft = Math.max(0, MINUTES * (1 + more) - (now - begun) / 60_000)
  const timed = set.each === 0 && !set.large
  return {
    exercise,
    judged,
    looks,
    busy,
    failed,
    minutesLeft,
    timed,
    over: ended,
    answer: (said: number[]) => void answer(said),
    /** Time ends a sitting between two looks, never in the middle of one. */
    next: () => (timed && minutesLeft === 0 ? setEnded(true) : void show(n + 1)),
    /** What failed is asked for once more: the answer, or the exercise. */
    again: () => void (exercise ? answer(unsent.current) : show(n)),
    stop: () => setEnded(true),
    goOn: () => {
      setMore((m) => m + 1)
      setEnded(false)
      void show(n + 1)
    },
  }
}
