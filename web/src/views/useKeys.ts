import { useEffect } from 'react'
import type { Command } from './Commands'

/** Runs commands by their keys, but not while something is typed or a window is open. */
export function useKeys(commands: Command[]) {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLElement &&
        (e.target.closest('input:not([type=range]), textarea, [contenteditable]') ||
          e.target.closest('[role=dialog], [role=listbox]'))
      const mod = e.ctrlKey || e.metaKey
      if (typing && !(mod && e.key.toLowerCase() === 'k')) return
      if (e.altKey) return
      const name = mod ? `Ctrl+${e.key.toUpperCase()}` : e.key
      const command = commands.find((c) => c.keys === name)
      if (!command) return
      e.preventDefault()
      command.run()
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
}
