/** How long the bar is by which one measures in three dimensions, mm. */
export const BAR_MM = 5

/** The three-dimensional view that is on the page, if one is. */
export const turning: {
  current:
    | {
        /** A picture of it of such a size, px, so many pixels to each of them. */
        shot: (width: number, height: number, ratio: number) => HTMLCanvasElement
      }
    | undefined
} = { current: undefined }
