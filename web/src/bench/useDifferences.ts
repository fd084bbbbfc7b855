import { useQuery } from '@tanstack/react-query'
import { tellDifferences } from '../api/client'
import type { Differences, Estimate } from '../api/types'

type Told = { pose: Estimate | undefined; full: Estimate | undefined }

/** What the last change did, as the core tells it; nothing until both flies are known. */
export function useDifferences(before: Told, now: Told): Differences | undefined {
  const [was, is] = [figures(before), figures(now)]
  const asked = useQuery({
    queryKey: ['differences', was, is],
    queryFn: ({ signal }) => tellDifferences(was as Figures, is as Figures, signal),
    enabled: was !== undefined && is !== undefined,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  })
  return asked.data
}

type Figures = Estimate['figures']

/** Those of the pose, and the film reserve once the whole answer is there. */
const figures = ({ pose, full }: Told): Figures | undefined =>
  pose && { ...pose.figures, reserve: full?.figures.reserve }
