import type { Outline } from '../api/types'
import { type Look, lookOf, tintOf } from '../scene/looks'
import type { Finish, Making } from '../scene/makings'
import type { Ink } from './shell'

/** What a part is drawn with: how its material is made up, and its colours. */
export type Dress = {
  making: Making
  finish: Finish
  ink: Ink
  bars?: Ink
  tip?: Ink
  stem?: Ink
  mixed?: Ink
}

/** Colours as the page tells them, found out once. */
const found = new Map<string, Ink>()

/** A colour of the page's styles as numbers, as it is on a light page: light is the lamp's affair. */
function inkOf(css: string): Ink {
  const before = found.get(css)
  if (before) return before
  const probe = document.createElement('span')
  probe.style.colorScheme = 'light'
  probe.style.color = css
  document.body.append(probe)
  const numbers =
    getComputedStyle(probe)
      .color.match(/[\d.]+/g)
      ?.map(Number) ?? []
  probe.remove()
  const [r = 120, g = 110, b = 96] = numbers
  const ink: Ink = [r / 255, g / 255, b / 255]
  found.set(css, ink)
  return ink
}

const ink = (css: string | undefined) => (css === undefined ? undefined : inkOf(plain(css)))

/** A colour that the page makes paler where it is dark is taken as it was said. */
const plain = (css: string) => /^light-dark\((#[0-9a-f]{6}),/i.exec(css)?.[1] ?? css

/** How each part of a fly is drawn, by its name. */
export function dressed(outline: Outline, materials: Record<string, string>) {
  const known = new Map<string, Dress>()
  return (part: string): Dress => {
    const before = known.get(part)
    if (before) return before
    const dress = of(lookOf(part, materials[part], tintOf(outline, part)))
    known.set(part, dress)
    return dress
  }
}

function of(look: Look): Dress {
  const { making } = look
  return {
    making,
    finish: making.finish,
    ink: inkOf(plain(look.colour)),
    bars: look.barred ? (ink(look.bars) ?? DARK) : undefined,
    tip: ink(look.tip),
    stem: ink(look.stem),
    mixed: ink(look.mixed),
  }
}

const DARK: Ink = [0.12, 0.1, 0.09]
export const STEEL: Dress = { making: { finish: 'metal' }, finish: 'metal', ink: [0.42, 0.4, 0.38] }
