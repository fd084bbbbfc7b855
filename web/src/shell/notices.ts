import { store } from '../ui/store'

/** Something that was done, and how it is taken back. */
export type Notice = { words: string; undo?: () => Promise<unknown>; key: number }

export const notices = store<Notice | undefined>(undefined)

let count = 0

/** Says what was done; what can be taken back has its undo beside it. */
export function notify(words: string, undo?: Notice['undo']) {
  notices.set({ words, undo, key: ++count })
}
