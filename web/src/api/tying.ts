import { call, once, queued, send } from './http'
import type { Tying } from './types'

export const getTying = (pattern: string) => call<Tying>(`/api/patterns/${pattern}/tying`)
export const keepTying = (pattern: string, revision: number, at: Tying, key: string) =>
  call<Tying>(`/api/patterns/${pattern}/tying`, {
    ...send('PUT', { step: at.step, seconds: at.seconds }, queued(revision, key)),
    keepalive: true,
  })
export const abandonTying = (pattern: string) =>
  once<undefined>(`/api/patterns/${pattern}/tying`, send('DELETE'))
export const finishTying = (pattern: string, revision: number, key: string, variant: string) =>
  call<{ id: string }>(
    `/api/patterns/${pattern}/tying/finish?${variant}`,
    send('POST', undefined, queued(revision, key)),
  )
