import { length } from '../parts/units'
import type { FishEye } from './FilmMap'

/** Where the fish is: as it comes nearer, the fly enters its window. */
export function FishPlace({ fish, onMove }: { fish: FishEye; onMove: (fish: FishEye) => void }) {
  return (
    <div className="bg-leaf/85 border-rule absolute bottom-1 left-2 flex gap-4 rounded-md border px-3 py-0.5 print:hidden">
      <Slide
        label="the fish is"
        words={`${length(fish.deepMm, 0)} down`}
        value={fish.deepMm}
        low={10}
        high={300}
        onChange={(deepMm) => onMove({ ...fish, deepMm })}
      />
      <Slide
        label="and"
        words={`${length(fish.behindMm, 0)} behind`}
        value={fish.behindMm}
        low={0}
        high={400}
        onChange={(behindMm) => onMove({ ...fish, behindMm })}
      />
    </div>
  )
}

function Slide(props: {
  label: string
  words: string
  value: number
  low: number
  high: number
  onChange: (value: number) => void
}) {
  return (
    <label className="flex items-center gap-2 whitespace-nowrap">
      {props.label}
      <input
        type="range"
        min={props.low}
        max={props.high}
        value={props.value}
        aria-valuetext={props.words}
        onChange={(e) => props.onChange(Number(e.target.value))}
        className="accent-tide w-28"
      />
      <span className="w-24 tabular-nums">{props.words}</span>
    </label>
  )
}
