import { useQuery } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { join, lookAtInvitation } from '../api/people'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { Submit } from '../ui/Submit'
import { Field } from './Field'
import { useToken } from './useToken'
import { ROLES } from './words'
import { typed } from './typed'

/** Coming in for the first time, or again with a new password, by a link. */
export function Join() {
  const token = useToken()
  const offer = useQuery({
    queryKey: ['offer', token],
    queryFn: () => lookAtInvitation(token),
    retry: false,
    gcTime: 0,
  })
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = e.currentTarget
    setBusy(true)
    setFailed('')
    join(token, typed(form, 'name'), typed(form, 'password'))
      .then(() => window.location.replace('/')) // anew, as somebody
      .catch((why: unknown) => setFailed(whatWentWrong(why)))
      .finally(() => setBusy(false))
  }
  const again = offer.data !== undefined && offer.data.name !== ''
  return (
    <Page title={again ? 'Come in again' : 'Come in'}>
      {offer.error && <p role="alert">{whatWentWrong(offer.error)}</p>}
      {offer.data && (
        <form onSubmit={submit} className="grid max-w-sm gap-3">
          <p className="max-w-prose">
            {again
              ? `Choose a new password, ${offer.data.name}. Your things are as you left them.`
              : `You come in as ${ROLES[offer.data.role].as}. ${ROLES[offer.data.role].may}`}
          </p>
          {again ? (
            <input
              hidden
              readOnly
              name="username"
              autoComplete="username"
              value={offer.data.name}
            />
          ) : (
            <Field
              label="Your name here"
              name="name"
              hint="As the others know you; you sign in by it."
              autoComplete="username"
              maxLength={40}
              required
              autoFocus
            />
          )}
          <Field
            label="Password"
            name="password"
            type="password"
            autoComplete="new-password"
            hint="12 characters or more. A few words that do not belong together are best."
            minLength={12}
            maxLength={128}
            required
          />
          <Submit words="Come in" busy={busy} failed={failed} />
        </form>
      )}
    </Page>
  )
}
