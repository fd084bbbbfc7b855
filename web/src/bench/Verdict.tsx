import type { ByTests } from '../api/types'

/** How it sits, large; what else it might do, small, and by how many tests if they moved it. */
export function Verdict({ words, byTests }: { words: string; byTests?: ByTests }) {
  const end = words.indexOf('. ')
  const first = end < 0 ? words : words.slice(0, end + 1)
  const { tests, moved } = byTests ?? { tests: 0, moved: [] }
  return (
    <>
      <span className="font-serif text-2xl max-sm:text-xl">{first}</span>{' '}
      <span>{words.slice(first.length)}</span>
      {moved.length > 0 && (
        <span className="text-tide">
          {' '}
          By your {tests} {tests === 1 ? 'test' : 'tests'}.
        </span>
      )}
    </>
  )
}
