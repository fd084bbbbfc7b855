/** How light comes off a material. */
export type Finish = 'feather' | 'fur' | 'sheen' | 'gloss' | 'metal' | 'foam' | 'clear'

/** How rough each finish is: the less, the more it shines; colours stand in the points themselves. */
export const ROUGHNESS: Record<Finish, number> = {
  feather: 0.72,
  fur: 0.95,
  sheen: 0.45,
  foam: 0.85,
  gloss: 0.14,
  metal: 0.28,
  clear: 0.15,
}

/** What of a material shows when it is wound or stands in a bunch. */
export type Making = {
  finish: Finish
  /** Turns that show: how far apart, mm, and how dark the line between them is, 0 to 1. */
  turns?: { pitchMm: number; line: number }
  /** Share of each turn in a darker stripe, such as the edge of a quill. */
  stripe?: number
  /** Length of fibres that stand out all round, mm. */
  fringeMm?: number
  /** Loose fibres that stand off it, to each square millimetre. */
  fuzz?: number
  /** Strands of a soft bunch, to each millimetre of its width. */
  strands?: number
  /** How far the strands of a bunch are crinkled, as a share of their room. */
  crinkle?: number
  /** Whether a hair is wavy, so that light catches it in places. */
  crinkled?: boolean
  /** Length of the fine fibres along each strand, mm: a plume's web. */
  webMm?: number
  /** A feather's tip: a stem with barbs to both sides. */
  feather?: boolean
}

const fur = (fuzz: number): Making => ({ finish: 'fur', fuzz })
const wound = (
  finish: Finish,
  pitchMm: number,
  line: number,
  more: Omit<Making, 'finish'> = {},
) => ({
  finish,
  turns: { pitchMm, line },
  ...more,
})
const bunch = (strands: number, crinkle: number, more: Partial<Making> = {}): Making => ({
  finish: 'feather',
  strands,
  crinkle,
  ...more,
})

/** Every material of the shipped table. */
const MAKINGS: Record<string, Making> = {
  'hook-steel': { finish: 'metal' },
  thread: wound('sheen', 0.09, 0.3),
  'raw-thread': wound('sheen', 0.09, 0.35),
  'rib-thread': wound('sheen', 0.12, 0.3),
  floss: wound('sheen', 0.16, 0.12),
  'body-yarn': wound('fur', 0.4, 0.3, { fuzz: 14 }),
  quill: wound('gloss', 0.3, 0.25, { stripe: 0.34 }),
  biot: wound('sheen', 0.42, 0.2, { stripe: 0.2 }),
  'tail-fibre': wound('fur', 0.24, 0.35, { stripe: 0.3, fringeMm: 0.08 }),
  herl: wound('fur', 0.28, 0.45, { fringeMm: 0.42 }),
  'herl-tail': wound('fur', 0.26, 0.45, { fringeMm: 0.3 }),
  'fur-rope': wound('fur', 0.5, 0.4, { fuzz: 22 }),
  'fur-brush': wound('fur', 0.4, 0.35, { fringeMm: 0.7, fuzz: 20 }),
  'dry-dubbing': fur(24),
  'brushed-dubbing': fur(44),
  'picked-dubbing': fur(50),
  'long-dubbing': fur(20),
  'seal-dubbing': fur(36),
  kapok: fur(18),
  foam: { finish: 'foam' },
  rubber: { finish: 'gloss' },
  wire: wound('metal', 0.12, 0.4),
  tinsel: wound('metal', 0.36, 0.35),
  'flash-strand': wound('metal', 0.3, 0.3),
  'lead-free-wire': wound('metal', 0.2, 0.5),
  brass: { finish: 'metal' },
  tungsten: { finish: 'metal' },
  glass: { finish: 'clear' },
  mono: { finish: 'clear' },
  'soft-plume': bunch(9, 0.1, { webMm: 0.55 }),
  'farmed-plume': bunch(7, 0.1, { webMm: 0.4 }),
  'plume-puff': bunch(12, 0.25, { webMm: 0.6 }),
  'spun-plume': bunch(9, 0.15, { webMm: 0.5 }),
  'post-yarn': bunch(18, 0.1),
  'shuck-yarn': bunch(14, 0.18, { finish: 'sheen' }),
  'wing-fibre': bunch(14, 0.12, { finish: 'sheen' }),
  'made-wing': bunch(10, 0.04, { finish: 'clear' }),
  'wing-slip': bunch(16, 0.02),
  'wing-tips': { finish: 'feather', feather: true },
  'flank-tips': { finish: 'feather', feather: true },
  'deer-hair': { finish: 'sheen' },
  'slick-hair': { finish: 'gloss' },
  'mane-hair': { finish: 'gloss' },
  'long-hair': { finish: 'gloss' },
  'calf-hair': { finish: 'sheen', crinkled: true },
  'tail-barb': { finish: 'sheen' },
  'leg-fibre': { finish: 'sheen' },
  'game-hackle': { finish: 'feather' },
  'flank-fibre': { finish: 'feather' },
  'hen-barb': { finish: 'feather' },
  'game-barb': { finish: 'feather' },
  'dry-hackle': { finish: 'sheen' },
}

const PLAIN: Making = bunch(10, 0.08)

/** Whether a material is one of the shipped table. */
export const isKnown = (material: string) => material in MAKINGS

/** How a material is made up, as far as it shows. */
export const makingOf = (material: string): Making => MAKINGS[material] ?? PLAIN

/** A feather takes the room of its round envelope flat, so it is so many times as wide. */
export const FLAT = 2.4
