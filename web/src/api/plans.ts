import { call, once, queued, send, streamed } from './http'
import type {
  AnswerLine,
  Boxes,
  Brought,
  EveningPlan,
  NewPlan,
  Outing,
  OutingView,
  Schemas,
} from './types'

type OnLine = (line: AnswerLine) => void

export const listBoxes = () => call<Boxes>('/api/boxes')
export const addBox = (box: Schemas['NewBox']) =>
  once<Schemas['BoxView']>('/api/boxes', send('POST', box))
export const callBox = (id: string, revision: number, box: Schemas['NewBox']) =>
  once<Schemas['BoxView']>(`/api/boxes/${id}`, send('PUT', box, { 'If-Match': `"${revision}"` }))
export const deleteBox = (id: string) => once<undefined>(`/api/boxes/${id}`, send('DELETE'))
export const moveFlies = (move: Schemas['NewMove']) =>
  once<Boxes>('/api/boxes/moves', send('POST', move))
/** Flies of several kinds together, all of them or none. */
export const moveSelection = (selection: Schemas['NewSelection']) =>
  once<Boxes>('/api/boxes/selections', send('POST', selection))
export const undoMove = (id: string) => once<Boxes>(`/api/boxes/moves/${id}`, send('DELETE'))
export const importMoves = (file: File) =>
  once<Schemas['Added']>('/api/boxes/moves/table', {
    method: 'POST',
    headers: { 'Content-Type': 'text/csv' },
    body: file,
  })

export const listOutings = () => call<Schemas['OutingLine'][]>('/api/outings')
export const listSeasons = () => call<Schemas['SeasonView'][]>('/api/outings/seasons')
export const outingHistory = () => call<Schemas['HistoryLine'][]>('/api/outings/history')
export const getOuting = (id: string) => call<OutingView>(`/api/outings/${id}`)
export const addOuting = (outing: Outing) => once<OutingView>('/api/outings', send('POST', outing))
export const changeOuting = (id: string, revision: number, outing: Outing, key: string) =>
  call<OutingView>(`/api/outings/${id}`, {
    ...send('PUT', outing, queued(revision, key)),
    keepalive: true,
  })
export const deleteOuting = (id: string) => once<undefined>(`/api/outings/${id}`, send('DELETE'))
export const reportOuting = (id: string, brought: Brought[]) =>
  once<OutingView>(`/api/outings/${id}/report`, send('POST', brought))
/** Works out how long its flies float; the outing says it from then on. */
export const workOutLives = (id: string, onLine: OnLine, signal: AbortSignal) =>
  streamed<AnswerLine>(`/api/outings/${id}/lives`, { method: 'POST', signal }, onLine)

export const getPlan = () => call<EveningPlan>('/api/evenings')
export const changePlan = (revision: number, plan: NewPlan, key: string) =>
  call<EveningPlan>('/api/evenings', {
    ...send('PUT', plan, queued(revision, key)),
    keepalive: true,
  })
/** Takes over what outings to come lack. */
export const takeLacking = (revision: number, key: string) =>
  call<EveningPlan>('/api/evenings/lacking', send('POST', undefined, queued(revision, key)))
/** Plans what is not tied yet; the plan says it from then on. */
export const planEvenings = (onLine: OnLine, signal: AbortSignal) =>
  streamed<AnswerLine>('/api/evenings/plan', { method: 'POST', signal }, onLine)
