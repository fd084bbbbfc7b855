import { call, once, queued, send, streamed } from './http'
import type { AnswerLine, GlassMarks, LearningState, Schemas, TankTest } from './types'

type OnLine = (line: AnswerLine) => void

export const listTests = () => call<TankTest[]>('/api/tests')
export const getTest = (id: string) => call<TankTest>(`/api/tests/${id}`)
export const deleteTest = (id: string) => once<undefined>(`/api/tests/${id}`, send('DELETE'))

/** A test of a tied fly; nothing is foretold of it yet. */
export const beginTest = (fly: string, water: Record<string, string>) =>
  once<TankTest>(`/api/tests?${new URLSearchParams({ fly, ...water })}`, send('POST'))

/** Foretells what a test will show, and keeps that. */
export const foretell = (id: string, onLine: OnLine, signal: AbortSignal) =>
  streamed<AnswerLine>(`/api/tests/${id}/foretold`, { signal }, onLine)

/** Goes on even if the page is left meanwhile. */
export const changeTest = (
  id: string,
  revision: number,
  change: Schemas['TestChange'],
  key: string,
) =>
  call<TankTest>(`/api/tests/${id}`, {
    ...send('PUT', change, queued(revision, key)),
    keepalive: true,
  })

export const glassPictureAddress = (id: string) => `/api/tests/${id}/picture`

/** The server judges whether it is a picture. */
export const keepGlassPicture = (id: string, file: File) =>
  once<Schemas['PictureSize']>(`/api/tests/${id}/picture`, {
    method: 'PUT',
    headers: { 'Content-Type': file.type || 'application/octet-stream' },
    body: file,
  })

export const measureGlassPicture = (id: string, marks: GlassMarks) =>
  once<Schemas['GlassRead']>(`/api/tests/${id}/marks`, send('POST', marks))

/** Tests with their flies as JSON, or a table of tests as CSV. */
export const importTests = (file: File) => {
  const isTable = file.name.toLowerCase().endsWith('.csv')
  return once<Schemas['Added']>(isTable ? '/api/tests/table' : '/api/tests/imports', {
    method: 'POST',
    headers: { 'Content-Type': isTable ? 'text/csv' : 'application/octet-stream' },
    body: file,
  })
}

export const learningState = () => call<LearningState>('/api/tests/learning')
export const goByTests = (inUse: boolean) =>
  once<LearningState>('/api/tests/learning', send('PUT', { inUse }))
export const learn = (onLine: OnLine, signal: AbortSignal) =>
  streamed<AnswerLine>('/api/tests/learning', { method: 'POST', signal }, onLine)
export const nextTests = (
  pattern: string,
  goal: 'ANGLE' | 'RESERVE',
  onLine: OnLine,
  signal: AbortSignal,
) =>
  streamed<AnswerLine>(
    `/api/tests/next?${new URLSearchParams({ pattern, goal })}`,
    { signal },
    onLine,
  )
export const changedByTests = (onLine: OnLine, signal: AbortSignal) =>
  streamed<AnswerLine>('/api/tests/changed', { signal }, onLine)
