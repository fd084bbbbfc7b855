import { useQueryClient } from '@tanstack/react-query'
import { Download, Upload } from 'lucide-react'
import { useRef, useState } from 'react'
import { ApiError, importTable } from '../api/client'
import { fieldProblem } from '../parts/words'
import { Button } from '../ui/Button'

/** A table out and in as CSV; a file that does not fit changes nothing. */
export function TableFile({ of }: { of: 'hooks' | 'materials' }) {
  const client = useQueryClient()
  const input = useRef<HTMLInputElement>(null)
  const [told, setTold] = useState<{ words: string; wrong: boolean }>()
  const take = (file: File | undefined) => {
    if (!file) return
    importTable(of, file)
      .then(async ({ added }) => {
        const rows = of === 'hooks' ? 'hooks added' : 'values taken in'
        setTold({ words: `${added} ${rows}.`, wrong: false })
        await client.invalidateQueries()
      })
      .catch((e: Error) =>
        setTold({
          words: `${e instanceof ApiError ? fieldProblem(e) : e.message} Nothing was changed.`,
          wrong: true,
        }),
      )
  }
  return (
    <p className="mt-4 flex flex-wrap items-center gap-3">
      <a
        href={`/api/${of}/table`}
        download
        className="hover:text-tide inline-flex items-center gap-1 underline decoration-dotted"
      >
        <Download size={16} aria-hidden /> table as CSV
      </a>
      <Button className="inline-flex items-center gap-1" onClick={() => input.current?.click()}>
        <Upload size={16} aria-hidden /> Import CSV
      </Button>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        aria-label={`CSV of ${of} to import`}
        className="hidden"
        onChange={(e) => {
          take(e.target.files?.[0])
          e.target.value = ''
        }}
      />
      {told && (
        <span role={told.wrong ? 'alert' : 'status'} className={told.wrong ? 'text-warn' : ''}>
          {told.words}
        </span>
      )}
    </p>
  )
}
