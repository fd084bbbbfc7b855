import { call, once, send } from './http'
import type { Schemas } from './types'

export type Me = Omit<Schemas['MeView'], 'person' | 'follows'> & {
  person: Schemas['Somebody'] | null
  follows: Schemas['Follows'] | null
}
export type Role = Schemas['Somebody']['role']
export type Member = Schemas['Member']
export type Invitation = Schemas['Invitation']
export type Comment = Schemas['CommentView']
export type ChangeLine = Schemas['ChangeLine']
export type Loan = Schemas['LoanView']
export type SharedFly = Schemas['SharedView']

export const whoAmI = () => call<Me>('/api/me')

/** Name and password go as a form, which is what a browser's own keeper of passwords knows. */
export const signIn = (name: string, password: string) =>
  call<undefined>('/api/session', {
    method: 'POST',
    headers: { 'Content-Type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ name, password }),
  })
export const signOut = () => call<undefined>('/api/session', { method: 'DELETE' })

export const lookAtInvitation = (token: string) =>
  call<Schemas['Offer']>('/api/join/look', send('POST', { token }))
export const join = (token: string, name: string, password: string) =>
  call<Schemas['Somebody']>('/api/join', send('POST', { token, name, password }))
export const followFly = (token: string) =>
  call<Schemas['Follows']>('/api/tablet', send('POST', { token }))

export const listPeople = () => call<Schemas['PeopleView']>('/api/people')
export const invite = (role: Role, note: string) =>
  once<Schemas['FreshInvitation']>('/api/invitations', send('POST', { role, note }))
export const inviteAgain = (id: string) =>
  once<Schemas['FreshInvitation']>(`/api/people/${id}/invitation`, send('POST', {}))
export const revokeInvitation = (id: string) =>
  once<undefined>(`/api/invitations/${id}`, send('DELETE'))
export const giveRole = (id: string, role: Role) =>
  once<Member>(`/api/people/${id}/role`, send('PUT', { role }))
export const closeTo = (id: string) => once<undefined>(`/api/people/${id}`, send('DELETE'))
export const callMyself = (name: string) => once<undefined>('/api/me/name', send('PUT', { name }))
export const changePassword = (before: string, password: string) =>
  call<undefined>('/api/me/password', send('PUT', { before, password }))
export const leave = (password: string) =>
  call<Schemas['Left']>('/api/me/leaving', send('POST', { password }))

export const giveToClub = (id: string) =>
  once<Schemas['Copied']>(`/api/patterns/${id}/club`, send('POST'))
export const takeFromClub = (id: string) =>
  once<Schemas['Copied']>(`/api/patterns/${id}/own`, send('POST'))
export const listComments = (id: string) => call<Comment[]>(`/api/patterns/${id}/comments`)
export const comment = (id: string, words: string) =>
  once<Comment[]>(`/api/patterns/${id}/comments`, send('POST', { words }))
export const takeBackComment = (id: string, which: string) =>
  once<undefined>(`/api/patterns/${id}/comments/${which}`, send('DELETE'))
export const listChanges = (id = '') =>
  call<ChangeLine[]>(id ? `/api/patterns/${id}/changes` : '/api/changes')
export const listLoans = () => call<Loan[]>('/api/loans')

export const listLinks = (id: string) => call<Schemas['PatternLink'][]>(`/api/patterns/${id}/links`)
export const makeLink = (id: string) =>
  once<Schemas['FreshLink']>(`/api/patterns/${id}/links`, send('POST'))
export const takeBackLink = (id: string, link: string) =>
  once<undefined>(`/api/patterns/${id}/links/${link}`, send('DELETE'))
export const readShared = (token: string) => call<SharedFly>('/api/shared', send('POST', { token }))
export const copyShared = (token: string) =>
  once<Schemas['Copied']>('/api/shared/copies', send('POST', { token }))

export const showCode = (id: string) =>
  call<Schemas['CodeView']>(`/api/patterns/${id}/tablets`, send('POST'))
export const listTablets = (id: string) =>
  call<(Omit<Schemas['Tablet'], 'since'> & { since: string | null })[]>(
    `/api/patterns/${id}/tablets`,
  )
export const sendAway = (id: string) => once<undefined>(`/api/tablets/${id}`, send('DELETE'))

/** What this browser remembers of whoever was signed in, but not how it is set. */
export function forgetHere() {
  Object.keys(localStorage)
    .filter((k) => k.startsWith('ripple-rest.unsaved.') || k.startsWith('ripple-rest.recent'))
    .forEach((k) => localStorage.removeItem(k))
}
