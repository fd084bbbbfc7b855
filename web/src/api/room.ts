/** Whether people share this application; the page is told by whoever sends it. */
export const isShared =
  document.querySelector<HTMLMetaElement>('meta[name="shared"]')?.content === 'true'

const CLUB = '/club'

/** Whether this page is about the club's things rather than one's own. */
export const inClub =
  isShared && (window.location.pathname === CLUB || window.location.pathname.startsWith(`${CLUB}/`))

/** What stands before the path of every page and every question here. */
export const room = inClub ? CLUB : ''

/** The same place in one's own book or in the club's. */
export const otherRoom = inClub ? '/' : `${CLUB}/`

/** The address of something to download or show. */
export const address = (path: string) => room + path

/** What shows that a change comes from this page; there is none where one is alone. */
export function changeToken(): Record<string, string> {
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
  return token ? { 'X-XSRF-TOKEN': token } : {}
}
