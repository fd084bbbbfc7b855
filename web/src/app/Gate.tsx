import { type ReactNode, Suspense, lazy } from 'react'
import { useLocation } from 'react-router'
import { isIn, out } from '../api/reach'
import { inClub, isShared, room } from '../api/room'
import { useMe } from '../api/useMe'
import { useStore } from '../ui/store'
import { Window } from '../ui/Window'

const SignIn = lazy(() => import('../people/SignIn').then((m) => ({ default: m.SignIn })))
const SignInForm = lazy(() => import('../people/SignIn').then((m) => ({ default: m.SignInForm })))

/** Pages that whoever has their link opens. */
const BY_LINK = ['/join', '/tablet', '/shared']

/**
 * Where people share the application, lets in who is signed in: a guest to the club, a tablet to the
 * fly that it follows. Whoever is signed out while a page is open signs in over it, and loses nothing.
 */
export function Gate({ header, children }: { header: ReactNode; children: ReactNode }) {
  const { pathname } = useLocation()
  const { person, follows, isPending, error } = useMe()
  const signedOut = useStore(out)
  // what is sent from here carries a token that comes with the first answer
  if (isShared && isPending) return <p className="text-soft p-10">Opening…</p>
  if (!isShared || BY_LINK.includes(pathname)) {
    return (
      <>
        {(!isShared || (person && !follows)) && header}
        {children}
      </>
    )
  }
  if (error && !person) return <p className="p-10">{error.message}</p>
  if (!person) {
    return (
      <Suspense>
        <SignIn />
      </Suspense>
    )
  }
  if (follows && signedOut) {
    return (
      <main id="main" tabIndex={-1} className="p-10">
        <title>Sent away · Ripple Rest</title>
        <h1 className="font-serif text-3xl font-bold">This tablet was sent away</h1>
        <p role="alert">Scan another code at the vise to follow a fly again.</p>
      </main>
    )
  }
  if (follows) {
    const there = `${follows.club ? '/club' : ''}/bench/${follows.pattern}/tie`
    if (room + pathname !== there) {
      window.location.replace(there)
      return null
    }
    return children
  }
  if (person.role === 'GUEST' && !inClub && pathname !== '/you') {
    window.location.replace('/club/')
    return null
  }
  return (
    <>
      {header}
      {children}
      {signedOut && (
        <Window title="You are signed out" open onClose={isIn}>
          <Suspense>
            <p className="my-2">What you changed stays on this page and is kept once you are in.</p>
            <SignInForm onIn={isIn} />
          </Suspense>
        </Window>
      )}
    </>
  )
}
