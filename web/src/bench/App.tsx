import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Toast } from 'radix-ui'
import { type DragEvent, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import {
  ApiError,
  addPattern,
  copyPattern,
  createPattern,
  deletePattern,
  getPattern,
  importFile,
  listParts,
  listPatterns,
  listSchools,
  restorePattern,
} from '../api/client'
import type { PatternDocument } from '../api/types'
import { Button } from '../ui/Button'
import { Bench } from './Bench'
import { Box } from './Box'
import { ProblemDialog } from '../shell/ProblemDialog'

/** The box of patterns over the bench. */
export function App() {
  const { id } = useParams()
  const navigate = useNavigate()
  const client = useQueryClient()
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const schools = useQuery({ queryKey: ['schools'], queryFn: listSchools, staleTime: Infinity })
  const kinds = useQuery({ queryKey: ['parts'], queryFn: listParts, staleTime: Infinity })
  const openId = id ?? patterns.data?.[0]?.id
  const opened = useQuery({
    queryKey: ['pattern', openId],
    queryFn: () => getPattern(openId as string),
    enabled: openId !== undefined,
    staleTime: 0,
    gcTime: 0,
    retry: false,
  })
  const [problem, setProblem] = useState<ApiError>()
  const [deleted, setDeleted] = useState<{ id: string; name: string }>()

  const refresh = () => client.invalidateQueries({ queryKey: ['patterns'] })
  const open = async (next: string) => {
    await refresh()
    await navigate(`/bench/${next}`)
  }
  /** Runs an action and shows what went wrong with it, if anything. */
  const attempt = async (action: () => Promise<void>) => {
    try {
      await action()
    } catch (e) {
      if (e instanceof ApiError) setProblem(e)
      else throw e
    }
  }
  const take = (files: FileList | null) => {
    const file = files?.[0]
    if (file) void attempt(async () => open((await importFile(file)).id))
  }
  const drop = (e: DragEvent) => {
    e.preventDefault()
    take(e.dataTransfer.files)
  }
  const remove = (gone: { id: string; name: string }) =>
    attempt(async () => {
      await deletePattern(gone.id)
      setDeleted(gone)
      await refresh()
      const next = patterns.data?.find((p) => p.id !== gone.id)
      await navigate(next ? `/bench/${next.id}` : '/')
    })

  if (patterns.isError) {
    return (
      <main className="p-10">
        <h1 className="font-serif text-2xl">The application does not answer</h1>
        <p className="my-3">
          {patterns.error.message} Start it with ./ripple-rest start; nothing that was saved is
          lost.
        </p>
        <Button onClick={() => void patterns.refetch()}>Try again</Button>
      </main>
    )
  }
  return (
    <div
      className="flex min-h-screen flex-col"
      onDragOver={(e) => e.preventDefault()}
      onDrop={drop}
    >
      <Box
        patterns={patterns.data ?? []}
        schools={schools.data ?? []}
        openId={openId}
        onNew={(school) => void attempt(async () => open((await createPattern(school, openId)).id))}
        onImport={take}
      />
      {openId === undefined && patterns.isSuccess && (
        <main className="p-10">
          <h1 className="font-serif text-2xl">The box is empty</h1>
          <p className="my-3">Start a fly with “New”, or drop a pattern file here.</p>
        </main>
      )}
      {opened.isError && (
        <main className="p-10">
          <h1 className="font-serif text-2xl">This fly is not in the box</h1>
          <p className="my-3">{opened.error.message}</p>
          <Link className="underline" to="/" replace>
            Open the first one
          </Link>
        </main>
      )}
      {opened.isPending && openId !== undefined && (
        <main className="text-soft p-10" aria-busy="true">
          Opening…
        </main>
      )}
      {opened.data && (
        <Bench
          key={opened.data.id}
          opened={opened.data}
          schools={schools.data ?? []}
          kinds={kinds.data ?? []}
          onSaved={() => void refresh()}
          onCopy={() => void attempt(async () => open((await copyPattern(opened.data.id)).id))}
          onKeepBoth={(document: PatternDocument, kept) =>
            void attempt(async () => {
              const { id: mine } = await addPattern(document)
              kept()
              await open(mine)
            })
          }
          onDelete={() =>
            void remove({ id: opened.data.id, name: nameOf(opened.data.id, patterns.data) })
          }
          onSchool={(school) =>
            void attempt(async () => open((await createPattern(school, opened.data.id)).id))
          }
        />
      )}
      <ProblemDialog problem={problem?.problem} onClose={() => setProblem(undefined)} />
      <Toast.Root
        open={deleted !== undefined}
        onOpenChange={(o) => !o && setDeleted(undefined)}
        className="bg-ink text-paper flex items-center justify-between rounded-lg px-4 py-3"
      >
        <Toast.Title>{deleted?.name} is out of the box.</Toast.Title>
        <Toast.Action
          altText="Undo: put it back"
          className="underline"
          onClick={() =>
            deleted &&
            void attempt(async () => {
              await restorePattern(deleted.id)
              await open(deleted.id)
            })
          }
        >
          Undo
        </Toast.Action>
      </Toast.Root>
    </div>
  )
}

function nameOf(id: string, patterns: { id: string; name: string }[] | undefined): string {
  return patterns?.find((p) => p.id === id)?.name ?? 'The fly'
}
