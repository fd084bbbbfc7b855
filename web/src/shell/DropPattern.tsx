import { FileDrop } from '../ui/FileDrop'

/** Over the whole page while a file is dragged: where it may be dropped. */
export function DropPattern({ onFile }: { onFile: (file: File) => void }) {
  return (
    <FileDrop
      onFile={onFile}
      className="bg-paper/90 border-tide fixed inset-3 z-50 flex items-center justify-center rounded-lg border-4 border-dashed font-serif text-3xl"
    >
      Drop a pattern file here
    </FileDrop>
  )
}
