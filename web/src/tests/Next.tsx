import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { listFlies, listPatterns } from '../api/client'
import { nextTests } from '../api/tests'
import { percent } from '../parts/words'
import { useStream, whereItIs } from '../readings/useAnswers'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { FLOATANTS } from '../parts/glass'

const GOALS = [
  ['ANGLE', 'how it sits'],
  ['RESERVE', 'what it bears'],
] as const

const HOW = {
  LOOK: 'look, and read off angle and heights',
  HANG: 'hang weights from it',
  PUSH_UNDER: 'push it under',
}

/** Which test would teach most about a fly that one cares about. */
export function Next({ taught }: { taught: string | undefined }) {
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const flies = useQuery({ queryKey: ['log'], queryFn: listFlies })
  const [pattern, setPattern] = useState('')
  const [goal, setGoal] = useState<(typeof GOALS)[number][0]>('ANGLE')
  const [asked, setAsked] = useState<string>()
  const chosen = pattern || patterns.data?.[0]?.id || ''
  const key = `${chosen} ${goal} ${taught ?? ''}`
  const found = useStream(asked === key ? key : undefined, (onLine, signal) =>
    nextTests(chosen, goal, onLine, signal),
  )
  const tests = found.line?.nextTests?.tests
  const nameOf = (id: string) => flies.data?.find((f) => f.id === id)
  return (
    <section aria-label="What would teach most" className="my-4">
      <h2 className="font-serif text-xl font-semibold">What would teach most next</h2>
      <div className="my-1 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Pick
          label="about"
          value={chosen}
          options={(patterns.data ?? []).map((p) => [p.id, p.name] as const)}
          onChange={setPattern}
        />
        <Choice label="namely" hidden value={goal} options={GOALS} onChange={setGoal} />
        <Button disabled={!chosen || asked === key} onClick={() => setAsked(key)}>
          Work it out
        </Button>
        {asked === key && !tests && (
          <span role="status" className="text-soft">
            {whereItIs(found)}
          </span>
        )}
      </div>
      {tests && tests.length === 0 && (
        <p>
          No single test of these flies would narrow that by more than a few parts in a hundred.
        </p>
      )}
      <ul data-testid="next-tests">
        {tests?.slice(0, 5).map((t) => {
          const fly = nameOf(t.fly)
          return (
            <li key={`${t.fly} ${t.floatant} ${t.how}`}>
              <Link className="underline" to={`/log/${t.fly}`}>
                {fly ? `${fly.name} ${fly.size}` : 'a tied fly'}, {FLOATANTS[t.floatant]}
              </Link>
              : {HOW[t.how]}; narrows the band by about {percent(t.narrows)}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
