import { useQuery } from '@tanstack/react-query'
import { aboutThis, listNotices } from '../api/client'
import { Page } from '../shell/Page'

/** What this is, which build it is, and whose work is in it. */
export function About() {
  const about = useQuery({ queryKey: ['about'], queryFn: aboutThis, staleTime: Infinity })
  const notices = useQuery({ queryKey: ['notices'], queryFn: listNotices, staleTime: Infinity })
  const a = about.data
  return (
    <Page title="About">
      <p>
        Ripple Rest sizes a dry fly to its hook before it is tied, and estimates how it will float,
        at what posture, and what holds it up. Estimates are estimates: each says what it leaves
        out.
      </p>
      {a && (
        <p className="my-3" data-testid="version">
          Version {a.version}, build {a.build}
          {a.schema > 0 && `, database version ${a.schema}`}.
        </p>
      )}
      <p>
        Hooks, blades, glues and lamps can hurt; the cautions on each card are the usual ones. Which
        hooks, barbs and feathers may be used is for your local rules.
      </p>
      <h2 className="mt-6 font-serif text-2xl">Work of others that ships with it</h2>
      {notices.error && <p role="alert">{notices.error.message}</p>}
      <ul className="mt-2 columns-1 gap-8 md:columns-2">
        {notices.data?.map((n) => (
          <li key={`${n.name} ${n.version}`} className="break-inside-avoid py-0.5">
            {n.name} {n.version} <span className="text-soft">{n.licence}</span>
          </li>
        ))}
      </ul>
      <p className="mt-3">
        <a className="underline" href="/notices.txt" download>
          The licence texts of what is in this page, fonts included
        </a>
      </p>
    </Page>
  )
}
