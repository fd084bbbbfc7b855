import { Link } from 'react-router'
import { Page } from '../shell/Page'

/** An address that leads nowhere. */
export function NotFound() {
  return (
    <Page title="There is no such page">
      <p>
        The address may be mistyped, or from another version.{' '}
        <Link className="underline" to="/">
          Go to the bench
        </Link>
        , or choose a fly above.
      </p>
    </Page>
  )
}
