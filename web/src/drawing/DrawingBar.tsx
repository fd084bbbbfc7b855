import { Grid3x3, Image, Maximize, Minus, Play, Plus, Ruler, Square, Tag } from 'lucide-react'
import { ToggleGroup } from 'radix-ui'
import type { Camera } from '../scene/projection'
import { hasWebGl } from '../parts/webgl'
import { IconButton } from '../ui/IconButton'

/** From where a fly is looked at: as one of four cameras has it, or turned by hand. */
export type Sight = Camera | 'free'

export type Looks = { camera: Sight; grid: boolean; trueSize: boolean; told: boolean }

const CAMERAS: [Sight, string][] = [
  ['side', 'side'],
  ['head-on', 'head-on'],
  ['above', 'above'],
  ['below', 'below'],
  ['free', 'turn it'],
]

/** Why nothing is turned where nothing can be. */
const FLAT_ONLY =
  'This browser shows nothing in three dimensions; the four views show the same fly.'

type Props = {
  looks: Looks
  onLooks: (looks: Looks) => void
  playing: boolean
  /** Nothing where this system asks for less motion. */
  onPlay?: () => void
  onHand: (what: 'larger' | 'smaller' | 'fit') => void
  onSave: () => void
}

/** From where the fly is looked at, and what is drawn with it. */
export function DrawingBar({ looks, onLooks, playing, onPlay, onHand, onSave }: Props) {
  return (
    <div
      role="toolbar"
      aria-label="Drawing"
      className="bg-leaf/85 border-rule z-10 mx-2 mt-1 flex items-center gap-0.5 overflow-x-auto rounded-md border px-1 sm:absolute sm:top-0 sm:right-0 print:hidden"
    >
      <ToggleGroup.Root
        type="single"
        aria-label="Seen from"
        value={looks.camera}
        onValueChange={(camera: Sight | '') => camera && onLooks({ ...looks, camera })}
        className="flex"
      >
        {CAMERAS.map(([id, words]) => (
          <ToggleGroup.Item
            key={id}
            value={id}
            disabled={id === 'free' && !hasWebGl()}
            title={id === 'free' && !hasWebGl() ? FLAT_ONLY : undefined}
            className="data-[state=on]:bg-tide data-[state=on]:text-paper rounded px-1.5 disabled:opacity-40 py-0.5 whitespace-nowrap pointer-coarse:min-h-11"
          >
            {words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      {looks.camera !== 'free' && <FlatTools looks={looks} onLooks={onLooks} onHand={onHand} />}
      <IconButton
        label="Save the picture"
        onClick={onSave}
        icon={<Image size={16} aria-hidden />}
      />
      {onPlay && (
        <IconButton
          label={playing ? 'Stop' : 'Watch it settle'}
          onClick={onPlay}
          icon={playing ? <Square size={16} aria-hidden /> : <Play size={16} aria-hidden />}
        />
      )}
    </div>
  )
}

/** What only a drawing has. */
function FlatTools({ looks, onLooks, onHand }: Pick<Props, 'looks' | 'onLooks' | 'onHand'>) {
  return (
    <>
      <IconButton
        label="Smaller"
        onClick={() => onHand('smaller')}
        icon={<Minus size={16} aria-hidden />}
      />
      <IconButton
        label="Fit"
        onClick={() => onHand('fit')}
        icon={<Maximize size={16} aria-hidden />}
      />
      <IconButton
        label="Larger"
        onClick={() => onHand('larger')}
        icon={<Plus size={16} aria-hidden />}
      />
      <IconButton
        label="Millimetre grid"
        aria-pressed={looks.grid}
        onClick={() => onLooks({ ...looks, grid: !looks.grid })}
        icon={<Grid3x3 size={16} aria-hidden />}
      />
      <IconButton
        label="Numbers on the fly"
        aria-pressed={looks.told}
        onClick={() => onLooks({ ...looks, told: !looks.told })}
        icon={<Tag size={16} aria-hidden />}
      />
      <IconButton
        label="True size"
        aria-pressed={looks.trueSize}
        onClick={() => onLooks({ ...looks, trueSize: !looks.trueSize })}
        icon={<Ruler size={16} aria-hidden />}
      />
    </>
  )
}
