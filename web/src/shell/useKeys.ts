import { useLayoutEffect } from 'react'
import type { Command } from './Commands'
import { letterKeys } from './settings'

/** Keys that do the same as another. */
const ALIKE: Record<string, string> = { 'Ctrl+Shift+Z': 'Ctrl+Y' }

const FINDS = 'Ctrl+K'

/**
 * Runs commands by their keys, but not while something is typed or a window is open; from the moment
 * on which what they do is on the page.
 */
export function useKeys(commands: Command[]) {
  useLayoutEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.altKey) return
      const name = nameOf(e)
      const single = !e.ctrlKey && !e.metaKey
      if (single && !letterKeys.get()) return
      if (name !== FINDS && isTaken(e, !single)) return
      const command = commands.find((c) => c.keys === name)
      if (!command || (command.once && e.repeat)) return
      e.preventDefault()
      command.run()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}

function nameOf(e: KeyboardEvent): string {
  if (!e.ctrlKey && !e.metaKey) return e.key
  const name = `Ctrl+${e.shiftKey ? 'Shift+' : ''}${e.key.toUpperCase()}`
  return ALIKE[name] ?? name
}

/** What is open over the page, and what letters choose from. */
const OPEN = '[role=dialog], [role=alertdialog], [role=listbox], [role=menu]'
const CHOSEN = 'select, [role=combobox], [role=tablist], [contenteditable]'

/** Whether a key belongs to what has the focus: a field, and with Ctrl one that has words to undo. */
function isTaken({ target }: KeyboardEvent, withCtrl: boolean): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (target.closest(OPEN)) return true
  if (!withCtrl && target.closest(CHOSEN)) return true
  const field = target.closest<HTMLInputElement>('input:not([type=range]), textarea')
  return field !== null && (!withCtrl || field.value !== field.defaultValue)
}
