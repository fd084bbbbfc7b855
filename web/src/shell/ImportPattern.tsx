import { Upload } from 'lucide-react'
import { FileButton, FileDrop, JSON_FILE } from '../ui/FileDrop'

type Props = { onFile: (file: File) => void }

/** A button that asks for a pattern file. */
export function ImportPattern({ onFile }: Props) {
  return (
    <FileButton
      label="Pattern file to import"
      accept={JSON_FILE}
      className="pointer-coarse:min-h-11"
      onFile={onFile}
    >
      <Upload size={16} aria-hidden /> <span className="max-sm:sr-only">Import</span>
    </FileButton>
  )
}

/** Over the whole page while a file is dragged: where it may be dropped. */
export function DropPattern({ onFile }: Props) {
  return (
    <FileDrop
      onFile={onFile}
      className="bg-paper/90 border-tide fixed inset-3 z-50 flex items-center justify-center rounded-lg border-4 border-dashed font-serif text-3xl"
    >
      Drop a pattern file here
    </FileDrop>
  )
}
