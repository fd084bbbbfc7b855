import { Link } from 'react-router'
import type { ChangeLine } from '../api/people'
import { byWhom, didWhat, momentWords } from './words'

/** Who changed what, the latest first. */
export function ChangeList({ changes, named }: { changes: ChangeLine[]; named?: boolean }) {
  if (changes.length === 0) return <p className="text-soft my-2">Nobody changed anything yet.</p>
  return (
    <ol className="my-2">
      {changes.map((c, i) => (
        <li key={i} className="border-rule flex flex-wrap gap-x-3 border-b py-1">
          <span className="min-w-40 flex-1">
            {named &&
              (c.what === 'DELETED' ? (
                `${c.name}: `
              ) : (
                <>
                  <Link className="underline" to={`/bench/${c.pattern}/share`}>
                    {c.name}
                  </Link>
                  {': '}
                </>
              ))}
            {didWhat(c)}
          </span>
          <span className="text-soft">
            {byWhom(c.by)}, {momentWords(c.at)}
          </span>
        </li>
      ))}
    </ol>
  )
}
