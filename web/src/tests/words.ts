import type { Schemas } from '../api/types'

export type What = Schemas['MeasureBounds']['what']

/** How what was seen stands to what was foretold. */
export const STANDS: Record<Schemas['Beside']['stands'], string> = {
  AS_FORETOLD: 'as foretold',
  LOWER: 'lower than foretold',
  HIGHER: 'higher than foretold',
  UNLIKELY: 'hardly foretold',
  NOT_FORETOLD: '',
}
