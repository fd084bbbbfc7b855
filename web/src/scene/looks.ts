import type { Outline } from '../api/types'
import { kindOf } from '../parts/words'

/** What a material looks like. */
export type Look = {
  colour: string
  /** Turns of a wound body that show, a millimetre; none: it is smooth. */
  rings?: number
  /** How far loose fibres of a wound body stand out, as a share of what dubbing's do. */
  fuzz?: number
  /** Colour of a hair's tips. */
  tip?: string
  /** Dark bars across a fibre. */
  barred?: boolean
  /** Colour of the bars, where it is said. */
  bars?: string
  /** Colour along the stem of a feather. */
  stem?: string
  /** Every other fibre's colour. */
  mixed?: string
  /** Strands of a soft bundle, of the usual number. */
  dense?: number
}

const of = (material: string, look: Omit<Look, 'colour'> = {}): [string, Look] => [
  material,
  { colour: `var(--m-${material})`, ...look },
]

/** Every material of the shipped table. */
const LOOKS: Record<string, Look> = Object.fromEntries([
  of('hook-steel'),
  of('thread', { rings: 1 }),
  of('dry-hackle'),
  of('tail-barb'),
  of('dry-dubbing', { fuzz: 1 }),
  of('wing-tips', { dense: 0.8 }),
  of('post-yarn', { dense: 1.4 }),
  of('soft-plume', { dense: 1 }),
  of('farmed-plume', { dense: 0.7 }),
  of('herl', { rings: 2, fuzz: 0.5 }),
  of('quill', { rings: 3 }),
  of('biot', { rings: 4 }),
  of('floss', { rings: 1.4 }),
  of('body-yarn', { rings: 2, fuzz: 0.3 }),
  of('foam', { rings: 6 }),
  of('kapok', { fuzz: 0.7 }),
  of('deer-hair', { tip: 'var(--m-leg-fibre)' }),
  of('calf-hair'),
  of('leg-fibre'),
  of('brushed-dubbing', { fuzz: 1.8 }),
  of('rubber', { barred: true }),
  of('wing-slip', { dense: 1.6 }),
  of('game-hackle', { barred: true }),
  of('spun-plume'),
  of('shuck-yarn', { dense: 1.2 }),
  of('flank-tips', { barred: true, dense: 0.8 }),
  of('wire'),
  of('tinsel', { rings: 2 }),
  of('rib-thread'),
  of('lead-free-wire'),
  of('brass'),
  of('tungsten'),
  of('glass'),
  of('mane-hair'),
  of('slick-hair'),
  of('long-hair'),
  of('herl-tail', { rings: 2, fuzz: 0.4 }),
  of('tail-fibre', { rings: 3 }),
  of('flank-fibre', { barred: true }),
  of('hen-barb'),
  of('game-barb', { barred: true }),
  of('seal-dubbing', { fuzz: 1.4 }),
  of('picked-dubbing', { fuzz: 2 }),
  of('long-dubbing', { fuzz: 0.8 }),
  of('fur-rope', { fuzz: 1 }),
  of('fur-brush', { fuzz: 1.4 }),
  of('flash-strand', { rings: 3 }),
  of('mono'),
  of('plume-puff', { dense: 0.9 }),
  of('wing-fibre', { dense: 1 }),
  of('made-wing', { dense: 0.8 }),
  of('raw-thread', { rings: 1 }),
])

/** Where the material is not known, or is the tier's own: colours by kind of part. */
const BY_KIND: Record<string, string> = {
  tail: 'tail-barb',
  shuck: 'shuck-yarn',
  rib: 'tinsel',
  bands: 'thread',
  'weight-wire': 'lead-free-wire',
  body: 'dry-dubbing',
  'extended-body': 'foam',
  thorax: 'brushed-dubbing',
  'thorax-cover': 'wing-slip',
  'egg-sac': 'post-yarn',
  bead: 'brass',
  'upright-wing': 'wing-tips',
  'spent-wing': 'wing-tips',
  'hair-wing': 'calf-hair',
  'tent-wing': 'wing-slip',
  'collar-hackle': 'dry-hackle',
  'palmered-hackle': 'dry-hackle',
  tag: 'tinsel',
  segments: 'tail-fibre',
  'herl-head': 'herl',
  'parachute-hackle': 'dry-hackle',
  'soft-collar': 'game-hackle',
  'spun-plume': 'spun-plume',
  legs: 'leg-fibre',
  post: 'post-yarn',
  indicator: 'post-yarn',
  'forward-plume': 'soft-plume',
  'flat-wing': 'soft-plume',
  'looped-wing': 'soft-plume',
  'folded-shuttle': 'soft-plume',
  thread: 'thread',
  head: 'thread',
}

const UNKNOWN: Look = { colour: 'var(--soft)' }

/** The look of a part by its material, if that is known, and in the colour that is said of it. */
export function lookOf(part: string, material?: string, tint?: Tint): Look {
  const known = material === undefined ? undefined : LOOKS[material]
  const look = known ?? LOOKS[BY_KIND[kindOf(part)] ?? ''] ?? UNKNOWN
  return tint ? tinted(look, tint) : look
}

export type Tint = Outline['tints'][number]

/** The colour that is said of a part, if one is. */
export const tintOf = (outline: Outline | undefined, part: string) =>
  outline?.tints.find((t) => t.part === part)

const MARKED = ['BARRED', 'MOTTLED', 'SPECKLED']

function tinted(look: Look, { ink, marking, second }: Tint): Look {
  const other = second ? shown(second) : undefined
  return {
    ...look,
    ...(ink && { colour: shown(ink) }),
    ...(MARKED.includes(marking) && { barred: true, bars: other }),
    ...(marking === 'TIPPED' && { tip: other ?? 'var(--paper)' }),
    ...(marking === 'DARK_CENTRE' && { stem: other ?? 'var(--ink)' }),
    ...(marking === 'MIXED' && other && { mixed: other }),
  }
}

/** A colour of the trade on a light page, and a little paler on a dark one, where black would be lost. */
const shown = (ink: string) => `light-dark(${ink}, color-mix(in oklab, ${ink}, #fff 22%))`
