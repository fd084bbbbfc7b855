import { useQueryClient } from '@tanstack/react-query'
import { Download, Upload } from 'lucide-react'
import { useState } from 'react'
import { address } from '../api/room'
import { importTable } from '../api/client'
import { whatWentWrong } from '../parts/words'
import { CSV_FILE, FileButton } from '../ui/FileButton'

/** What a file of each kind brings. */
const ROWS = { hooks: 'hooks added', materials: 'values imported', drawer: 'things put in' }

/** A table out and in as CSV; a file that does not fit changes nothing. */
export function TableFile({ of }: { of: keyof typeof ROWS }) {
  const client = useQueryClient()
  const [told, setTold] = useState<{ words: string; wrong: boolean }>()
  const take = (file: File) => {
    importTable(of, file)
      .then(async ({ added }) => {
        setTold({ words: `${added} ${ROWS[of]}.`, wrong: false })
        await client.invalidateQueries()
      })
      .catch((e: Error) =>
        setTold({
          words: `${whatWentWrong(e)} Nothing was changed.`,
          wrong: true,
        }),
      )
  }
  return (
    <p className="mt-4 flex flex-wrap items-center gap-3">
      <a
        href={address(`/api/${of}/table`)}
        download
        className="hover:text-tide inline-flex items-center gap-1 underline decoration-dotted"
      >
        <Download size={16} aria-hidden /> table as CSV
      </a>
      <FileButton label={`CSV of ${of} to import`} accept={CSV_FILE} onFile={take}>
        <Upload size={16} aria-hidden /> Import CSV
      </FileButton>
      {told && (
        <span role={told.wrong ? 'alert' : 'status'} className={told.wrong ? 'text-warn' : ''}>
          {told.words}
        </span>
      )}
    </p>
  )
}
