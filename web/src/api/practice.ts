import { call, once, patiently, send } from './http'
import type { Exercise, Judged, Practice, Schemas } from './types'

export const listPractice = (person: string) =>
  call<Practice>(`/api/practice?person=${encodeURIComponent(person)}`)
/** Asked again it makes another one: nothing is lost by an exercise that nobody answers. */
export const nextExercise = (wanted: Schemas['NextExercise'], signal: AbortSignal) =>
  patiently(() => call<Exercise>('/api/practice/exercises', { ...send('POST', wanted), signal }))
export const answerExercise = (id: string, said: number[]) =>
  once<Judged>(`/api/practice/exercises/${id}/answer`, send('POST', { said }))
export const importLooks = (file: File) =>
  once<Schemas['Added']>('/api/practice/looks/table', {
    method: 'POST',
    headers: { 'Content-Type': 'text/csv' },
    body: file,
  })
