import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { shoppingList } from '../api/drawer'
import type { OutingView } from '../api/types'
import { dayWords, fliesKey, fliesWords, planned } from '../parts/flies'

/** All that is missing for one day: flies to tie, and what there is not in the drawer for them. */
export function Missing({ view }: { view: OutingView }) {
  const lacking = view.needs.filter((n) => n.lacking > 0)
  const plan = new URLSearchParams(lacking.map((n) => planned(n.flies, n.lacking)))
  const buy = useQuery({
    queryKey: ['drawer', 'shopping', plan.toString()],
    queryFn: () => shoppingList(plan),
    enabled: lacking.length > 0,
    gcTime: 0,
  })
  const needed = (buy.data ?? []).filter((b) => b.lacking)
  return (
    <section aria-labelledby="missing" className="bg-leaf border-tide rounded-md border-2 p-3">
      <h2 id="missing" className="font-serif text-2xl">
        Missing for {dayWords(view.outing.day)}
      </h2>
      {lacking.length === 0 ? (
        <p>{view.needs.length === 0 ? 'Choose what goes along.' : 'Nothing.'}</p>
      ) : (
        <>
          <ul className="list-disc pl-5">
            {lacking.map((n) => (
              <li key={fliesKey(n.flies)}>
                tie {n.lacking} × {fliesWords(n.flies)}
              </li>
            ))}
            {needed.map((b) => (
              <li key={b.kind + b.colour + b.hookSize}>
                buy {b.buy}: {b.kindLabel.toLowerCase()}
                {b.hookSize > 0 && `, size ${b.hookSize}`}
                {b.colour && `, ${b.colour}`}
              </li>
            ))}
          </ul>
          <p className="mt-2 flex flex-wrap gap-4 print:hidden">
            <Link className="underline" to="/evenings">
              plan evenings
            </Link>
            <Link className="underline" to={`/drawer/tie?${plan}`}>
              shopping list
            </Link>
          </p>
        </>
      )}
    </section>
  )
}
