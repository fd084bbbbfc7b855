import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import {
  addPattern,
  copyPattern,
  deletePattern,
  favourPattern,
  getPattern,
  listParts,
  listPatterns,
  listStyles,
  restorePattern,
} from '../api/client'
import { inClub, isShared, otherRoom } from '../api/room'
import type { PatternDocument } from '../api/types'
import { notify } from '../shell/notices'
import { attempt } from '../shell/problems'
import { opened as remember, recent } from '../shell/recent'
import { useTaught } from '../readings/taught'
import { Button } from '../ui/Button'
import { Bench } from './Bench'
import { useStore } from '../ui/store'

/** One fly on the bench: the one in the address, the one that was here last, or the first. */
export function BenchPage() {
  const { id } = useParams()
  const tour = useSearchParams()[0].has('tour')
  const navigate = useNavigate()
  const client = useQueryClient()
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const styles = useQuery({ queryKey: ['styles'], queryFn: listStyles, staleTime: Infinity })
  const kinds = useQuery({ queryKey: ['parts'], queryFn: listParts, staleTime: Infinity })
  const taught = useTaught()
  const last = useStore(recent)
  const known = (wanted: string) => patterns.data?.some((p) => p.id === wanted)
  const openId = id ?? last.find(known) ?? patterns.data?.[0]?.id
  const opened = useQuery({
    queryKey: ['pattern', openId],
    queryFn: () => getPattern(openId as string),
    enabled: openId !== undefined,
    staleTime: 0,
    gcTime: 0,
    retry: false,
  })
  const there = opened.data?.id
  useEffect(() => {
    if (there) remember(there)
  }, [there])
  useEffect(() => {
    // the fly has an address of its own, so that a reload or a copied link comes back to it
    if (!id && openId) void navigate(`/bench/${openId}${tour ? '?tour' : ''}`, { replace: true })
  }, [id, openId, tour, navigate])

  const refresh = () => client.invalidateQueries({ queryKey: ['patterns'] })
  const open = async (next: string) => {
    await refresh()
    await navigate(`/bench/${next}`)
  }
  const remove = (gone: { id: string; name: string }) =>
    attempt(async () => {
      await deletePattern(gone.id)
      await refresh()
      const next = patterns.data?.find((p) => p.id !== gone.id)
      await navigate(next ? `/bench/${next.id}` : '/')
      notify(`${gone.name} is deleted.`, async () => {
        await restorePattern(gone.id)
        await open(gone.id)
      })
    })

  if (patterns.isError) {
    return (
      <main id="main" tabIndex={-1} className="p-10">
        <h1 className="font-serif text-2xl">The application does not answer</h1>
        <p className="my-3">
          {patterns.error.message} Start it with ./ripple-rest start; nothing that was saved is
          lost.
        </p>
        <Button onClick={() => void patterns.refetch()}>Try again</Button>
      </main>
    )
  }
  const document = opened.data?.document
  return (
    <>
      <title>{`${document ? `${document.pattern.name} · ` : ''}Ripple Rest`}</title>
      {openId === undefined && patterns.isSuccess && (
        <main id="main" tabIndex={-1} className="p-10">
          <h1 className="font-serif text-2xl">There is no fly yet</h1>
          <p className="my-3">Start one with “New”, or drop a pattern file here.</p>
          {isShared && !inClub && (
            <p>
              Or look into{' '}
              <a className="underline" href={otherRoom}>
                the club’s book
              </a>
              : “in the club” beside a fly there takes a copy.
            </p>
          )}
        </main>
      )}
      {opened.isError && (
        <main id="main" tabIndex={-1} className="p-10">
          <h1 className="font-serif text-2xl">This fly is not here</h1>
          <p className="my-3">{opened.error.message}</p>
          <Link className="underline" to={`/bench/${patterns.data?.[0]?.id ?? ''}`} replace>
            Open the first one
          </Link>
        </main>
      )}
      {opened.isPending && openId !== undefined && (
        <main id="main" tabIndex={-1} className="text-soft p-10" aria-busy="true">
          Opening…
        </main>
      )}
      {opened.data && (
        <Bench
          key={`${opened.data.id} ${taught.changed}`}
          opened={opened.data}
          styles={styles.data ?? []}
          kinds={kinds.data ?? []}
          favourite={patterns.data?.find((p) => p.id === opened.data.id)?.favourite ?? false}
          onFavourite={(on) =>
            void attempt(async () => {
              await favourPattern(opened.data.id, on)
              await refresh()
            })
          }
          onSaved={() => void refresh()}
          onCopy={() => void attempt(async () => open((await copyPattern(opened.data.id)).id))}
          onKeepBoth={(mine: PatternDocument, kept) =>
            void attempt(async () => {
              const added = await addPattern(mine)
              kept()
              await open(added.id)
            })
          }
          onDelete={() =>
            void remove({ id: opened.data.id, name: document?.pattern.name ?? 'The fly' })
          }
        />
      )}
    </>
  )
}
