import type { Outline } from '../api/types'
import { kindOf } from '../parts/words'
import { type Making, isKnown, makingOf } from './makings'

/** What a material looks like. */
export type Look = {
  colour: string
  making: Making
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
}

const BARRED = ['rubber', 'game-hackle', 'flank-tips', 'flank-fibre', 'game-barb']

/** A material's look, before a colour is said. */
const plain = (material: string): Look => ({
  colour: `var(--m-${material})`,
  making: makingOf(material),
  ...(BARRED.includes(material) && { barred: true }),
  ...(material === 'deer-hair' && { tip: 'var(--m-leg-fibre)' }),
})

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

/** What is varnished once the fly is tied. */
const VARNISHED = ['head', 'thread']

const varnished = (look: Look): Look => ({ ...look, making: { ...look.making, finish: 'gloss' } })

/** How far out the dark along a feather's stem reaches, and where a fibre's tip begins, as shares. */
export const STEM = 0.35
export const TIP = 0.75

const UNKNOWN: Look = { colour: 'var(--soft)', making: makingOf('') }

/** The look of a part by its material, if that is known, and in the colour that is said of it. */
export function lookOf(part: string, material?: string, tint?: Tint): Look {
  const own = material !== undefined && isKnown(material) ? material : BY_KIND[kindOf(part)]
  const made = own === undefined ? UNKNOWN : plain(own)
  const look = VARNISHED.includes(kindOf(part)) ? varnished(made) : made
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
