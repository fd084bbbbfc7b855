import { NavLink } from 'react-router'

const PLACES = [
  ['/drawer', 'on hand'],
  ['/drawer/tie', 'tie now, and buy'],
  ['/materials', 'kinds of material'],
  ['/hooks', 'hooks'],
] as const

/** What belongs to the drawer. */
export function DrawerNav() {
  return (
    <nav aria-label="Drawer" className="mb-3 flex flex-wrap gap-x-4 print:hidden">
      {PLACES.map(([path, words]) => (
        <NavLink
          key={path}
          to={path}
          end
          className="hover:text-tide aria-[current=page]:border-tide border-b-2 border-transparent aria-[current=page]:font-semibold pointer-coarse:py-2.5"
        >
          {words}
        </NavLink>
      ))}
    </nav>
  )
}
