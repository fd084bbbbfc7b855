import { useId } from 'react'
import type { DrawerItem } from '../api/types'

/** A thing in its colour, in the shape it is kept in, with its marking over it. */
export function ItemPicture({ item }: { item: DrawerItem }) {
  const id = useId()
  const ink = item.looks || 'var(--leaf)'
  if (item.hookSize > 0) {
    return (
      <svg viewBox="0 0 56 40" className="h-10 w-14 shrink-0" aria-hidden>
        <path
          d="M13 12a3 3 0 1 1 .1 0H38a9 9 0 0 1 0 18H29l4-5"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.5"
          strokeLinejoin="round"
        />
      </svg>
    )
  }
  return (
    <svg viewBox="0 0 56 40" className="h-10 w-14 shrink-0" aria-hidden>
      <defs>
        <Marking id={id} marking={item.marking} />
      </defs>
      {SHAPES[item.kept]?.map((d, i) => (
        <g key={i}>
          <path d={d} fill={ink} stroke="var(--edge)" strokeDasharray={item.looks ? '' : '3 3'} />
          {item.marking !== 'plain' && <path d={d} fill={`url(#${id})`} />}
        </g>
      ))}
      {item.kept === 'feathers' && <path d="M4 20H52" stroke="var(--ink)" strokeOpacity="0.5" />}
      {item.kept === 'spool' && (
        <path d="M14 6V34M42 6V34" stroke="var(--edge)" strokeWidth="4" strokeLinecap="round" />
      )}
    </svg>
  )
}

// A marking is dark or pale on a feather whatever the page is.
const DARK = '#1d1915'
const PALE = '#f6f1e6'

/** Outlines of what is kept. */
const SHAPES: Record<string, string[]> = {
  feathers: ['M6 20C14 5 40 6 51 20C40 34 14 35 6 20Z'],
  patch: ['M8 8C20 3 40 5 49 10C52 20 49 30 45 35C30 37 16 36 9 32C5 24 5 15 8 8Z'],
  spool: ['M14 10H42V30H14Z'],
  dubbing: ['M10 22C8 11 19 6 27 9C35 3 48 9 46 19C50 29 40 36 31 32C22 37 10 32 10 22Z'],
  pieces: ['M7 9H15V31H7Z', 'M18 9H26V31H18Z', 'M29 9H37V31H29Z', 'M40 9H48V31H40Z'],
}

function Marking({ id, marking }: { id: string; marking: string }) {
  const dark = DARK
  if (marking === 'barred') {
    return (
      <pattern id={id} width="7" height="7" patternUnits="userSpaceOnUse">
        <rect width="2.5" height="7" fill={dark} opacity="0.55" />
      </pattern>
    )
  }
  if (marking === 'dark-centre') {
    return (
      <linearGradient id={id} x2="0" y2="1">
        <stop offset="0.25" stopColor={dark} stopOpacity="0" />
        <stop offset="0.5" stopColor={dark} stopOpacity="0.75" />
        <stop offset="0.75" stopColor={dark} stopOpacity="0" />
      </linearGradient>
    )
  }
  if (marking === 'tipped') {
    return (
      <linearGradient id={id} y2="0">
        <stop offset="0.75" stopColor={PALE} stopOpacity="0" />
        <stop offset="0.9" stopColor={PALE} stopOpacity="0.8" />
      </linearGradient>
    )
  }
  return (
    <pattern id={id} width="6" height="6" patternUnits="userSpaceOnUse">
      <circle cx="1.5" cy="1.5" r="1" fill={dark} opacity="0.5" />
      <circle cx="4.5" cy="4.5" r="1" fill={dark} opacity="0.35" />
    </pattern>
  )
}
