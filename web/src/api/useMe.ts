import { useQuery } from '@tanstack/react-query'
import { whoAmI } from './people'
import { isShared } from './room'

/** Who is signed in, where people share the application; nobody is asked where one is alone. */
export function useMe() {
  const me = useQuery({
    queryKey: ['me'],
    queryFn: whoAmI,
    enabled: isShared,
    staleTime: Infinity,
  })
  const person = me.data?.person ?? undefined
  return {
    ...me,
    person,
    follows: me.data?.follows ?? undefined,
    /** Whether what is here may be changed by them. */
    mayChange: !isShared || (person !== undefined && person.role !== 'GUEST'),
    isWarden: person?.role === 'WARDEN',
  }
}
