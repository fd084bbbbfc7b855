import { useEffect } from 'react'
import type { Command } from './Commands'

/** Keys that do the same as another. */
const ALIKE: Record<string, string> = { 'Ctrl+Shift+Z': 'Ctrl+Y' }

const FINDS = 'Ctrl+K'

/** Runs commands by their keys, but not while something is typed or a window is open. */
export function useKeys(commands: Command[]) {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      if (e.altKey) return
      const name = nameOf(e)
      if (name !== FINDS && isTaken(e, name.startsWith('Ctrl+'))) return
      const command = commands.find((c) => c.keys === name)
      if (!command) return
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

/** Whether a key belongs to what has the focus: a field, and with Ctrl one that has words to undo. */
function isTaken({ target }: KeyboardEvent, withCtrl: boolean): boolean {
  if (!(target instanceof HTMLElement)) return false
  if (target.closest('[role=dialog], [role=alertdialog], [role=listbox]')) return true
  const field = target.closest<HTMLInputElement>('input:not([type=range]), textarea')
  return field !== null && (!withCtrl || field.value !== field.defaultValue)
}
