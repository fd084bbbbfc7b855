import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import {
  type Member,
  type Role,
  closeTo,
  giveRole,
  invite,
  inviteAgain,
  listPeople,
  revokeInvitation,
} from '../api/people'
import { dayWords } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { Page, Table } from '../shell/Page'
import { attempt } from '../shell/problems'
import { useMe } from '../api/useMe'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'
import { CopyLink } from './CopyLink'
import { Field } from './Field'
import { ROLES, ROLE_OPTIONS } from './words'
import { typed } from './typed'

const joinAddress = (token: string) => `${window.location.origin}/join#${token}`

/** Who is here; for a warden, who may come and as what. */
export function People() {
  const client = useQueryClient()
  const { person, isWarden } = useMe()
  const people = useQuery({ queryKey: ['people'], queryFn: listPeople })
  const [inviting, setInviting] = useState(false)
  const [again, setAgain] = useState<{ name: string; link: string }>()
  const refresh = () => client.invalidateQueries({ queryKey: ['people'] })
  const close = (m: Member) =>
    attempt(async () => {
      await closeTo(m.id)
      await refresh()
      notify(`It is closed to ${m.name}; their things stay until they come again.`)
    })
  const reopen = (m: Member) =>
    attempt(async () => {
      const { token } = await inviteAgain(m.id)
      setAgain({ name: m.name, link: joinAddress(token) })
      await refresh()
    })
  const become = (m: Member, role: Role) =>
    attempt(async () => {
      await giveRole(m.id, role)
      await refresh()
      await client.invalidateQueries({ queryKey: ['me'] })
    })
  return (
    <Page title="People">
      <p className="flex flex-wrap items-center gap-3">
        <span className="text-soft flex-1 max-sm:basis-full">
          A warden says who may come in. A tier has a bench, a book and a drawer of their own, and
          changes what is the club’s. A guest looks at what is the club’s and says something to it.
        </span>
        {isWarden && <Button onClick={() => setInviting(true)}>Invite somebody…</Button>}
      </p>
      {people.error && <p role="alert">{whatWentWrong(people.error)}</p>}
      {people.data && (
        <Table
          head={['name', 'as', 'since', '']}
          words={4}
          rows={people.data.people.map((m) => [
            <span key="n">
              {m.name}
              {m.id === person?.id && <span className="text-soft"> (you)</span>}
              {m.closed && <span className="text-warn"> closed</span>}
            </span>,
            isWarden && !m.closed ? (
              <Pick
                key="r"
                hidden
                label={`${m.name} is here as`}
                value={m.role}
                options={ROLE_OPTIONS}
                onChange={(role) => void become(m, role)}
              />
            ) : (
              ROLES[m.role].name
            ),
            dayWords(m.since.slice(0, 10)),
            isWarden && (
              <span key="d" className="flex flex-wrap gap-3">
                <button
                  type="button"
                  className="underline pointer-coarse:min-h-11"
                  aria-label={`a link for ${m.name} to choose a new password`}
                  onClick={() => void reopen(m)}
                >
                  new password…
                </button>
                {!m.closed && m.id !== person?.id && (
                  <button
                    type="button"
                    className="underline pointer-coarse:min-h-11"
                    aria-label={`close it to ${m.name}`}
                    onClick={() => void close(m)}
                  >
                    close
                  </button>
                )}
              </span>
            ),
          ])}
        />
      )}
      {people.data && people.data.invitations.length > 0 && (
        <section aria-labelledby="open" className="mt-6">
          <h2 id="open" className="font-serif text-2xl">
            Links that nobody has used yet
          </h2>
          <Table
            head={['for', 'as', 'good until', '']}
            words={4}
            rows={people.data.invitations.map((i) => [
              i.note || <span className="text-soft">anybody</span>,
              ROLES[i.role].name,
              dayWords(i.until.slice(0, 10)),
              <button
                key="r"
                type="button"
                className="underline pointer-coarse:min-h-11"
                aria-label={`take back the link for ${i.note || 'anybody'}`}
                onClick={() =>
                  void attempt(async () => {
                    await revokeInvitation(i.id)
                    await refresh()
                  })
                }
              >
                take back
              </button>,
            ])}
          />
        </section>
      )}
      <Window title="Invite somebody" open={inviting} onClose={() => setInviting(false)}>
        <Invite onMade={() => void refresh()} />
      </Window>
      <Window
        title={`A new password for ${again?.name ?? ''}`}
        open={again !== undefined}
        onClose={() => setAgain(undefined)}
      >
        <CopyLink label="Link, good once within a week" link={again?.link ?? ''} />
      </Window>
    </Page>
  )
}

function Invite({ onMade }: { onMade: () => void }) {
  const [role, setRole] = useState<Role>('TIER')
  const [link, setLink] = useState('')
  const [failed, setFailed] = useState('')
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    invite(role, typed(e.currentTarget, 'note')).then(
      ({ token }) => {
        setLink(joinAddress(token))
        onMade()
      },
      (why: unknown) => setFailed(whatWentWrong(why)),
    )
  }
  if (link) {
    return (
      <>
        <CopyLink label="Link, good once within a week" link={link} />
        <p className="text-soft">It is told this once; send it to whom it is for.</p>
      </>
    )
  }
  return (
    <form onSubmit={submit} className="mt-2 grid gap-3">
      <Choice label="As" value={role} options={ROLE_OPTIONS} onChange={setRole} />
      <p className="text-soft">They read: “{ROLES[role].may}”</p>
      <Field label="For whom (seen by wardens only)" name="note" maxLength={80} />
      <Submit words="Make a link" failed={failed} />
    </form>
  )
}
