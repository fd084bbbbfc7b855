import { ApiError, call, once, patiently, queued, send, streamed } from './http'
import { address } from './room'
import type {
  FlyLine,
  LoggedFly,
  Marks,
  Photograph,
  Reading,
  Schemas,
  TrendLine,
  AnswerLine,
  BookPage,
  Card,
  Differences,
  Disagreement,
  Estimate,
  Hooks,
  ImportLine,
  Matches,
  MaterialEntry,
  NamedColour,
  OutcomeBounds,
  NewHook,
  Part,
  PartKind,
  PatternDocument,
  PatternResource,
  PatternSummary,
  Rule,
  Style,
  Snap,
} from './types'

/** Larger than any pattern can be; the server says the same. */
export const MOST_BYTES = 1_000_000

export const writeCard = (document: PatternDocument) =>
  call<Card>('/api/cards', send('POST', document))
export const listPatterns = () => call<PatternSummary[]>('/api/patterns')
export const listStyles = () => call<Style[]>('/api/styles')
export const listParts = () => call<PartKind[]>('/api/parts')
export const usualPart = (style: string, kind: string) =>
  call<Part>(`/api/styles/${style}/parts/${kind}`)
export const listHooks = () => call<Hooks>('/api/hooks')
export const measureHook = (hook: NewHook) => once<unknown>('/api/hooks', send('POST', hook))
export const deleteHook = (id: string) => once<undefined>(`/api/hooks/${id}`, send('DELETE'))
export const matchNatural = (natural: Record<string, string | number>) =>
  call<Matches>(`/api/hooks/matches?${new URLSearchParams(natural as Record<string, string>)}`)
export const copyStyle = (copyOf: string, label: string) =>
  once<Style>('/api/styles', send('POST', { copyOf, label }))
export const changeRule = (style: string, { part, dimension, ...to }: Rule) =>
  once<Style>(`/api/styles/${style}/rules/${part}/${dimension}`, send('PUT', to))
export const deleteStyle = (style: string) =>
  once<undefined>(`/api/styles/${style}`, send('DELETE'))
export const getPattern = (id: string) => call<PatternResource>(`/api/patterns/${id}`)
export const copyPattern = (id: string) =>
  once<PatternResource>(`/api/patterns/${id}/copies`, send('POST'))
export const deletePattern = (id: string) => once<undefined>(`/api/patterns/${id}`, send('DELETE'))
export const restorePattern = (id: string) =>
  once<PatternResource>(`/api/patterns/${id}/restoration`, send('POST'))
export const createPattern = (style: string, likePattern?: string) =>
  once<PatternResource>('/api/patterns', send('POST', { style, likePattern }))
export const exportAddress = (id: string) => address(`/api/patterns/${id}/export`)

/** Goes on even if the page is left or reloaded meanwhile. */
export const savePattern = (id: string, revision: number, document: PatternDocument, key: string) =>
  call<PatternResource>(`/api/patterns/${id}`, {
    ...send('PUT', document, queued(revision, key)),
    keepalive: true,
  })

/** A step back or forth through a pattern's changes. */
export const stepPattern = (id: string, revision: number, way: 'undo' | 'redo', key: string) =>
  call<PatternResource>(
    `/api/patterns/${id}/${way}`,
    send('POST', undefined, queued(revision, key)),
  )

/** Marks a pattern to stand first in the list, or takes the mark off. */
export const favourPattern = (id: string, on: boolean) =>
  once<undefined>(`/api/patterns/${id}/favourite`, send(on ? 'PUT' : 'DELETE'))

export const addPattern = (document: PatternDocument) =>
  once<PatternResource>('/api/patterns/imports', send('POST', document))

/** Sends a file as it is, so that the server judges it and not the browser. */
export async function importFile(file: File): Promise<PatternResource> {
  if (file.size > MOST_BYTES) {
    throw new ApiError({
      title: 'The document is not valid',
      status: 413,
      detail: `${file.name} is ${(file.size / 1e6).toFixed(1)} MB; a pattern has at most ${MOST_BYTES / 1e6} MB. Choose a pattern file.`,
    })
  }
  return once<PatternResource>('/api/patterns/imports', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: file,
  })
}

export const estimatePose = (document: PatternDocument, signal?: AbortSignal) =>
  patiently(() => call<Estimate>('/api/estimates', { ...send('POST', document), signal }))

/** What a change did, by the figures of two estimates. */
export const tellDifferences = (
  before: Estimate['figures'],
  now: Estimate['figures'],
  signal?: AbortSignal,
) => call<Differences>('/api/differences', { ...send('POST', { before, now }), signal })

/** Dressings side by side. */
export const compare = async (
  documents: PatternDocument[],
  onLine: (line: AnswerLine) => void,
  signal: AbortSignal,
): Promise<AnswerLine> =>
  streamed('/api/comparisons', { ...send('POST', documents), signal }, onLine)

/** The same fly tied the other way, for all that practitioners do either way. */
export const listDisagreements = (document: PatternDocument, signal: AbortSignal) =>
  patiently(() => answer(document, 'DISAGREEMENTS', () => undefined, signal)).then(
    (a) => (a.disagreements?.ways ?? []) as Disagreement[],
  )

/** What was typed as a length of one field of one part, in whatever unit. */
export const readLength = (document: PatternDocument, part: number, field: string, text: string) =>
  call<Snap['length']>('/api/lengths', send('POST', { text, part, field, document }))

/** The card that a stored fly is tied by. */
export const getCard = (id: string, variant = '') =>
  call<Card>(`/api/patterns/${id}/card${variant && `?${variant}`}`)
export const cardAddress = (id: string, as: 'pdf' | 'svg' | 'txt', paper?: string) =>
  address(`/api/patterns/${id}/card.${as}${paper ? `?paper=${paper}` : ''}`)

/** Whether the application answers. */
export const isThere = () =>
  fetch('/actuator/health').then(
    (r) => r.ok,
    () => false,
  )

export type Question =
  | 'WHOLE'
  | 'WHAT_IF'
  | 'LANDING'
  | 'CARRY'
  | 'OVER_TIME'
  | 'AMOUNTS'
  | 'SIZE_RUN'
  | 'SUBSTITUTES'
  | 'SUPPORT'
  | 'FOOTPRINT'
  | 'GOAL'
  | 'SURFACE'
  | 'SCENE'
  | 'SETTLING'
  | 'BY_TESTS'
  | 'DISAGREEMENTS'

/** Asks what takes a while; every line is handed on as it comes, and the last is the answer. */
export async function answer(
  document: PatternDocument,
  question: Question,
  onLine: (line: AnswerLine) => void,
  signal: AbortSignal,
  more: Record<string, string> = {},
): Promise<AnswerLine> {
  const path = `/api/answers?${new URLSearchParams({ ...more, ask: question })}`
  return streamed(path, { ...send('POST', document), signal }, onLine)
}

/** Brings a book, a zipped folder or one pattern in, all of it or nothing. */
export async function importBook(
  file: File,
  onLine: (line: ImportLine) => void,
  signal: AbortSignal,
): Promise<ImportLine> {
  const headers = {
    'Content-Type': 'application/octet-stream',
    'Idempotency-Key': crypto.randomUUID(),
  }
  return streamed('/api/book/imports', { method: 'POST', body: file, headers, signal }, onLine)
}

/** How much of each outcome can be asked for. */
export const listOutcomes = () => call<OutcomeBounds[]>('/api/outcomes')

export const findPatterns = (query: URLSearchParams) => call<BookPage>(`/api/book?${query}`)
export const listNaturals = () => call<string[]>('/api/book/naturals')
export const listMaterials = () => call<MaterialEntry[]>('/api/materials')
export const listColours = () => call<NamedColour[]>('/api/colours')
export const nearestColours = (ink: string, signal?: AbortSignal) =>
  call<NamedColour[]>(`/api/colours/nearest?ink=${encodeURIComponent(ink)}`, { signal })
export const makeKind = (kind: Schemas['OwnKind']) =>
  once<MaterialEntry>('/api/materials', send('POST', kind))
export const oldMaterial = (named: string, signal?: AbortSignal) =>
  call<Schemas['Unobtainable'][]>(`/api/materials/unobtainable?${new URLSearchParams({ named })}`, {
    signal,
  })
export const forgetMaterial = (id: string) =>
  once<undefined>(`/api/materials/${id}`, send('DELETE'))
export const archivePattern = (id: string, away: boolean) =>
  once<undefined>(`/api/patterns/${id}/archive`, send(away ? 'POST' : 'DELETE'))

/** Takes in a table as CSV, all rows or none. */
export const importTable = (of: 'hooks' | 'materials' | 'drawer', file: File) =>
  once<{ added: number }>(`/api/${of}/table`, {
    method: 'POST',
    headers: { 'Content-Type': 'text/csv' },
    body: file,
  })

export const listFlies = () => call<FlyLine[]>('/api/log')
export const listTrends = () => call<TrendLine[]>('/api/log/trends')
export const getFly = (id: string) => call<LoggedFly>(`/api/log/${id}`)
export const logFly = (pattern: string) =>
  once<LoggedFly>(`/api/log?pattern=${pattern}`, send('POST'))
export const deleteFly = (id: string) => once<undefined>(`/api/log/${id}`, send('DELETE'))
/** How a fly as tied sits beside its plan. */
export const judgeTied = async (
  id: string,
  onLine: (line: AnswerLine) => void,
  signal: AbortSignal,
): Promise<AnswerLine> => streamed(`/api/log/${id}/as-tied`, { signal }, onLine)
export const pictureAddress = (id: string) => address(`/api/log/${id}/picture`)
export const measurePicture = (id: string, marks: Marks) =>
  once<Photograph>(`/api/log/${id}/marks`, send('POST', marks))

/** Goes on even if the page is left meanwhile. */
export const changeFly = (id: string, revision: number, change: Schemas['Change'], key: string) =>
  call<LoggedFly>(`/api/log/${id}`, {
    ...send('PUT', change, queued(revision, key)),
    keepalive: true,
  })

/** The server judges whether it is a picture. */
export const keepPicture = (id: string, file: File) =>
  once<{ widthPx: number; heightPx: number }>(`/api/log/${id}/picture`, {
    method: 'PUT',
    headers: { 'Content-Type': file.type || 'application/octet-stream' },
    body: file,
  })

/** Takes a log in, all of it or nothing. */
export const importLog = (file: File) =>
  once<{ added: number }>('/api/log/imports', {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream' },
    body: file,
  })

export const readDevice = (what: 'caliper' | 'scale') =>
  call<Reading>(`/api/devices/${what}/reading`, send('POST'))

/** Which build this is, and whose work is in it. */
export type Notice = { name: string; version: string; licence: string }

export const aboutThis = () => call<Schemas['About']>('/api/about')
export const listNotices = async (): Promise<Notice[]> =>
  (
    await Promise.all([call<Notice[]>('/notices-java.json'), call<Notice[]>('/notices-page.json')])
  ).flat()

/** What was lately deleted, and the way back. */
export const listDeleted = () => call<Schemas['Thing'][]>('/api/deleted')
export const restoreDeleted = (kind: string, id: string) =>
  once<undefined>(`/api/deleted/${kind}/${encodeURIComponent(id)}/restoration`, send('POST'))
