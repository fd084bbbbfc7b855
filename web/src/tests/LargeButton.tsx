import type { ReactNode } from 'react'

/** A thing to press with a wet thumb; pressed again it is taken back. */
export function LargeButton({
  on,
  onPress,
  children,
}: {
  on: boolean
  onPress: () => void
  children: ReactNode
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onPress}
      className="bg-leaf border-edge hover:border-tide aria-pressed:bg-tide aria-pressed:text-paper min-h-16 rounded-lg border-2 px-4 py-2"
    >
      {children}
    </button>
  )
}
