import type { ButtonHTMLAttributes } from 'react'

/** A plain button; its words say what it does. */
export function Button({ className = '', ...rest }: ButtonHTMLAttributes<HTMLButtonElement>) {
  return (
    <button
      type="button"
      className={`bg-leaf border-edge hover:border-tide rounded-md border px-3 py-1 pointer-coarse:min-h-11 disabled:opacity-50 ${className}`}
      {...rest}
    />
  )
}
