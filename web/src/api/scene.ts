import { answer } from './client'
import { patiently } from './http'
import type { PatternDocument, Scene } from './types'

const unwatched = () => undefined

/** The film from above and below; nothing where the fly sinks. */
export const mapSurface = (document: PatternDocument, signal: AbortSignal) =>
  patiently(() => answer(document, 'SURFACE', unwatched, signal)).then((a) => a.film?.surface)

/** Pictures of the way from touchdown to rest. */
export const watchSettling = (document: PatternDocument, signal: AbortSignal) =>
  patiently(() => answer(document, 'SETTLING', unwatched, signal)).then(
    (a) => a.settling ?? { pictures: [], films: [] },
  )

/** Fly and film to be looked at from any side. */
export const seeScene = (document: PatternDocument, rest: string, signal: AbortSignal) =>
  patiently(() => answer(document, 'SCENE', unwatched, signal, { rest })).then(
    (a) => a.scene as Scene,
  )
