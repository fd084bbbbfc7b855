import type { ButtonHTMLAttributes, ReactNode } from 'react'

type Props = { label: string; icon: ReactNode } & ButtonHTMLAttributes<HTMLButtonElement>

/** A button that is only a picture; its name is told on hover and to screen readers. */
export function IconButton({ label, icon, className = '', ...rest }: Props) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className={`hover:text-tide inline-flex min-h-6 min-w-6 items-center justify-center p-1.5 aria-pressed:bg-tide aria-pressed:text-paper rounded disabled:opacity-40 pointer-coarse:min-h-11 pointer-coarse:min-w-11 ${className}`}
      {...rest}
    >
      {icon}
    </button>
  )
}
