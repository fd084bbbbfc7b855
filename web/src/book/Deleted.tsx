import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { listDeleted, restoreDeleted } from '../api/client'
import { Button } from '../ui/Button'
import { Page, Table } from '../shell/Page'
import { whatWentWrong } from '../parts/words'

const WORDS = {
  PATTERN: 'pattern',
  FLY: 'tied fly',
  STYLE: 'style',
  HOOK: 'hook',
  MATERIAL: 'material',
  ITEM: 'thing of the drawer',
  TEST: 'test in a glass',
  BOX: 'box',
  OUTING: 'outing',
} as const

const day = (at: string) => new Date(at).toLocaleDateString(undefined, { dateStyle: 'medium' })

/** What was lately deleted, of every kind; each can be put back. */
export function Deleted() {
  const things = useQuery({ queryKey: ['deleted'], queryFn: listDeleted, staleTime: 0 })
  const client = useQueryClient()
  const [said, setSaid] = useState('')
  const restore = async (kind: keyof typeof WORDS, id: string, name: string) => {
    try {
      await restoreDeleted(kind, id)
      await client.invalidateQueries()
      setSaid(`${name} is back.`)
    } catch (e) {
      setSaid(`${name} was not put back: ${whatWentWrong(e)}`)
    }
  }
  return (
    <Page title="Lately deleted">
      <p className="text-soft mb-3">
        What you delete is kept for 90 days, and longer where a pattern or a tied fly still needs
        it.
      </p>
      <p role="status">{said}</p>
      {things.error && <p role="alert">{things.error.message}</p>}
      {things.data?.length === 0 && <p>Nothing was deleted.</p>}
      {things.data && things.data.length > 0 && (
        <Table
          words={4}
          head={['what', 'name', 'deleted', 'kept until', '']}
          rows={things.data.map((t) => [
            WORDS[t.kind],
            t.name,
            day(t.deletedAt),
            day(t.keptUntil),
            <Button
              key={t.id}
              aria-label={`Put back ${t.name}`}
              onClick={() => void restore(t.kind, t.id, t.name)}
            >
              put back
            </Button>,
          ])}
        />
      )}
    </Page>
  )
}
