import { Suspense, lazy, useEffect, useRef } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { Outlet, ScrollRestoration, useLocation, useNavigationType } from 'react-router'
import { SavedBeforeLeaving } from '../save/useQueue'
import { Header } from '../shell/Header'
import { notices } from '../shell/notices'
import { problem } from '../shell/problems'
import { Broken } from './Broken'
import { Gate } from './Gate'
import { Reach } from './Reach'
import { useStore } from '../ui/store'

const Notices = lazy(() => import('../shell/Notices').then((m) => ({ default: m.Notices })))
const ProblemDialog = lazy(() =>
  import('../shell/ProblemDialog').then((m) => ({ default: m.ProblemDialog })),
)

/** What every page has round it. */
export function Shell() {
  const { pathname } = useLocation()
  useFocusOnArrival(pathname, useNavigationType() !== 'REPLACE')
  return (
    <div className="flex min-h-screen flex-col">
      <a
        href="#main"
        className="bg-tide text-paper sr-only z-50 rounded px-3 py-2 focus:not-sr-only focus:absolute focus:top-2 focus:left-2"
      >
        Skip to the content
      </a>
      <SavedBeforeLeaving />
      <Gate
        header={
          <>
            <Header />
            <Reach />
          </>
        }
      >
        <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
          <Suspense
            fallback={
              <p className="text-soft p-10" aria-busy="true">
                Opening…
              </p>
            }
          >
            <Outlet />
          </Suspense>
        </ErrorBoundary>
      </Gate>
      {useStore(problem) && (
        <Suspense>
          <ProblemDialog problem={problem.get()} onClose={() => problem.set(undefined)} />
        </Suspense>
      )}
      {useStore(notices) && (
        <Suspense>
          <Notices />
        </Suspense>
      )}
      <ScrollRestoration />
    </div>
  )
}

/** A new page begins at its own content, for the keyboard and for who has it read out. */
function useFocusOnArrival(pathname: string, went: boolean) {
  const before = useRef(pathname)
  useEffect(() => {
    if (before.current === pathname) return
    before.current = pathname
    if (!went) return // it was only sent on to where the address means
    const wait = setTimeout(() => document.getElementById('main')?.focus({ preventScroll: true }))
    return () => clearTimeout(wait)
  }, [pathname, went])
}
