import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { restoreDeleted } from '../api/client'
import { deleteTest, importTests, listTests } from '../api/tests'
import type { TankTest } from '../api/types'
import { say, unit } from '../parts/units'
import { whatWentWrong } from '../parts/words'
import { Page, Table } from '../shell/Page'
import { notify } from '../shell/notices'
import { attempt } from '../shell/problems'
import { CSV_FILE, FileButton, JSON_FILE } from '../ui/FileButton'
import { useStore } from '../ui/store'
import { Changed } from './Changed'
import { Chart } from './Chart'
import { Learnt } from './Learnt'
import { Next } from './Next'
import { useLearning } from './useLearning'
import { FLOATANTS } from '../parts/glass'

/** What was foretold, what was seen, and what that teaches. */
export function Tests() {
  useStore(unit)
  const client = useQueryClient()
  const tests = useQuery({ queryKey: ['tests'], queryFn: listTests })
  const learning = useLearning()
  const [told, setTold] = useState('')
  const refresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['tests'] }),
      client.invalidateQueries({ queryKey: ['learning'] }),
    ])
  const take = async (chosen: File) => {
    try {
      const { added } = await importTests(chosen)
      setTold(
        `${added} ${added === 1 ? 'test' : 'tests'} added; what was here already is as it was.`,
      )
      await refresh()
    } catch (e) {
      setTold(`${whatWentWrong(e)} Nothing was added.`)
    }
  }
  const remove = ({ test, name }: TankTest) =>
    attempt(async () => {
      await deleteTest(test.id)
      await refresh()
      notify(`The test of ${name} is deleted.`, async () => {
        await restoreDeleted('TEST', test.id)
        await refresh()
      })
    })
  const all = tests.data ?? []
  const judged = new Map(
    (learning.state?.learnt[0]?.found?.judged ?? []).map((j) => [j.id, j] as const),
  )
  return (
    <Page title="Tests in a glass of water">
      <p className="flex flex-wrap items-center gap-3">
        <span className="text-soft flex-1">
          Begin a test from a fly in the{' '}
          <Link className="underline" to="/log">
            log
          </Link>
          . What it will do is foretold first; what it does teaches the estimate.
        </span>
        <a className="underline" href="/api/tests.csv" download>
          CSV
        </a>
        <a className="underline" href="/api/tests.json" download>
          JSON
        </a>
        <FileButton
          label="Tests to import"
          accept={`${JSON_FILE},${CSV_FILE}`}
          onFile={(chosen) => void take(chosen)}
        >
          Import tests
        </FileButton>
      </p>
      <p role="status" className="text-warn">
        {told}
      </p>
      {tests.error && <p role="alert">{tests.error.message}</p>}
      {tests.isSuccess && all.length === 0 && <p>Nothing is tested yet.</p>}
      {all.length > 0 && (
        <>
          <Learnt learning={learning} />
          <Chart tests={all} />
          <Table
            head={['fly', 'tested', 'seen', 'by all others', '']}
            words={4}
            rows={all.map((t) => [
              <Link key="l" className="underline" to={`/tests/${t.test.id}`}>
                {t.name} {t.size}, {FLOATANTS[t.test.floatant]}
              </Link>,
              <span key="t" className="whitespace-nowrap">
                {new Date(t.test.madeAt).toLocaleDateString(undefined, {
                  day: 'numeric',
                  month: 'short',
                })}
              </span>,
              <>
                {say(t.seen)}
                {t.test.notes && <span className="text-soft block text-sm">{t.test.notes}</span>}
              </>,
              standing(t, judged.get(t.test.id)),
              <button
                key="d"
                type="button"
                className="hover:text-warn underline"
                onClick={() => void remove(t)}
              >
                delete
              </button>,
            ])}
          />
          <Next taught={learning.state?.learnt[0]?.at} />
          <Changed taught={learning.state?.learnt[0]} />
        </>
      )}
    </Page>
  )
}

/** How a test stands to all others. */
function standing(
  { test }: TankTest,
  judged: { likely: number; disagrees: boolean; worst: string } | undefined,
) {
  if (test.leftOut) return 'left out'
  if (test.seen.unlike) return 'nothing is learnt from it'
  if (!judged) return 'not learnt from yet'
  return judged.disagrees ? (
    <strong className="text-warn">
      ▲ disagrees: {judged.worst}. Look at it again, or leave it out.
    </strong>
  ) : (
    'agrees'
  )
}
