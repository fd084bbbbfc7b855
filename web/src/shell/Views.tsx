import { inClub, isShared } from '../api/room'
import { useMe } from '../api/useMe'
import { Link, NavLink, useLocation } from 'react-router'

/** What can be looked at of one fly, in the order of the work. */
const VIEWS = [
  ['', 'bench'],
  ['/compare', 'compare'],
  ['/sizes', 'size run'],
  ['/time', 'over time'],
  ['/card', 'card'],
] as const

/** The ways from one view of a fly to the others. */
export function Views({ id }: { id: string }) {
  const { mayChange } = useMe()
  const first = useLocation().pathname === '/'
  return (
    <nav aria-label="Views of this fly" className="flex flex-wrap gap-x-2.5 print:hidden">
      {VIEWS.map(([path, words]) => (
        <NavLink
          key={path}
          to={`/bench/${id}${path}`}
          end
          aria-current={first && path === '' ? 'page' : undefined}
          className="hover:text-tide aria-[current=page]:border-tide border-b-2 border-transparent aria-[current=page]:font-semibold pointer-coarse:py-2.5"
        >
          {words}
        </NavLink>
      ))}
      {isShared && (
        <NavLink
          to={`/bench/${id}/share`}
          className="hover:text-tide aria-[current=page]:border-tide border-b-2 border-transparent aria-[current=page]:font-semibold pointer-coarse:py-2.5"
        >
          {inClub ? 'in the club' : 'share'}
        </NavLink>
      )}
      {mayChange && (
        <Link className="hover:text-tide underline pointer-coarse:py-2.5" to="/practice/sitting">
          practise 5 min
        </Link>
      )}
    </nav>
  )
}
