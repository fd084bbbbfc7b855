import { useSyncExternalStore } from 'react'

/** A value outside of React that many views show; kept by the browser under a name, if it has one. */
export function store<T>(first: T, name?: string) {
  let value = name === undefined ? first : (kept<T>(name) ?? first)
  const watchers = new Set<() => void>()
  const get = () => value
  const set = (next: T) => {
    if (next === value) return
    value = next
    if (name !== undefined) keep(name, next)
    watchers.forEach((w) => w())
  }
  const watch = (watcher: () => void) => {
    watchers.add(watcher)
    return () => {
      watchers.delete(watcher)
    }
  }
  return { get, set, watch }
}

/** The value, now and whenever it changes. */
export function useStore<T>({ get, watch }: Pick<ReturnType<typeof store<T>>, 'get' | 'watch'>): T {
  return useSyncExternalStore(watch, get)
}

/** A browser that keeps nothing, or keeps what this version cannot read, is no reason to stop. */
function kept<T>(name: string): T | undefined {
  try {
    const text = localStorage.getItem(name)
    return text === null ? undefined : (JSON.parse(text) as T)
  } catch {
    return undefined
  }
}

function keep(name: string, value: unknown) {
  try {
    localStorage.setItem(name, JSON.stringify(value))
  } catch {
    // it is only forgotten with the page
  }
}
