import { useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { isIn } from '../api/reach'
import { signIn } from '../api/people'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { Submit } from '../ui/Submit'
import { Field } from './Field'
import { typed } from './typed'

/** Name and password; what one wanted to see opens then. */
export function SignInForm({ onIn }: { onIn?: () => void }) {
  const client = useQueryClient()
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = e.currentTarget
    setBusy(true)
    setFailed('')
    signIn(typed(form, 'name'), typed(form, 'password'))
      .then(async () => {
        isIn()
        await client.invalidateQueries()
        onIn?.()
      })
      .catch((why: unknown) => setFailed(whatWentWrong(why)))
      .finally(() => setBusy(false))
  }
  return (
    <form onSubmit={submit} className="grid max-w-sm gap-3">
      <Field label="Name" name="name" autoComplete="username" required autoFocus />
      <Field
        label="Password"
        name="password"
        type="password"
        autoComplete="current-password"
        required
      />
      <Submit words="Sign in" busy={busy} failed={failed} />
    </form>
  )
}

export function SignIn() {
  return (
    <Page title="Sign in">
      <SignInForm />
      <p className="text-soft mt-6 max-w-prose">
        Who has no account yet comes in by a link from a warden. Who has forgotten the password asks
        a warden for a link too.
      </p>
    </Page>
  )
}
