import { Button } from '../ui/Button'
import { whereItIs } from '../readings/useAnswers'
import type { useLearning } from './useLearning'

/** What was learnt, in a tier's words, and whether estimates go by it. */
export function Learnt({ learning }: { learning: ReturnType<typeof useLearning> }) {
  const { state, line, failed, begin, stop, use } = learning
  const learnt = state?.learnt[0]
  if (!state) return null
  const tests = (n: number) => `${n} ${n === 1 ? 'test' : 'tests'}`
  return (
    <section
      aria-label="What they teach"
      className="bg-leaf border-rule my-3 rounded border px-4 py-2"
    >
      <h2 className="flex flex-wrap items-center gap-3 font-serif text-xl font-semibold">
        What they teach
        <span className="flex flex-wrap items-center gap-3 font-sans text-base font-normal">
          {line ? (
            <>
              <Button onClick={stop}>Stop</Button>
              <span role="status" className="text-soft">
                learning: {whereItIs({ line })}
              </span>
            </>
          ) : (
            state.tests > 0 && (
              <Button onClick={begin}>
                {learnt?.current ? 'Learn once more' : `Learn from ${tests(state.tests)}`}
              </Button>
            )
          )}
          {learnt?.teaches && (
            <label className="flex items-center gap-2">
              <input
                type="checkbox"
                checked={learnt.inUse}
                onChange={(e) => use(e.target.checked)}
              />
              estimates go by them
            </label>
          )}
        </span>
      </h2>
      {failed && (
        <p role="alert" className="text-warn">
          {failed}
        </p>
      )}
      {!learnt && (
        <p className="text-soft">Nothing is learnt yet: estimates go by the tables alone.</p>
      )}
      {learnt && !learnt.current && (
        <p className="text-warn">
          Tests or materials have changed since; this was learnt from {tests(learnt.tests)}.
        </p>
      )}
      {learnt && learnt.found && !learnt.found.believed && (
        <p className="text-warn">
          These tests cannot be reckoned together well enough to be believed. Leave out what
          disagrees, or test once more.
        </p>
      )}
      {learnt?.found?.misfit && (
        <p className="text-warn">
          ▲ All in all the tests are further from what is foretold than chance allows. Something is
          going on with these flies that the estimate does not know.
        </p>
      )}
      {learnt && learnt.found?.believed && !learnt.teaches && (
        <p>They agree with what was assumed, and narrow nothing yet.</p>
      )}
      {learnt && learnt.lessons.length > 0 && (
        <ul className="my-1 space-y-1" data-testid="lessons">
          {learnt.lessons.slice(0, 6).map((l) => (
            <li key={l.words}>{l.words}</li>
          ))}
        </ul>
      )}
      {learnt && learnt.lessons.length > 0 && (
        <p className="text-soft text-sm">
          ± is one standard deviation of what is left. Learnt from {tests(learnt.tests)}.
        </p>
      )}
    </section>
  )
}
