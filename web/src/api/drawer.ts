import { call, once, patiently, send } from './http'
import type {
  Buy,
  DrawerItem,
  Found,
  NewDrawerItem,
  PatternDocument,
  Picks,
  Schemas,
  TieableNow,
} from './types'

export const findInDrawer = (query: URLSearchParams, signal?: AbortSignal) =>
  call<Found>(`/api/drawer?${query}`, { signal })
export const addToDrawer = (item: NewDrawerItem) =>
  once<DrawerItem>('/api/drawer', send('POST', item))
export const changeInDrawer = (id: string, revision: number, item: NewDrawerItem) =>
  once<DrawerItem>(`/api/drawer/${id}`, send('PUT', item, { 'If-Match': `"${revision}"` }))
export const takeOutOfDrawer = (id: string) => once<undefined>(`/api/drawer/${id}`, send('DELETE'))
export const pickFor = (document: PatternDocument, part: string, signal: AbortSignal) =>
  patiently(() =>
    call<Picks>(`/api/drawer/picks?${new URLSearchParams({ part })}`, {
      ...send('POST', document),
      signal,
    }),
  )
export const gaugeBarbs = (marked: Schemas['Marked']) =>
  call<Schemas['GaugedView'][]>('/api/drawer/gauge', send('POST', marked))
export const tieable = (missing: number) =>
  call<TieableNow>(`/api/drawer/tieable?missing=${missing}`)
export const shoppingList = (plan: URLSearchParams) => call<Buy[]>(`/api/drawer/shopping?${plan}`)
export const takenFor = (fly: string) => call<Schemas['TakenLine'][]>(`/api/log/${fly}/stock`)
