import { address } from '../api/room'
import { Button } from '../ui/Button'
import { Page } from '../shell/Page'

/** Something on this page broke; the rest of the application goes on. */
export function Broken({
  error,
  resetErrorBoundary,
}: {
  error: unknown
  resetErrorBoundary: () => void
}) {
  const why = error instanceof Error ? error.message : String(error)
  return (
    <Page title="This page broke">
      <p role="alert">
        {why} What was saved is safe, and what was typed is kept in this browser until it is saved.
      </p>
      <p className="mt-3 flex gap-3">
        <Button onClick={resetErrorBoundary}>Try again</Button>
        <Button onClick={() => window.location.assign(address('/'))}>Go to the bench</Button>
      </p>
    </Page>
  )
}
