import { useQuery } from '@tanstack/react-query'
import { takenFor } from '../api/drawer'
import { title } from '../parts/words'

/** What a fly took out of the drawer, and what was not there. */
export function Taken({ fly }: { fly: string }) {
  const taken = useQuery({ queryKey: ['taken', fly], queryFn: () => takenFor(fly), gcTime: 0 })
  if (!taken.data || taken.data.length === 0) return null
  const lacking = taken.data.some((t) => t.lacking !== '')
  return (
    <details className="mt-3" open={lacking}>
      <summary className="cursor-pointer">
        taken out of the drawer
        {lacking && <span className="text-warn"> ▲ not all of it was there</span>}
      </summary>
      <ul>
        {taken.data.map((t, i) => (
          <li key={i} className="border-rule border-b py-0.5">
            {title(t.part)}: {t.label ? `${t.amount}, ${t.label}` : 'nothing there fits'}
            {t.lacking && t.label && (
              <span className="text-warn"> ▲ {t.lacking} lacking; count it anew</span>
            )}
          </li>
        ))}
      </ul>
    </details>
  )
}
