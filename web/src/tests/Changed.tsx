import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { listPatterns } from '../api/client'
import { changedByTests } from '../api/tests'
import type { LearntLine } from '../api/types'
import { length } from '../parts/units'
import { sitting, tilted, times } from '../parts/words'
import { useStream, whereItIs } from '../readings/useAnswers'
import { Table } from '../shell/Page'
import { Button } from '../ui/Button'

/** Which flies of the book sit otherwise by what was learnt, and how. */
export function Changed({ taught }: { taught: LearntLine | undefined }) {
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const [wanted, setWanted] = useState(false)
  const asked = useStream(
    wanted && taught?.inUse && taught.teaches ? `changed ${taught.at}` : undefined,
    (onLine, signal) => changedByTests(onLine, signal),
  )
  if (!taught?.teaches || !taught.inUse) return null
  const flies = asked.line?.changed?.flies.filter((f) => f.byTests.moved.length > 0)
  return (
    <section aria-label="Flies that change" className="my-4">
      <h2 className="flex flex-wrap items-center gap-3 font-serif text-xl font-semibold">
        Flies that change
        {!wanted && (
          <Button className="font-sans text-base font-normal" onClick={() => setWanted(true)}>
            Go through the book
          </Button>
        )}
      </h2>
      {wanted && !flies && (
        <p role="status" className="text-soft">
          {whereItIs(asked)}
        </p>
      )}
      {flies && flies.length === 0 && <p>None by so much that anybody sees it.</p>}
      {flies && flies.length > 0 && (
        <Table
          head={['fly', 'sits', 'angle', 'eye', 'keeps its posture to']}
          words={2}
          rows={flies.map(({ fly, byTests: { with: w, without: o } }) => [
            <Link key="l" className="underline" to={`/bench/${fly}`}>
              {patterns.data?.find((p) => p.id === fly)?.name ?? 'a pattern'}
            </Link>,
            w.sits === o.sits ? sitting(w.sits) : `${sitting(o.sits)} → ${sitting(w.sits)}`,
            `${tilted(o.pitchDeg, o.tilt)} → ${tilted(w.pitchDeg, w.tilt)}`,
            `${length(o.eyeMm)} → ${length(w.eyeMm)}`,
            `${times(o.keepsPostureTo)} → ${times(w.keepsPostureTo)}`,
          ])}
        />
      )}
    </section>
  )
}
