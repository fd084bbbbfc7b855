import { useQuery } from '@tanstack/react-query'
import { getPattern } from '../api/client'

/** A pattern as the server has it now: what a page showed before may have changed since. */
export function useOpened(id: string) {
  return useQuery({
    queryKey: ['pattern', id],
    queryFn: () => getPattern(id),
    staleTime: 0,
    gcTime: 0,
    retry: false,
  })
}
