import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import type { Handle, Snap } from '../api/types'
import { isPlace } from '../parts/place'
import { type Dragged, landed, nudged } from '../scene/drag'
import { STEPS, nameOf, told } from './Handles'
import { type Pulled, useGiveUp } from './useGiveUp'

type Props = {
  handles: Handle[]
  /** The part whose places can be moved. */
  chosen: string
  /** Places on the shank that a hand is drawn to. */
  places: (part: string) => Snap[]
  /** Where a place on the shank lies, per cent of the plan's width. */
  place: (mm: number) => number
  mmPerPercent: number
  onChoose: (part: string) => void
  onMove: (handle: Handle, to: Dragged, held: Pulled) => void
}

type Held = { handle: Handle; fromX: number; width: number; to: Dragged; byPercent: number }

/** Borders on the shank plan that a hand can move: more turns, more plumes, a longer thorax. */
export function Borders({ handles, chosen, places, place, mmPerPercent, onChoose, onMove }: Props) {
  const [held, setHeld] = useState<Held>()
  const giveUp = () => {
    if (held) onMove(held.handle, { value: held.handle.value }, 'given-up')
    setHeld(undefined)
  }
  useGiveUp(held !== undefined, giveUp)
  const take = (own: Handle) => (e: PointerEvent<HTMLElement>) => {
    const width = e.currentTarget.parentElement?.clientWidth ?? 1
    e.currentTarget.setPointerCapture(e.pointerId)
    const handle = isPlace(own) ? { ...own, snaps: places(own.part) } : own
    onChoose(handle.part)
    setHeld({ handle, fromX: e.clientX, width, to: { value: handle.value }, byPercent: 0 })
  }
  const move = (e: PointerEvent) => {
    if (!held) return
    const byPercent = ((e.clientX - held.fromX) / held.width) * 100
    const to = widened(held.handle, byPercent * mmPerPercent, held.width / 100 / mmPerPercent)
    setHeld({ ...held, to, byPercent })
    if (to.value !== held.to.value) onMove(held.handle, to, 'held')
  }
  const drop = () => {
    if (!held) return
    if (held.to.value !== held.handle.value) onMove(held.handle, held.to, 'dropped')
    else giveUp() // pulled back to where it began: nothing is left half pulled
    setHeld(undefined)
  }
  const key = (handle: Handle) => (e: KeyboardEvent) => {
    const by = STEPS[e.key]
    if (by === undefined) return
    e.preventDefault()
    e.stopPropagation()
    onMove(handle, nudged(handle, by, e.shiftKey), 'dropped')
  }
  return handles.map((handle) => {
    if (!handle.onShank) return null
    const moves = isPlace(handle)
    if (moves ? handle.part !== chosen : handle.mm <= 0) return null
    const mine = held?.handle.part === handle.part && held.handle.field === handle.field
    const left = place(handle.onShank.mm) + (mine ? held.byPercent : 0)
    return (
      <span
        key={`${handle.part} ${handle.field}`}
        role="slider"
        tabIndex={0}
        aria-label={`${nameOf(handle)} on the shank`}
        aria-valuemin={handle.low}
        aria-valuemax={handle.high}
        aria-valuenow={handle.value}
        aria-valuetext={told(handle, { value: handle.value })}
        data-border={`${handle.part} ${handle.field}`}
        className={`absolute -translate-x-1/2 cursor-ew-resize touch-none ${moves ? PLACE : BORDER}`}
        style={{ left: `${left}%`, top: moves ? '46px' : '19px' }}
        onPointerDown={take(handle)}
        onPointerMove={move}
        onPointerUp={drop}
        onPointerCancel={giveUp}
        onFocus={() => onChoose(handle.part)}
        onKeyDown={key(handle)}
      >
        {mine && (
          <span className="bg-leaf text-tide absolute -top-6 left-3 rounded px-1 font-semibold whitespace-nowrap">
            {told(handle, held.to)}
          </span>
        )}
      </span>
    )
  })
}

const BORDER = 'border-tide bg-leaf z-10 h-9 w-2.5 rounded border-2'

/** A pin from below, so that a place is not taken for a border. */
const PLACE =
  'border-leaf bg-tide z-20 h-5 w-4 rounded-full border-2 pointer-coarse:h-8 pointer-coarse:w-6'

/** What a number comes to when its room on the shank is so much wider. */
export function widened(handle: Handle, byMm: number, pxPerMm: number): Dragged {
  const back = handle.towardEye ? -1 : 1
  if (handle.unit === 'mm') return landed(handle, handle.mm + back * byMm, pxPerMm)
  const steps = Math.round(byMm / handle.mmPerUnit / handle.step)
  const value = handle.value + steps * handle.step
  return { value: Math.min(handle.high, Math.max(handle.low, value)) }
}
