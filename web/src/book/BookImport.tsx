import { Upload } from 'lucide-react'
import { useState } from 'react'
import { importBook } from '../api/client'
import type { ImportLine, Problem } from '../api/types'
import { Button } from '../ui/Button'
import { BOOK_FILE, FileButton } from '../ui/FileButton'
import { FileDrop } from '../ui/FileDrop'
import { ProblemDialog } from '../shell/ProblemDialog'

/** Brings a book in: a file or a zipped folder, all of it or nothing, and it can be stopped. */
export function BookImport({ onDone }: { onDone: () => void }) {
  const [running, setRunning] = useState<{ stop: () => void; line: ImportLine }>()
  const [told, setTold] = useState('')
  const [problem, setProblem] = useState<Problem>()
  const take = (file: File | undefined) => {
    if (!file || running) return
    const gone = new AbortController()
    const stop = () => gone.abort()
    setTold('')
    setRunning({ stop, line: {} })
    importBook(file, (line) => setRunning({ stop, line }), gone.signal)
      .then((last) => {
        if (last.problem) setProblem(last.problem)
        else if (last.added) setTold(`${last.added.patterns} patterns were added.`)
        else setTold('The import broke off; nothing was added.')
        onDone()
      })
      .catch((e: Error) => setTold(gone.signal.aborted ? 'Stopped; nothing was added.' : e.message))
      .finally(() => setRunning(undefined))
  }
  return (
    <section aria-label="Import a book">
      <FileDrop
        onFile={take}
        className="border-edge mt-4 flex min-h-14 flex-wrap items-center gap-4 rounded border border-dashed px-4 py-2"
      >
        <FileButton
          label="Book to import"
          accept={BOOK_FILE}
          disabled={running !== undefined}
          onFile={take}
        >
          <Upload size={16} aria-hidden /> Import
        </FileButton>
        <span className="text-soft">a book, a zipped folder or one pattern; or drop it here</span>
        {running && (
          <>
            <Progress line={running.line} />
            <Button onClick={running.stop}>Stop</Button>
          </>
        )}
        <span role="status">{told}</span>
      </FileDrop>
      <ProblemDialog problem={problem} onClose={() => setProblem(undefined)} />
    </section>
  )
}

function Progress({ line }: { line: ImportLine }) {
  if (!line.progress) return <span>{line.waits ? `${line.waits.before} ahead in queue` : '…'}</span>
  const { done, all } = line.progress
  return (
    <label className="flex items-center gap-2">
      <progress max={all} value={done} className="accent-tide" />
      {Math.round((100 * done) / all)} %
    </label>
  )
}
