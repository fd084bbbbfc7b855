import type {
  AnswerLine,
  Estimate,
  Hooks,
  Matches,
  NewHook,
  Part,
  PartKind,
  PatternDocument,
  PatternResource,
  PatternSummary,
  Problem,
  Rule,
  School,
} from './types'

/** Larger than any pattern can be; the server says the same. */
export const MOST_BYTES = 1_000_000

/** The server refused, or could not be reached (status 0). */
export class ApiError extends Error {
  readonly problem: Problem

  constructor(problem: Problem) {
    super(problem.detail ?? problem.title)
    this.problem = problem
  }
}

async function call<T>(path: string, init?: RequestInit): Promise<T> {
  const response = await ask(path, init)
  return (response.status === 204 ? undefined : await response.json()) as T
}

async function ask(path: string, init?: RequestInit): Promise<Response> {
  let response: Response
  try {
    response = await fetch(path, init)
  } catch (cause) {
    if (cause instanceof DOMException && cause.name === 'AbortError') throw cause
    throw new ApiError({
      title: 'No answer',
      status: 0,
      detail: 'The application does not answer. Is it still running?',
    })
  }
  if (!response.ok) {
    const problem = (await response.json().catch(() => null)) as Problem | null
    throw new ApiError(problem ?? { title: response.statusText, status: response.status })
  }
  return response
}

function send(method: string, body?: unknown, headers: Record<string, string> = {}): RequestInit {
  return {
    method,
    headers: { 'Content-Type': 'application/json', ...headers },
    body: body === undefined ? undefined : JSON.stringify(body),
  }
}

export const listPatterns = () => call<PatternSummary[]>('/api/patterns')
export const listSchools = () => call<School[]>('/api/schools')
export const listParts = () => call<PartKind[]>('/api/parts')
export const usualPart = (school: string, kind: string) =>
  call<Part>(`/api/schools/${school}/parts/${kind}`)
export const listHooks = () => call<Hooks>('/api/hooks')
export const measureHook = (hook: NewHook) => call<unknown>('/api/hooks', send('POST', hook))
export const deleteHook = (id: string) => call<undefined>(`/api/hooks/${id}`, send('DELETE'))
export const matchNatural = (natural: Record<string, string | number>) =>
  call<Matches>(`/api/hooks/matches?${new URLSearchParams(natural as Record<string, string>)}`)
export const copySchool = (copyOf: string, label: string) =>
  call<School>('/api/schools', send('POST', { copyOf, label }))
export const changeRule = (school: string, { part, dimension, ...to }: Rule) =>
  call<School>(`/api/schools/${school}/rules/${part}/${dimension}`, send('PUT', to))
export const deleteSchool = (school: string) =>
  call<undefined>(`/api/schools/${school}`, send('DELETE'))
export const getPattern = (id: string) => call<PatternResource>(`/api/patterns/${id}`)
export const copyPattern = (id: string) =>
  call<PatternResource>(`/api/patterns/${id}/copies`, send('POST'))
export const deletePattern = (id: string) => call<undefined>(`/api/patterns/${id}`, send('DELETE'))
export const restorePattern = (id: string) =>
  call<PatternResource>(`/api/patterns/${id}/restoration`, send('POST'))
export const createPattern = (school: string, likePattern?: string) =>
  call<PatternResource>('/api/patterns', send('POST', { school, likePattern }))
export const exportAddress = (id: string) => `/api/patterns/${id}/export`

/** Goes on even if the page is left or reloaded meanwhile. */
export const savePattern = (id: string, revision: number, document: PatternDocument) =>
  call<PatternResource>(`/api/patterns/${id}`, {
    ...send('PUT', document, { 'If-Match': `"${revision}"` }),
    keepalive: true,
  })

export const addPattern = (document: PatternDocument) =>
  call<PatternResource>('/api/patterns/imports', send('POST', document))

/** Sends a file as it is, so that the server judges it and not the browser. */
export async function importFile(file: File): Promise<PatternResource> {
  if (file.size > MOST_BYTES) {
    throw new ApiError({
      title: 'The document is not valid',
      status: 413,
      detail: `${file.name} is ${(file.size / 1e6).toFixed(1)} MB; a pattern has at most ${MOST_BYTES / 1e6} MB. Choose a pattern file.`,
    })
  }
  return call<PatternResource>('/api/patterns/imports', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: file,
  })
}

export const estimatePose = (document: PatternDocument, signal?: AbortSignal) =>
  call<Estimate>('/api/estimates', { ...send('POST', document), signal })

export type Question = 'WHOLE' | 'WHAT_IF' | 'LANDING' | 'CARRY' | 'OVER_TIME'

/** Asks what takes a while; every line is handed on as it comes, and the last is the answer. */
export async function answer(
  document: PatternDocument,
  question: Question,
  onLine: (line: AnswerLine) => void,
  signal: AbortSignal,
): Promise<AnswerLine> {
  const path = `/api/answers?ask=${question}`
  const response = await ask(path, { ...send('POST', document), signal })
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
  let last: AnswerLine | undefined
  let rest = ''
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    const lines = (rest + part.value).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) {
      last = JSON.parse(line) as AnswerLine
      onLine(last)
    }
  }
  if (!last) throw new ApiError({ title: 'No answer', status: 0, detail: 'The answer broke off.' })
  return last
}
