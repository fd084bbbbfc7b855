import { useCallback, useEffect, useRef, useState } from 'react'
import { finishTying, getTying, keepTying } from '../api/client'
import type { Tying } from '../api/types'

/** How often a running clock is kept on the server, s; every step is kept at once. */
const KEEP_EVERY = 15

const RETRY_MS = 4000

const box = (id: string) => `ripple-rest.tying.${id}`

/** What could not be sent before the page was left is with the browser. */
function unsent(id: string): Tying | undefined {
  try {
    const text = localStorage.getItem(box(id))
    return text === null ? undefined : (JSON.parse(text) as Tying)
  } catch {
    return undefined
  }
}

function remember(id: string, at: Tying | undefined) {
  try {
    if (at) localStorage.setItem(box(id), JSON.stringify(at))
    else localStorage.removeItem(box(id))
  } catch {
    // a browser that keeps nothing: the server still does
  }
}

/**
 * Where a tier is in a fly: page 0 is the preparation, then one page a step, then the end. Every turn
 * of a page is kept on the server, and with the browser until the server has answered.
 *
 * @param steps of the card
 */
export function useTying(id: string, steps: number) {
  const [first] = useState(() => unsent(id))
  const [at, setAt] = useState<Tying | undefined>(first)
  const [kept, setKept] = useState(first === undefined)
  const [lost, setLost] = useState('')
  const [running, setRunning] = useState(true)
  const latest = useRef<Tying | undefined>(first)
  const sending = useRef(false)

  const send = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    try {
      let sent: Tying | undefined
      while (latest.current !== sent && latest.current) {
        sent = latest.current
        await keepTying(id, sent)
      }
      remember(id, undefined)
      setKept(true)
    } catch {
      setKept(false)
    } finally {
      sending.current = false
    }
  }, [id])

  const keep = useCallback(
    (next: Tying) => {
      latest.current = next
      setAt(next)
      remember(id, next)
      void send()
    },
    [id, send],
  )

  useEffect(() => {
    if (first) return // sent again as whatever is not kept
    let here = true
    let again: ReturnType<typeof setTimeout> | undefined
    // never taken for the first step when it cannot be asked: that would be kept over the right one
    const look = () =>
      void getTying(id).then(
        (there) => {
          if (!here) return
          setLost('')
          setAt(there)
        },
        (e: Error) => {
          if (!here) return
          setLost(e.message)
          again = setTimeout(look, RETRY_MS)
        },
      )
    look()
    return () => {
      here = false
      clearTimeout(again)
    }
  }, [id, first])
  useEffect(() => {
    if (kept) return
    const again = setInterval(() => void send(), RETRY_MS)
    return () => clearInterval(again)
  }, [kept, send])

  useEffect(() => {
    if (!running || !at || at.step > steps) return
    const tick = setInterval(() => {
      setAt((now) => {
        if (!now) return now
        const next = { ...now, seconds: later(now, steps) }
        latest.current = next
        remember(id, next)
        const whole = next.seconds.reduce((a, b) => a + b, 0)
        if (whole % KEEP_EVERY === 0) void send()
        return next
      })
    }, 1000)
    return () => clearInterval(tick)
  }, [running, at, steps, id, send])

  const go = (by: number) => {
    if (at) keep({ ...at, step: Math.min(steps + 1, Math.max(0, at.step + by)) })
  }
  const finish = async () => {
    if (latest.current) await keepTying(id, latest.current)
    const fly = await finishTying(id)
    remember(id, undefined)
    return fly.id
  }
  const restart = () => keep({ step: 0, seconds: [] })
  return { at, lost, kept, running, pause: () => setRunning((r) => !r), go, finish, restart }
}

/** A second more for the page that is open; the preparation's come after those of the steps. */
function later({ step, seconds }: Tying, steps: number): number[] {
  const place = step === 0 ? steps : step - 1
  const all = Array.from({ length: steps + 1 }, (_, i) => seconds[i] ?? 0)
  all[place] = (all[place] ?? 0) + 1
  return all
}
