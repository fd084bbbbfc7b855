/** A change that is not known to be kept: sent again under its own key, it happens once. */
export type Left<V> = { key: string; sentTo: number; value: V }

/** Where the browser keeps what is not kept elsewhere yet. */
export type Unsaved<V> = { read: () => Left<V>[]; write: (left: Left<V>[]) => void }

/** In this browser, under a name. */
export function inBrowser<V>(name: string): Unsaved<V> {
  const box = `ripple-rest.unsaved.${name}`
  return {
    read() {
      try {
        const text = localStorage.getItem(box)
        return text === null ? [] : (JSON.parse(text) as Left<V>[])
      } catch {
        return []
      }
    },
    write(left) {
      try {
        if (left.length > 0) localStorage.setItem(box, JSON.stringify(left))
        else localStorage.removeItem(box)
      } catch {
        // a browser that keeps nothing: the page still does
      }
    },
  }
}
