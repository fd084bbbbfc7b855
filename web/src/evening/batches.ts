import type { EveningPlan, Slot } from '../api/types'

type Evening = EveningPlan['evenings'][number]

/** Flies of one kind that are tied one after the other. */
export type Batch = {
  key: string
  evening: string
  want: string
  /** Places of its flies among all slots. */
  slots: number[]
  /** Minutes from the beginning of the evening, with what has to be made ready. */
  from: number
  to: number
  pinned: boolean
  tied: boolean
}

/** What an evening holds, run by run; what is tied already is a run of its own. */
export function batchesOf({ evening, work }: Evening): Batch[] {
  const batches: Batch[] = []
  for (const w of work) {
    if (w.what !== 'TIE') continue
    const last = batches.at(-1)
    if (last && last.want === w.want && last.tied === w.tied && last.pinned === w.pinned) {
      last.slots.push(w.slot)
      last.to = w.endsMinutes
    } else {
      batches.push({
        key: `${evening.id}/${w.slot}`,
        evening: evening.id,
        want: w.want,
        slots: [w.slot],
        from: w.minutes,
        to: w.endsMinutes,
        pinned: w.pinned,
        tied: w.tied,
      })
    }
  }
  return batches
}

/**
 * The slots with a run put before another, or at the end of an evening; what a hand put somewhere is
 * pinned there.
 */
export function put(slots: Slot[], batch: Batch, evening: string, before?: Batch): Slot[] {
  const moved = batch.slots
    .map((i) => slots[i])
    .filter((s): s is Slot => s !== undefined)
    .map((s) => ({ ...s, evening, pinned: true }))
  const first = before?.slots[0]
  const next: Slot[] = []
  slots.forEach((s, i) => {
    if (i === first) next.push(...moved)
    if (!batch.slots.includes(i)) next.push(s)
  })
  if (first === undefined) next.push(...moved) // the server sorts by evening and keeps this order
  return next
}

export function pinned(slots: Slot[], batch: Batch, on: boolean): Slot[] {
  return slots.map((s, i) => (batch.slots.includes(i) ? { ...s, pinned: on } : s))
}
