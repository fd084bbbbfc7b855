import { lazy } from 'react'
import { Route, createBrowserRouter, createRoutesFromElements } from 'react-router'
import { isShared, room } from '../api/room'
import { BenchPage } from '../bench/BenchPage'
import { NotFound } from './NotFound'
import { Shell } from './Shell'

// What is not on the bench is loaded when it is opened.
const About = lazy(() => import('./About').then((m) => ({ default: m.About })))
const Book = lazy(() => import('../book/Book').then((m) => ({ default: m.Book })))
const Boxes = lazy(() => import('../box/Boxes').then((m) => ({ default: m.Boxes })))
const Card = lazy(() => import('../card/Card').then((m) => ({ default: m.Card })))
const Compare = lazy(() => import('../study/Compare').then((m) => ({ default: m.Compare })))
const Deleted = lazy(() => import('../book/Deleted').then((m) => ({ default: m.Deleted })))
const Drawer = lazy(() => import('../drawer/Drawer').then((m) => ({ default: m.Drawer })))
const TieNow = lazy(() => import('../drawer/TieNow').then((m) => ({ default: m.TieNow })))
const Evenings = lazy(() => import('../evening/Evenings').then((m) => ({ default: m.Evenings })))
const Hooks = lazy(() => import('../library/Hooks').then((m) => ({ default: m.Hooks })))
const Log = lazy(() => import('../log/Log').then((m) => ({ default: m.Log })))
const Materials = lazy(() => import('../library/Materials').then((m) => ({ default: m.Materials })))
const OverTime = lazy(() => import('../study/OverTime').then((m) => ({ default: m.OverTime })))
const OutingPage = lazy(() =>
  import('../outings/OutingPage').then((m) => ({ default: m.OutingPage })),
)
const Outings = lazy(() => import('../outings/Outings').then((m) => ({ default: m.Outings })))
const Changes = lazy(() => import('../people/Changes').then((m) => ({ default: m.Changes })))
const Join = lazy(() => import('../people/Join').then((m) => ({ default: m.Join })))
const People = lazy(() => import('../people/People').then((m) => ({ default: m.People })))
const Practice = lazy(() => import('../practice/Practice').then((m) => ({ default: m.Practice })))
const Sitting = lazy(() => import('../practice/Sitting').then((m) => ({ default: m.Sitting })))
const Share = lazy(() => import('../people/Share').then((m) => ({ default: m.Share })))
const Shared = lazy(() => import('../people/Shared').then((m) => ({ default: m.Shared })))
const SizeRun = lazy(() => import('../study/SizeRun').then((m) => ({ default: m.SizeRun })))
const Styles = lazy(() => import('../library/Styles').then((m) => ({ default: m.Styles })))
const TankTestPage = lazy(() =>
  import('../tests/TankTest').then((m) => ({ default: m.TankTestPage })),
)
const TabletIn = lazy(() => import('../people/TabletIn').then((m) => ({ default: m.TabletIn })))
const Tests = lazy(() => import('../tests/Tests').then((m) => ({ default: m.Tests })))
const Tie = lazy(() => import('../card/Tie').then((m) => ({ default: m.Tie })))
const TiedFly = lazy(() => import('../log/TiedFly').then((m) => ({ default: m.TiedFly })))
const You = lazy(() => import('../people/You').then((m) => ({ default: m.You })))

/** Every page there is. */
export const router = createBrowserRouter(
  createRoutesFromElements(
    <Route element={<Shell />}>
      <Route path="/" element={<BenchPage />} />
      <Route path="/bench/:id" element={<BenchPage />} />
      <Route path="/bench/:id/sizes" element={<SizeRun />} />
      <Route path="/bench/:id/compare" element={<Compare />} />
      <Route path="/bench/:id/card" element={<Card />} />
      <Route path="/bench/:id/tie" element={<Tie />} />
      <Route path="/bench/:id/time" element={<OverTime />} />
      <Route path="/log" element={<Log />} />
      <Route path="/log/:id" element={<TiedFly />} />
      <Route path="/tests" element={<Tests />} />
      <Route path="/tests/:id" element={<TankTestPage />} />
      <Route path="/boxes" element={<Boxes />} />
      <Route path="/outings" element={<Outings />} />
      <Route path="/outings/:id" element={<OutingPage />} />
      <Route path="/evenings" element={<Evenings />} />
      <Route path="/practice" element={<Practice />} />
      <Route path="/practice/sitting" element={<Sitting />} />
      <Route path="/book" element={<Book />} />
      <Route path="/deleted" element={<Deleted />} />
      <Route path="/drawer" element={<Drawer />} />
      <Route path="/drawer/tie" element={<TieNow />} />
      <Route path="/materials" element={<Materials />} />
      <Route path="/hooks" element={<Hooks />} />
      <Route path="/styles" element={<Styles />} />
      <Route path="/about" element={<About />} />
      {isShared && (
        <>
          <Route path="/bench/:id/share" element={<Share />} />
          <Route path="/join" element={<Join />} />
          <Route path="/tablet" element={<TabletIn />} />
          <Route path="/shared" element={<Shared />} />
          <Route path="/people" element={<People />} />
          <Route path="/you" element={<You />} />
          <Route path="/changes" element={<Changes />} />
        </>
      )}
      <Route path="*" element={<NotFound />} />
    </Route>,
  ),
  { basename: room || '/' },
)
