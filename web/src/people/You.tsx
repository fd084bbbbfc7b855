import { useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { callMyself, changePassword, forgetHere, leave } from '../api/people'
import { address } from '../api/room'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { Page } from '../shell/Page'
import { useMe } from '../api/useMe'
import { Button } from '../ui/Button'
import { Submit } from '../ui/Submit'
import { Window } from '../ui/Window'
import { Field } from './Field'
import { ROLES } from './words'
import { typed } from './typed'

/** One's own account: name, password, going. */
export function You() {
  const client = useQueryClient()
  const { person } = useMe()
  const [leaving, setLeaving] = useState(false)
  if (!person) return <Page title="You">Nobody is signed in.</Page>
  return (
    <Page title="You">
      <p className="max-w-prose">
        You are here as {ROLES[person.role].as}. {ROLES[person.role].may}
      </p>
      <div className="mt-4 grid gap-8 *:min-w-0 md:grid-cols-2">
        <Small
          title="Name"
          words="Change the name"
          send={async (form) => {
            await callMyself(typed(form, 'name'))
            await client.invalidateQueries()
            notify('You are called so from now on.')
          }}
        >
          <Field
            label="Your name here"
            name="name"
            defaultValue={person.name}
            autoComplete="username"
            maxLength={40}
            required
          />
        </Small>
        <Small
          title="Password"
          words="Change the password"
          send={async (form) => {
            await changePassword(typed(form, 'before'), typed(form, 'password'))
            notify('The password is changed; wherever else you were signed in you are out.')
          }}
        >
          <Field
            label="The password now"
            name="before"
            type="password"
            autoComplete="current-password"
            required
          />
          <Field
            label="The new one"
            name="password"
            type="password"
            autoComplete="new-password"
            hint="12 characters or more."
            minLength={12}
            maxLength={128}
            required
          />
        </Small>
        <section aria-labelledby="things">
          <h2 id="things" className="font-serif text-2xl">
            Your things
          </h2>
          <p className="text-soft my-2">
            Book, log, tests, drawer, boxes, outings, pictures: each in its open format, all in one
            file.
          </p>
          <a className="underline" href={address('/api/me/things')} download>
            Everything of yours, one file
          </a>
        </section>
        <section aria-labelledby="leave">
          <h2 id="leave" className="font-serif text-2xl">
            Leave
          </h2>
          <p className="text-soft my-2">
            What is yours is deleted for good. Patterns to which somebody has a link pass to the
            club, without your name; what you said and changed stays, without it too.
          </p>
          <Button onClick={() => setLeaving(true)}>Leave…</Button>
        </section>
      </div>
      <Window title="Leave for good" open={leaving} onClose={() => setLeaving(false)}>
        <p className="my-2">
          Nothing of yours can be brought back afterwards.{' '}
          <a className="underline" href={address('/api/me/things')} download>
            Take your things along first
          </a>
          .
        </p>
        <Small
          words="Delete all of mine and leave"
          send={async (form) => {
            await leave(typed(form, 'password'))
            forgetHere()
            window.location.assign('/')
          }}
        >
          <Field
            label="Your password"
            name="password"
            type="password"
            autoComplete="current-password"
            required
          />
        </Small>
      </Window>
    </Page>
  )
}

/** A small form that says what went wrong with it. */
function Small({
  title,
  words,
  send,
  children,
}: {
  title?: string
  words: string
  send: (form: FormData) => Promise<void>
  children: React.ReactNode
}) {
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = e.currentTarget
    setBusy(true)
    setFailed('')
    send(new FormData(form))
      .then(() => form.reset())
      .catch((why: unknown) => setFailed(whatWentWrong(why)))
      .finally(() => setBusy(false))
  }
  return (
    <form onSubmit={submit} className="grid max-w-sm content-start gap-3">
      {title && <h2 className="font-serif text-2xl">{title}</h2>}
      {children}
      <Submit words={words} busy={busy} failed={failed} />
    </form>
  )
}
