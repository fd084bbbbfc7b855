import type { ReactNode } from 'react'
import { type FileRejection, useDropzone } from 'react-dropzone'

/** One file, of whatever kind: whether it fits is for the server to judge. */
const first = (onFile: (file: File) => void) => (fits: File[], others: FileRejection[]) => {
  const file = fits[0] ?? others[0]?.file
  if (file) onFile(file)
}

/** A part of the page on which one file can be dropped. */
export function FileDrop({
  onFile,
  className,
  children,
}: {
  onFile: (file: File) => void
  className?: string
  children: ReactNode
}) {
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
