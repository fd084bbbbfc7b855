import type { DrawerItem } from '../api/types'
import { ItemPicture } from './ItemPicture'

/** A thing in the drawer as one sees it: what it is, how much is left, and its feathers by length. */
export function ItemCard({ item, onOpen }: { item: DrawerItem; onOpen: () => void }) {
  const colour = [item.colour, item.marking === 'plain' ? '' : item.marking.replace('-', ' ')]
    .filter(Boolean)
    .join(', ')
  return (
    <li>
      <button
        type="button"
        onClick={onOpen}
        className="bg-leaf border-rule hover:border-tide flex h-full w-full flex-col rounded-md border p-2 text-left"
      >
        <span className="flex w-full items-start gap-2">
          <ItemPicture item={item} />
          <span className="min-w-0 flex-1">
            <span className="block font-semibold">{item.label}</span>
            <span className="text-soft block text-sm">
              {item.kindLabel}
              {item.hookSize > 0 && `, size ${item.hookSize}`}
              {colour && `, ${colour}`}
            </span>
          </span>
        </span>
        <span className="mt-1 flex w-full items-baseline gap-x-2 text-sm">
          <span className={item.isLow ? 'text-warn font-semibold' : 'tabular-nums'}>
            {item.isLow && '▲ '}
            {item.left}
            {item.isLow && ' left'}
          </span>
          {item.overdue && <span className="text-warn">▲ past its day</span>}
          <span className="text-soft ml-auto truncate">{item.place}</span>
        </span>
        {item.feathers.length > 0 && <Lengths item={item} />}
      </button>
    </li>
  )
}

/** How many feathers there are of each barb length, a bar a millimetre. */
function Lengths({ item }: { item: DrawerItem }) {
  const most = Math.max(...item.feathers.map((f) => f.feathers))
  const first = item.feathers[0]?.fromMm ?? 0
  const last = (item.feathers.at(-1)?.fromMm ?? 0) + 1
  return (
    <span className="mt-1 block w-full">
      <span className="sr-only">
        Barbs from {first} to {last} mm
      </span>
      <svg
        viewBox={`0 0 ${item.feathers.length * 10} 24`}
        preserveAspectRatio="none"
        className="block h-6 w-full"
        aria-hidden
      >
        {item.feathers.map((f, i) => {
          const high = (22 * f.feathers) / most
          return (
            <rect
              key={f.fromMm}
              x={i * 10 + 0.5}
              y={24 - high}
              width="9"
              height={high}
              fill="var(--tide)"
              opacity="0.6"
            />
          )
        })}
      </svg>
      <span className="text-soft flex justify-between text-xs tabular-nums" aria-hidden>
        <span>{first} mm</span>
        <span>barbs</span>
        <span>{last} mm</span>
      </span>
    </span>
  )
}
