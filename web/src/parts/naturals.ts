/** Kinds of insect, by what they want of a hook. */
export const ORDERS = [
  ['MAYFLY', 'mayfly'],
  ['SEDGE', 'sedge'],
  ['STONEFLY', 'stonefly'],
  ['MIDGE', 'midge'],
  ['TERRESTRIAL', 'land insect'],
] as const

/** Stages that are tied as dry flies. */
export const STAGES = [
  ['EMERGER', 'emerger'],
  ['ADULT', 'adult'],
  ['SPENT', 'spent'],
] as const
