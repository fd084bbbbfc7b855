import { useEffect, useState } from 'react'
import { followFly } from '../api/people'
import { whatWentWrong } from '../parts/words'
import { Page } from '../shell/Page'
import { useToken } from './useToken'

/** A tablet that scanned a code at the vise comes in; from then on it shows that fly. */
export function TabletIn() {
  const token = useToken()
  const [failed, setFailed] = useState('')
  useEffect(() => {
    let here = true
    // a moment later: a page that is drawn twice asks once, for the code is good once
    const soon = setTimeout(() => {
      followFly(token).then(
        // anew, for it may be the club's fly
        (fly) => window.location.replace(`${fly.club ? '/club' : ''}/bench/${fly.pattern}/tie`),
        (why: unknown) => here && setFailed(whatWentWrong(why)),
      )
    })
    return () => {
      here = false
      clearTimeout(soon)
    }
  }, [token])
  return (
    <Page title="A tablet at the vise">
      {failed ? <p role="alert">{failed}</p> : <p aria-busy="true">Finding the fly…</p>}
    </Page>
  )
}
