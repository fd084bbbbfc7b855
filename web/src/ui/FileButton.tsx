import { type ReactNode, useRef } from 'react'
import { Button } from './Button'

/** Kinds of file, by what they are for. */
export const JSON_FILE = 'application/json,.json'
export const BOOK_FILE = `${JSON_FILE},application/zip,.zip`
export const CSV_FILE = 'text/csv,.csv'
export const PICTURE_FILE = 'image/png,.png,image/jpeg,.jpg,.jpeg'

/** A button that asks for one file, of whatever kind: whether it fits is for the server to judge. */
export function FileButton({
  label,
  accept,
  disabled,
  onFile,
  className,
  children,
}: {
  /** What the file is, for the field that takes it. */
  label: string
  accept: string
  disabled?: boolean
  onFile: (file: File) => void
  className?: string
  children: ReactNode
}) {
  const field = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button
        className={`inline-flex items-center gap-1 ${className ?? ''}`}
        disabled={disabled}
        onClick={() => field.current?.click()}
      >
        {children}
      </Button>
      <input
        ref={field}
        type="file"
        aria-label={label}
        accept={accept}
        disabled={disabled}
        className="hidden"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0]
          e.target.value = '' // so that the same file can be chosen again
          if (file) onFile(file)
        }}
      />
    </>
  )
}
