import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { pickFor } from '../api/drawer'
import type { PatternDocument, Picks } from '../api/types'
import { ItemPicture } from '../drawer/ItemPicture'
import { say } from '../parts/units'
import { title, whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { Window } from '../ui/Window'

export type Offer = Picks['needs'][number]['offers'][number]

type Props = {
  document: PatternDocument
  part: string
  /** Told which thing the part is to be made of, and how. */
  onTake: (offer: Offer) => void
}

/** What lies in the drawer for a part, the nearest first, and what it would do. */
export function FromDrawer({ document, part, onTake }: Props) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Button onClick={() => setOpen(true)}>From the drawer…</Button>
      {open && (
        <Found
          document={document}
          part={part}
          onTake={(offer) => {
            setOpen(false)
            onTake(offer)
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  )
}

function Found({ document, part, onTake, onClose }: Props & { onClose: () => void }) {
  const found = useQuery({
    queryKey: ['drawer', 'picks', part, JSON.stringify(document)],
    queryFn: ({ signal }) => pickFor(document, part, signal),
    gcTime: 0,
    retry: false,
  })
  return (
    <Window title={`${title(part)}: from the drawer`} open onClose={onClose}>
      {found.isPending && <p className="mt-3">Looking…</p>}
      {found.error && (
        <p role="alert" className="text-warn mt-3">
          {whatWentWrong(found.error)}
        </p>
      )}
      {found.data && (found.data.needs.length > 1 || found.data.matches.length > 0) && (
        <section aria-label="Two that match" className="mt-3">
          <h3 className="font-semibold">Two that match</h3>
          {found.data.matches.length === 0 && <p>None in the drawer do.</p>}
          <ul>
            {found.data.matches.map((m) => (
              <li key={`${m.first} ${m.second}`}>
                {m.first}, and {m.second === m.first ? 'another of it' : m.second}:{' '}
                <span className="text-soft">{say(m.words)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {found.data?.needs.map((need, i) => (
        <section key={i} aria-label={`For ${say(need.wants)}`} className="mt-3">
          <p className="text-soft">Takes {say(need.wants)}.</p>
          {need.offers.length === 0 && <p>Nothing in the drawer serves here.</p>}
          <ul>
            {need.offers.map((offer) => (
              <Offered
                key={offer.item.id}
                offer={offer}
                onTake={i === 0 ? () => onTake(offer) : undefined}
              />
            ))}
          </ul>
        </section>
      ))}
    </Window>
  )
}

function Offered({ offer, onTake }: { offer: Offer; onTake?: () => void }) {
  const { item, fits, against, does } = offer
  return (
    <li className="border-rule flex gap-3 border-b py-1.5">
      <ItemPicture item={item} />
      <div className="min-w-0 flex-1">
        <p className="flex flex-wrap justify-between gap-x-3">
          <span className="font-semibold">{item.label}</span>
          <span className="text-soft">{item.place}</span>
        </p>
        <p className={fits ? '' : 'text-warn'}>
          {fits ? 'fits' : against.map((a) => say(a)).join('; ')}
          <span className="text-soft"> ({item.left})</span>
        </p>
        {does.text !== '' && <p className="text-soft text-sm">With it: {say(does)}</p>}
      </div>
      {onTake && (
        <Button className="self-center" onClick={onTake}>
          Use it
        </Button>
      )}
    </li>
  )
}
