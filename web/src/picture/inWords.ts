/** Degrees round the fly from its near side, and over the water. */
export type Direction = { round: number; over: number }

/** Where the eye is, as one says it. */
export function inWords({ round, over }: Direction): string {
  const height =
    over > 75
      ? 'straight above'
      : over < -75
        ? 'straight below'
        : over < -2
          ? `${-over}° under the water`
          : `${over}° above the water`
  if (Math.abs(over) > 75) return height
  const turned = (((round % 360) + 540) % 360) - 180
  const side =
    Math.abs(turned) < 22
      ? 'its near side'
      : Math.abs(turned) > 158
        ? 'its far side'
        : Math.abs(turned + 90) < 23
          ? 'its head'
          : Math.abs(turned - 90) < 23
            ? 'its tail'
            : `${Math.abs(turned) < 90 ? 'its near side' : 'its far side'}, toward its ${turned < 0 ? 'head' : 'tail'}`
  return `${side}, ${height}`
}
