import { ApiError } from '../api/http'
import type { Unsaved } from './unsaved'

export type SaveState<R> =
  | { kind: 'saved' }
  | { kind: 'saving' }
  /** `refused`: sending the same again would not help. */
  | { kind: 'failed'; message: string; refused: boolean; error: unknown }
  | { kind: 'changed-elsewhere'; stored: R }

/** How one kind of thing is kept: pattern, logged fly, fly on the vise. */
export type Keeping<V, R> = {
  save: (value: V, revision: number, key: string) => Promise<R>
  revisionOf: (kept: R) => number
  valueOf: (kept: R) => V
}

/** Something else than a save that has its place among them, such as undo. */
export type Step<R> = (revision: number, key: string) => Promise<R>

type Job<V, R> = {
  key: string
  /** Once sent it stays as it is: its answer may be what was lost. */
  sentTo?: number
  value?: V
  step?: Step<R>
  done?: { resolve: () => void; reject: (why: unknown) => void }
}

export type Snapshot<V, R> = { value: V; state: SaveState<R>; kept: R | undefined }

export const PAUSE_MS = 200
const FIRST_RETRY_MS = 1000
const LONGEST_RETRY_MS = 30_000

/**
 * Keeps one thing without being asked. Changes that come quickly are sent as one, a moment after the
 * last; one request at a time, each naming the revision before it and a key under which it happens
 * once. What could not be sent is sent again, later and later; what is refused is told; a change from
 * elsewhere stops the queue until one of the two is chosen. What is not kept yet is with the browser.
 */
export class SaveQueue<V, R> {
  private jobs: Job<V, R>[] = []
  private running: Promise<void> | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private tries = 0
  private revision: number
  private current: Snapshot<V, R>
  private readonly watchers = new Set<() => void>()

  constructor(
    private readonly keeping: Keeping<V, R>,
    opened: R,
    private readonly unsaved?: Unsaved<V>,
  ) {
    this.revision = keeping.revisionOf(opened)
    this.current = { value: keeping.valueOf(opened), state: { kind: 'saved' }, kept: opened }
    const left = unsaved?.read() ?? []
    const last = left.at(-1)
    if (last) {
      this.jobs = left.map((job) => ({ ...job }))
      this.current = { ...this.current, value: last.value, state: { kind: 'saving' } }
      this.later(0)
    }
  }

  readonly subscribe = (watcher: () => void) => {
    this.watchers.add(watcher)
    return () => {
      this.watchers.delete(watcher)
    }
  }

  readonly snapshot = () => this.current

  /** Nothing is left to be sent. */
  get idle() {
    return this.jobs.length === 0 && this.running === undefined
  }

  /** Shows a value at once and keeps it a moment later. */
  change(value: V) {
    const last = this.jobs.at(-1)
    if (last && last.sentTo === undefined && !last.step) last.value = value
    else this.jobs.push({ key: newKey(), value })
    this.remember()
    this.publish({ value, state: this.stopped ? this.current.state : { kind: 'saving' } })
    if (!this.running) this.later(PAUSE_MS)
  }

  /** Something that waits for its turn behind what is not kept yet; rejected if it is refused. */
  step(step: Step<R>): Promise<void> {
    const done = new Promise<void>((resolve, reject) => {
      this.jobs.push({ key: newKey(), step, done: { resolve, reject } })
    })
    if (!this.stopped) this.publish({ state: { kind: 'saving' } })
    void this.flush()
    return done
  }

  /** Sends what is waiting now; done when all is kept or something is in the way. */
  flush(): Promise<void> {
    clearTimeout(this.timer)
    if (this.running) return this.running
    if (this.jobs.length === 0 || this.stopped) return Promise.resolve()
    this.running = this.run()
    return this.running
  }

  /** Sends again what failed, what was refused too. */
  retry() {
    const { state, value } = this.current
    if (state.kind === 'failed' && state.refused && this.jobs.length === 0) this.change(value)
    void this.flush()
  }

  /** Takes the stored version, or writes this one over it knowingly. */
  resolve(choice: 'mine' | 'theirs', stored: R) {
    for (const { done } of this.jobs) done?.reject(new Error('It was changed elsewhere.'))
    this.jobs = []
    this.revision = this.keeping.revisionOf(stored)
    if (choice === 'theirs') {
      const value = this.keeping.valueOf(stored)
      this.publish({ value, state: { kind: 'saved' }, kept: stored })
      this.remember()
    } else {
      this.publish({ state: { kind: 'saving' } })
      this.change(this.current.value)
      void this.flush()
    }
  }

  private get stopped() {
    return this.current.state.kind === 'changed-elsewhere'
  }

  private async run() {
    try {
      for (let job = this.jobs[0]; job && !this.stopped; job = this.jobs[0]) {
        try {
          this.over(job, await this.send(job))
        } catch (e) {
          if (!this.failed(job, e)) return
        }
      }
    } finally {
      this.running = undefined // at once: what comes after this needs a new run
    }
  }

  private async send(job: Job<V, R>): Promise<R> {
    job.sentTo ??= this.revision
    this.remember()
    return job.step
      ? job.step(job.sentTo, job.key)
      : this.keeping.save(job.value as V, job.sentTo, job.key)
  }

  private over(job: Job<V, R>, kept: R) {
    this.jobs.shift()
    this.tries = 0
    this.revision = this.keeping.revisionOf(kept)
    const all = this.jobs.length === 0
    // what was changed while a step was under way stays, and is kept next
    const value = job.step && all ? this.keeping.valueOf(kept) : this.current.value
    this.remember()
    this.publish({ value, kept, state: all ? { kind: 'saved' } : { kind: 'saving' } })
    job.done?.resolve()
  }

  /** Whether the next one can be sent all the same. */
  private failed(job: Job<V, R>, e: unknown): boolean {
    const message = e instanceof Error ? e.message : String(e)
    if (e instanceof ApiError && e.problem.stored) {
      this.publish({ state: { kind: 'changed-elsewhere', stored: e.problem.stored as R } })
      return false
    }
    if (isPassing(e)) {
      this.publish({ state: { kind: 'failed', message, refused: false, error: e } })
      this.later(Math.min(LONGEST_RETRY_MS, FIRST_RETRY_MS * 2 ** this.tries++))
      return false
    }
    this.jobs.shift()
    this.remember()
    job.done?.reject(e)
    const left = this.jobs.length > 0
    this.publish({
      state: left
        ? { kind: 'saving' }
        : job.step
          ? { kind: 'saved' } // told to whoever asked for it
          : { kind: 'failed', message, refused: true, error: e },
    })
    return left
  }

  private later(ms: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.flush(), ms)
  }

  private remember() {
    this.unsaved?.write(
      this.jobs.flatMap(({ key, sentTo, value }) =>
        value === undefined ? [] : [{ key, sentTo: sentTo ?? this.revision, value }],
      ),
    )
  }

  private publish(next: Partial<Snapshot<V, R>>) {
    this.current = { ...this.current, ...next }
    this.watchers.forEach((w) => w())
  }
}

/** No answer, or one that says that it may be otherwise in a moment. */
function isPassing(e: unknown) {
  if (!(e instanceof ApiError)) return false
  const { status } = e.problem
  return status === 0 || status === 401 || status === 409 || status === 429 || status >= 500
}

export const newKey = () => crypto.randomUUID()
