import type { ReactNode } from 'react'
import { type FileRejection, useDropzone } from 'react-dropzone'
import { Button } from './Button'

type Props = {
  /** What the file is, for the field that takes it. */
  label: string
  accept: Record<string, string[]>
  disabled?: boolean
  onFile: (file: File) => void
  children: ReactNode
}

/** Kinds of file, by what they are for. */
export const JSON_FILE = { 'application/json': ['.json'] }
export const BOOK_FILE = { ...JSON_FILE, 'application/zip': ['.zip'] }
export const CSV_FILE = { 'text/csv': ['.csv'] }
export const PICTURE_FILE = { 'image/png': ['.png'], 'image/jpeg': ['.jpg', '.jpeg'] }

/** One file, of whatever kind: whether it fits is for the server to judge. */
const first = (onFile: Props['onFile']) => (fits: File[], others: FileRejection[]) => {
  const file = fits[0] ?? others[0]?.file
  if (file) onFile(file)
}

/** A button that asks for one file. */
export function FileButton({
  label,
  accept,
  disabled,
  onFile,
  className,
  children,
}: Props & { className?: string }) {
  const { getInputProps, open } = useDropzone({
    accept,
    disabled,
    multiple: false,
    noDrag: true,
    onDrop: first(onFile),
  })
  return (
    <>
      <Button
        className={`inline-flex items-center gap-1 ${className ?? ''}`}
        disabled={disabled}
        onClick={open}
      >
        {children}
      </Button>
      <input {...getInputProps({ 'aria-label': label })} />
    </>
  )
}

/** A part of the page on which one file can be dropped. */
export function FileDrop({
  onFile,
  className,
  children,
}: Pick<Props, 'onFile' | 'children'> & { className?: string }) {
  const { getRootProps } = useDropzone({
    multiple: false,
    noClick: true,
    noKeyboard: true,
    onDrop: first(onFile),
  })
  return (
    <div {...getRootProps({ role: undefined, tabIndex: undefined })} className={className}>
      {children}
    </div>
  )
}
