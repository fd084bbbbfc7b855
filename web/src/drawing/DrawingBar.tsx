import { Grid3x3, Image, Maximize, Minus, Play, Plus, Ruler, Square, Tag } from 'lucide-react'
import { ToggleGroup } from 'radix-ui'
import type { ReactNode } from 'react'
import type { Camera } from '../scene/projection'

export type Looks = { camera: Camera; grid: boolean; trueSize: boolean; told: boolean }

const CAMERAS: [Camera, string][] = [
  ['side', 'side'],
  ['head-on', 'head-on'],
  ['above', 'above'],
  ['below', 'below'],
]

type Props = {
  looks: Looks
  onLooks: (looks: Looks) => void
  playing: boolean
  /** Nothing where this system asks for less motion. */
  onPlay?: () => void
  onKey: (key: string) => void
  onSave: () => void
}

/** From where the fly is looked at, and what is drawn with it. */
export function DrawingBar({ looks, onLooks, playing, onPlay, onKey, onSave }: Props) {
  return (
    <div
      role="toolbar"
      aria-label="Drawing"
      className="bg-leaf/85 border-rule absolute top-1 right-2 flex items-center gap-0.5 rounded-md border px-1 print:hidden"
    >
      <ToggleGroup.Root
        type="single"
        aria-label="Seen from"
        value={looks.camera}
        onValueChange={(camera: Camera | '') => camera && onLooks({ ...looks, camera })}
        className="flex"
      >
        {CAMERAS.map(([id, words]) => (
          <ToggleGroup.Item
            key={id}
            value={id}
            className="data-[state=on]:bg-tide data-[state=on]:text-paper rounded px-1.5 py-0.5"
          >
            {words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <Tool label="Smaller" onClick={() => onKey('-')} icon={<Minus size={16} aria-hidden />} />
      <Tool label="Fit" onClick={() => onKey('0')} icon={<Maximize size={16} aria-hidden />} />
      <Tool label="Larger" onClick={() => onKey('+')} icon={<Plus size={16} aria-hidden />} />
      <Tool
        label="Millimetre grid"
        pressed={looks.grid}
        onClick={() => onLooks({ ...looks, grid: !looks.grid })}
        icon={<Grid3x3 size={16} aria-hidden />}
      />
      <Tool
        label="Numbers on the fly"
        pressed={looks.told}
        onClick={() => onLooks({ ...looks, told: !looks.told })}
        icon={<Tag size={16} aria-hidden />}
      />
      <Tool
        label="True size"
        pressed={looks.trueSize}
        onClick={() => onLooks({ ...looks, trueSize: !looks.trueSize })}
        icon={<Ruler size={16} aria-hidden />}
      />
      <Tool label="Save the picture" onClick={onSave} icon={<Image size={16} aria-hidden />} />
      {onPlay && (
        <Tool
          label={playing ? 'Stop' : 'Watch it settle'}
          onClick={onPlay}
          icon={playing ? <Square size={16} aria-hidden /> : <Play size={16} aria-hidden />}
        />
      )}
    </div>
  )
}

function Tool({
  label,
  icon,
  pressed,
  onClick,
}: {
  label: string
  icon: ReactNode
  pressed?: boolean
  onClick: () => void
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      aria-pressed={pressed}
      onClick={onClick}
      className="hover:text-tide aria-pressed:bg-tide aria-pressed:text-paper rounded p-1.5"
    >
      {icon}
    </button>
  )
}
