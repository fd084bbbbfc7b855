import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { setNonce } from 'get-nonce'
import { Toast } from 'radix-ui'
import { StrictMode, Suspense, lazy } from 'react'
import { createRoot } from 'react-dom/client'
import {
  Outlet,
  Route,
  RouterProvider,
  createBrowserRouter,
  createRoutesFromElements,
} from 'react-router'
import './index.css'
import { App } from './bench/App'
import { SavedBeforeLeaving } from './save/useQueue'
import { Reach } from './app/Reach'

// What is not on the bench is loaded when it is opened.
const Book = lazy(() => import('./book/Book').then((m) => ({ default: m.Book })))
const Card = lazy(() => import('./card/Card').then((m) => ({ default: m.Card })))
const Compare = lazy(() => import('./study/Compare').then((m) => ({ default: m.Compare })))
const OverTime = lazy(() => import('./study/OverTime').then((m) => ({ default: m.OverTime })))
const Deleted = lazy(() => import('./book/Deleted').then((m) => ({ default: m.Deleted })))
const Hooks = lazy(() => import('./library/Hooks').then((m) => ({ default: m.Hooks })))
const Log = lazy(() => import('./log/Log').then((m) => ({ default: m.Log })))
const Materials = lazy(() => import('./library/Materials').then((m) => ({ default: m.Materials })))
const Schools = lazy(() => import('./library/Schools').then((m) => ({ default: m.Schools })))
const SizeRun = lazy(() => import('./study/SizeRun').then((m) => ({ default: m.SizeRun })))
const Tie = lazy(() => import('./card/Tie').then((m) => ({ default: m.Tie })))
const TiedFly = lazy(() => import('./log/TiedFly').then((m) => ({ default: m.TiedFly })))

// What a library puts into the page as a style carries the nonce that the page was sent with.
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce
if (nonce) setNonce(nonce)

const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
})

function Shell() {
  return (
    <>
      <SavedBeforeLeaving />
      <Reach />
      <Suspense fallback={<p className="p-10">Opening…</p>}>
        <Outlet />
      </Suspense>
    </>
  )
}

const router = createBrowserRouter(
  createRoutesFromElements(
    <Route element={<Shell />}>
      <Route path="/" element={<App />} />
      <Route path="/bench/:id" element={<App />} />
      <Route path="/bench/:id/sizes" element={<SizeRun />} />
      <Route path="/bench/:id/compare" element={<Compare />} />
      <Route path="/bench/:id/card" element={<Card />} />
      <Route path="/bench/:id/tie" element={<Tie />} />
      <Route path="/bench/:id/time" element={<OverTime />} />
      <Route path="/log" element={<Log />} />
      <Route path="/log/:id" element={<TiedFly />} />
      <Route path="/book" element={<Book />} />
      <Route path="/deleted" element={<Deleted />} />
      <Route path="/materials" element={<Materials />} />
      <Route path="/hooks" element={<Hooks />} />
      <Route path="/schools" element={<Schools />} />
    </Route>,
  ),
)
const root = document.getElementById('root')
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <Toast.Provider swipeDirection="down" duration={10000}>
          <RouterProvider router={router} />
          <Toast.Viewport className="fixed bottom-4 left-1/2 z-50 w-96 -translate-x-1/2" />
        </Toast.Provider>
      </QueryClientProvider>
    </StrictMode>,
  )
}
