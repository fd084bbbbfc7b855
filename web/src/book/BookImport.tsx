import { Upload } from 'lucide-react'
import { type DragEvent, useRef, useState } from 'react'
import { importBook } from '../api/client'
import type { ImportLine, Problem } from '../api/types'
import { Button } from '../ui/Button'
import { ProblemDialog } from '../shell/ProblemDialog'

/** Brings a book in: a file or a zipped folder, all of it or nothing, and it can be stopped. */
export function BookImport({ onDone }: { onDone: () => void }) {
  const input = useRef<HTMLInputElement>(null)
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
  const drop = (e: DragEvent) => {
    e.preventDefault()
    take(e.dataTransfer.files[0])
  }
  return (
    <section
      aria-label="Bring a book in"
      className="border-rule mt-4 flex min-h-14 flex-wrap items-center gap-4 rounded border border-dashed px-4 py-2"
      onDragOver={(e) => e.preventDefault()}
      onDrop={drop}
    >
      <Button
        className="inline-flex items-center gap-1"
        disabled={running !== undefined}
        onClick={() => input.current?.click()}
      >
        <Upload size={16} aria-hidden /> Bring in
      </Button>
      <span className="text-soft">a book, a zipped folder or one pattern; or drop it here</span>
      <input
        ref={input}
        type="file"
        accept=".json,.zip,application/json,application/zip"
        aria-label="Book to bring in"
        className="hidden"
        onChange={(e) => {
          take(e.target.files?.[0])
          e.target.value = ''
        }}
      />
      {running && (
        <>
          <Progress line={running.line} />
          <Button onClick={running.stop}>Stop</Button>
        </>
      )}
      <span role="status">{told}</span>
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
