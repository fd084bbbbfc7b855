import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { useParams } from 'react-router'
import { getPattern } from '../api/client'
import {
  comment,
  giveToClub,
  listChanges,
  listComments,
  listLinks,
  makeLink,
  takeBackComment,
  takeBackLink,
  takeFromClub,
} from '../api/people'
import { inClub } from '../api/room'
import { count } from '../parts/flies'
import { whatWentWrong } from '../parts/words'
import { FlyPage } from '../shell/FlyPage'
import { attempt } from '../shell/problems'
import { useMe } from '../api/useMe'
import { Button } from '../ui/Button'
import { Submit } from '../ui/Submit'
import { ChangeList } from './ChangeList'
import { CopyLink } from './CopyLink'
import { byWhom, momentWords } from './words'
import { typed } from './typed'

/** One fly among people: the club's copy or one's own, links, what is said and who changed what. */
export function Share() {
  const { id = '' } = useParams()
  const opened = useQuery({ queryKey: ['pattern', id], queryFn: () => getPattern(id), gcTime: 0 })
  const { mayChange } = useMe()
  return (
    <FlyPage id={id} opened={opened} title={inClub ? 'in the club' : 'shared'}>
      {opened.data && (
        <div className="grid gap-8 *:min-w-0 lg:grid-cols-2">
          <div className="grid content-start gap-6">
            {mayChange && <Copies id={id} />}
            {mayChange && <Links id={id} />}
          </div>
          <div className="grid content-start gap-6">
            <Said id={id} />
            {inClub && <Changed id={id} />}
          </div>
        </div>
      )}
    </FlyPage>
  )
}

/** From one's own book into the club's, or the other way. */
function Copies({ id }: { id: string }) {
  const [made, setMade] = useState('')
  const go = () =>
    attempt(async () => setMade((inClub ? await takeFromClub(id) : await giveToClub(id)).id))
  return (
    <section aria-labelledby="copies">
      <h2 id="copies" className="font-serif text-2xl">
        {inClub ? 'In your own book' : 'In the club’s book'}
      </h2>
      <p className="text-soft my-2">
        {inClub
          ? 'A copy is yours: what you change on it, nobody else sees.'
          : 'A copy is the club’s: every tier there may change it, and it says who did.'}{' '}
        The style and the materials that it needs go along.
      </p>
      <Button onClick={() => void go()}>{inClub ? 'Take a copy' : 'Give the club a copy'}</Button>
      {made && (
        <p role="status" className="mt-2">
          Done.{' '}
          <a className="underline" href={`${inClub ? '' : '/club'}/bench/${made}`}>
            Open the copy
          </a>
        </p>
      )}
    </section>
  )
}

/** Links by which anybody reads it, and who has an account copies it. */
function Links({ id }: { id: string }) {
  const client = useQueryClient()
  const links = useQuery({ queryKey: ['links', id], queryFn: () => listLinks(id) })
  const [fresh, setFresh] = useState('')
  const refresh = () => client.invalidateQueries({ queryKey: ['links', id] })
  return (
    <section aria-labelledby="links">
      <h2 id="links" className="font-serif text-2xl">
        By link
      </h2>
      <p className="text-soft my-2">
        Whoever has the link reads how it is tied and how it sits, as it is then; whoever has an
        account can copy it.
      </p>
      <Button
        onClick={() =>
          void attempt(async () => {
            setFresh(`${window.location.origin}/shared#${(await makeLink(id)).token}`)
            await refresh()
          })
        }
      >
        Make a link
      </Button>
      {fresh && <CopyLink label="Link, told this once" link={fresh} />}
      <ul className="mt-2">
        {links.data?.map((l) => (
          <li key={l.id} className="border-rule flex flex-wrap gap-3 border-b py-1">
            <span className="flex-1">
              of {momentWords(l.madeAt)}, copied {count(l.copies, 'time', 'times')}
            </span>
            <button
              type="button"
              className="underline pointer-coarse:min-h-11"
              aria-label={`take back the link of ${momentWords(l.madeAt)}`}
              onClick={() =>
                void attempt(async () => {
                  await takeBackLink(id, l.id)
                  setFresh('')
                  await refresh()
                })
              }
            >
              take back
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What people say of it. */
function Said({ id }: { id: string }) {
  const client = useQueryClient()
  const { isWarden } = useMe()
  const key = ['comments', id]
  const said = useQuery({ queryKey: key, queryFn: () => listComments(id) })
  const [failed, setFailed] = useState('')
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault()
    const form = e.currentTarget
    comment(id, typed(form, 'words')).then(
      (all) => {
        client.setQueryData(key, all)
        setFailed('')
        form.reset()
      },
      (why: unknown) => setFailed(whatWentWrong(why)),
    )
  }
  return (
    <section aria-labelledby="said">
      <h2 id="said" className="font-serif text-2xl">
        {inClub ? 'What people say' : 'Your remarks'}
      </h2>
      <ol className="my-2 grid gap-2">
        {said.data?.map((c) => (
          <li key={c.id} className="border-rule border-l-4 pl-3">
            <p className="whitespace-pre-line">{c.words}</p>
            <p className="text-soft text-sm">
              {byWhom(c.by)}, {momentWords(c.at)}
              {(c.mine || isWarden) && (
                <button
                  type="button"
                  className="ml-3 underline pointer-coarse:min-h-11"
                  aria-label={`take back: ${c.words.slice(0, 40)}`}
                  onClick={() =>
                    void attempt(async () => {
                      await takeBackComment(id, c.id)
                      await client.invalidateQueries({ queryKey: key })
                    })
                  }
                >
                  take back
                </button>
              )}
            </p>
          </li>
        ))}
      </ol>
      <form onSubmit={submit} className="grid gap-2">
        <textarea
          name="words"
          aria-label="Say something to it"
          required
          maxLength={2000}
          rows={3}
          className="border-edge bg-leaf rounded border px-2 py-1"
        />
        <Submit words="Say it" failed={failed} />
      </form>
    </section>
  )
}

function Changed({ id }: { id: string }) {
  const changes = useQuery({ queryKey: ['changes', id], queryFn: () => listChanges(id) })
  return (
    <section aria-labelledby="changed">
      <h2 id="changed" className="font-serif text-2xl">
        Who changed what
      </h2>
      <ChangeList changes={changes.data ?? []} />
    </section>
  )
}
