import { useQuery } from '@tanstack/react-query'
import { listChanges } from '../api/people'
import { inClub } from '../api/room'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { ChangeList } from './ChangeList'

/** Who changed what in the club's book. */
export function Changes() {
  const changes = useQuery({ queryKey: ['changes'], queryFn: () => listChanges() })
  return (
    <Page title="Who changed what">
      {!inClub && <p>In your own book that is always you.</p>}
      {changes.error && <p role="alert">{whatWentWrong(changes.error)}</p>}
      {inClub && changes.data && <ChangeList changes={changes.data} named />}
    </Page>
  )
}
