import { useEffect, useRef } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import type { Judged } from '../api/types'
import { say } from '../parts/units'
import { Page } from '../shell/Page'
import { Button } from '../ui/Button'
import { useStore } from '../ui/store'
import { Look } from './Look'
import { useSitting } from './useSitting'
import { DRILLS, type Set, leftOut, setOf } from './words'

/** A sitting of practice: look after look, as its address says. */
export function Sitting() {
  const [query] = useSearchParams()
  return <Sat key={query.toString()} set={setOf(query)} />
}

function Sat({ set }: { set: Set }) {
  const without = useStore(leftOut)
  const s = useSitting(set, without)
  const navigate = useNavigate()
  const leave = () => void navigate('/practice')
  const next = useRef<HTMLButtonElement>(null)
  const { exercise, judged } = s
  useEffect(() => {
    if (judged) next.current?.focus()
  }, [judged])
  const title = set.person ? `Practice set for ${set.person}` : 'Practice'
  const body = (
    <>
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1" data-testid="sitting">
        <span className="text-soft flex-1">
          {exercise ? DRILLS[exercise.drill].name : ''}
          {set.large && ' · shown to others, nothing is kept'}
        </span>
        <span className="text-soft tabular-nums">
          {s.looks === 1 ? '1 look' : `${s.looks} looks`}
          {s.timed && !s.over && ` · about ${Math.ceil(s.minutesLeft)} min left`}
          {set.each > 0 && ` of ${set.each * set.only.length}`}
        </span>
        <Button onClick={s.over || s.looks === 0 ? leave : s.stop}>
          {s.over || s.looks === 0 ? 'Leave' : 'Stop'}
        </Button>
      </p>
      {s.failed && (
        <p role="alert" className="text-warn my-3">
          {s.failed}{' '}
          <button type="button" className="underline" onClick={s.again}>
            {exercise ? 'Send it again' : 'Ask again'}
          </button>
        </p>
      )}
      {s.over ? (
        <Over judged={judged} looks={s.looks} onMore={s.timed ? s.goOn : undefined} />
      ) : exercise ? (
        <div className="mt-2">
          <Look
            key={exercise.id}
            exercise={exercise}
            judged={judged}
            busy={s.busy}
            onAnswer={s.answer}
          >
            <Verdict judged={judged}>
              <button
                ref={next}
                type="button"
                onClick={s.next}
                className="bg-tide text-paper min-h-11 rounded-md px-6 py-1.5 text-lg"
              >
                Next
              </button>
            </Verdict>
          </Look>
        </div>
      ) : (
        !s.failed && (
          <p className="text-soft my-8" role="status">
            The next fly is on its way…
          </p>
        )
      )}
    </>
  )
  return set.large ? (
    <main
      id="main"
      tabIndex={-1}
      data-large
      className="group bg-paper fixed inset-0 z-30 overflow-auto p-6 text-xl max-sm:p-3"
    >
      <title>{`${title} · Ripple Rest`}</title>
      <h1 className="sr-only">{title}</h1>
      {body}
    </main>
  ) : (
    <Page title={title}>{body}</Page>
  )
}

/** What is known of the eye now; the same words about two things are said once. */
const told = (judged: Judged | undefined) => [...new Set(judged?.eyes.map((eye) => say(eye)))]

/** What is true, said once; below it the way on. */
function Verdict({ judged, children }: { judged: Judged | undefined; children: React.ReactNode }) {
  return (
    <div className="mt-3 lg:min-h-24">
      <p role="status" className="text-lg group-data-large:text-3xl" data-testid="judged">
        {judged && (
          <>
            {judged.right === true && <b className="text-tide">Right. </b>}
            {judged.right === false && <b className="text-warn">Not so. </b>}
            {say(judged.words)}
          </>
        )}
      </p>
      {judged && (
        <>
          {told(judged).map((words) => (
            <p key={words} className="text-soft">
              {words}
            </p>
          ))}
          <p className="mt-2">{children}</p>
        </>
      )}
    </div>
  )
}

function Over({
  judged,
  looks,
  onMore,
}: {
  judged: Judged | undefined
  looks: number
  onMore: (() => void) | undefined
}) {
  return (
    <div className="my-4">
      <h2 className="font-serif text-2xl">That is it for now</h2>
      <p className="my-2">{looks === 1 ? '1 look' : `${looks} looks`}; all of them are kept.</p>
      {told(judged).map((words) => (
        <p key={words}>{words}</p>
      ))}
      <p className="mt-3 flex flex-wrap gap-3">
        {onMore && <Button onClick={onMore}>Another five minutes</Button>}
        <Link className="underline" to="/practice">
          What your eye sees
        </Link>
        <Link className="underline" to="/">
          Back to the bench
        </Link>
      </p>
    </div>
  )
}
