import { answered, isOut, unanswered } from './reach'
import { changeToken, room } from './room'
import type { Problem } from './types'

/** The server refused, or could not be reached (status 0). */
export class ApiError extends Error {
  readonly problem: Problem

  constructor(problem: Problem) {
    super(problem.detail ?? (problem.title || `It was refused (status ${problem.status}).`))
    this.problem = problem
  }
}

export async function call<T>(path: string, init?: RequestInit): Promise<T> {
  const response = await ask(path, init)
  return (response.status === 204 ? undefined : await response.json()) as T
}

async function ask(path: string, init?: RequestInit): Promise<Response> {
  let response: Response
  try {
    response = await fetch(room + path, init?.method ? withToken(init) : init)
  } catch (cause) {
    if (cause instanceof DOMException && cause.name === 'AbortError') throw cause
    unanswered()
    throw new ApiError({
      title: 'No answer',
      status: 0,
      detail: 'The application does not answer. Is it still running?',
    })
  }
  answered()
  if (response.status === 401) isOut()
  if (!response.ok) {
    const problem = (await response.json().catch(() => null)) as Problem | null
    throw new ApiError({ title: response.statusText, status: response.status, ...problem })
  }
  return response
}

/** A change says that it comes from this page. */
const withToken = (init: RequestInit) => ({
  ...init,
  headers: { ...(init.headers as Record<string, string>), ...changeToken() },
})

export function send(
  method: string,
  body?: unknown,
  headers: Record<string, string> = {},
): RequestInit {
  return {
    method,
    headers: { 'Content-Type': 'application/json', ...headers },
    body: body === undefined ? undefined : JSON.stringify(body),
  }
}

const AGAIN_MS = 400

/**
 * A change that happens once: where its answer is lost it is sent once more under the same key, and
 * answered as it was the first time.
 */
export async function once<T>(path: string, init: RequestInit): Promise<T> {
  const keyed = { ...init, headers: { ...init.headers, 'Idempotency-Key': crypto.randomUUID() } }
  try {
    return await call<T>(path, keyed)
  } catch (e) {
    if (!(e instanceof ApiError) || e.problem.status !== 0) throw e
    await new Promise((wait) => setTimeout(wait, AGAIN_MS))
    return call<T>(path, keyed)
  }
}

const BUSY_MS = 1000
const MOST_TRIES = 30

/** Asks again where the application says that it is busy for a moment. */
export async function patiently<T>(ask: () => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await ask()
    } catch (e) {
      const busy = e instanceof ApiError && e.problem.status === 429
      if (!busy || tries === MOST_TRIES) throw e
      await new Promise((wait) => setTimeout(wait, BUSY_MS))
    }
  }
}

/** Headers of a change that a save queue sends: to which revision, and its key. */
export const queued = (revision: number, key: string) => ({
  'If-Match': `"${revision}"`,
  'Idempotency-Key': key,
})

/**
 * What comes line by line; the last line is the answer. One that breaks off is asked again: the same
 * question has the same answer, whoever works it out, and what is brought in has its key.
 */
export async function streamed<T>(path: string, init: RequestInit, onLine: (line: T) => void) {
  for (let tries = 1; ; tries++) {
    try {
      return await lines(await ask(path, init), onLine)
    } catch (e) {
      const broken = e instanceof ApiError && (e.problem.status === 0 || e.problem.status === 502)
      if (!broken || tries === MOST_BROKEN || init.signal?.aborted) throw e
      await new Promise((wait) => setTimeout(wait, AGAIN_MS))
    }
  }
}

const MOST_BROKEN = 3

async function lines<T>(response: Response, onLine: (line: T) => void): Promise<T> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
  let last: T | undefined
  let rest = ''
  const next = () =>
    reader?.read().catch((e: unknown) => {
      if (e instanceof DOMException && e.name === 'AbortError') throw e
      throw brokenOff()
    })
  for (let part = await next(); part && !part.done; part = await next()) {
    const whole = (rest + part.value).split('\n')
    rest = whole.pop() ?? ''
    for (const line of whole) {
      last = JSON.parse(line) as T
      onLine(last)
    }
  }
  const refused = (last as { problem?: Problem } | undefined)?.problem
  if (refused && !('added' in (last as object))) throw new ApiError(refused)
  if (!last) throw brokenOff()
  return last
}

const brokenOff = () =>
  new ApiError({ title: 'No answer', status: 0, detail: 'The answer broke off.' })
