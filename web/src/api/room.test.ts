import { afterEach, describe, expect, it, vi } from 'vitest'

/** The rooms as a page at this address has them. */
async function at(path: string, shared: string) {
  vi.resetModules()
  document.head.innerHTML = `<meta name="shared" content="${shared}">`
  window.history.replaceState(null, '', path)
  return import('./room')
}

afterEach(() => {
  document.head.innerHTML = ''
  window.history.replaceState(null, '', '/')
})

describe('whose things a page is about', () => {
  it('is its address’s to say', async () => {
    const own = await at('/bench/x', 'true')
    expect(own).toMatchObject({ isShared: true, inClub: false, room: '', otherRoom: '/club/' })
    expect(own.address('/api/log.csv')).toBe('/api/log.csv')
    const club = await at('/club/bench/x', 'true')
    expect(club).toMatchObject({ inClub: true, room: '/club', otherRoom: '/' })
    expect(club.address('/api/log.csv')).toBe('/club/api/log.csv')
    expect((await at('/club', 'true')).inClub).toBe(true)
    expect((await at('/clubs', 'true')).inClub).toBe(false)
  })

  it('is one’s own where one is alone, whatever it says', async () => {
    for (const told of ['false', '', '{{shared}}']) {
      expect(await at('/club/', told)).toMatchObject({ isShared: false, inClub: false, room: '' })
    }
  })
})
