import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Popover } from 'radix-ui'
import { useState } from 'react'
import { listColours, nearestColours } from '../api/client'
import { whatWentWrong } from '../parts/words'

/** Names of colours to choose from by what they look like, or by a colour that one has. */
export function Swatches({
  of,
  value,
  onPick,
}: {
  of: string
  value: string
  onPick: (name: string) => void
}) {
  const [open, setOpen] = useState(false)
  const [had, setHad] = useState('')
  const all = useQuery({
    queryKey: ['colours'],
    queryFn: listColours,
    staleTime: Infinity,
    enabled: open,
  })
  const near = useQuery({
    queryKey: ['colours', had],
    queryFn: ({ signal }) => nearestColours(had, signal), // only the last of a slide counts
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    enabled: had !== '',
  })
  const swatch = ({ name, ink }: { name: string; ink: string }) => (
    <button
      key={name}
      type="button"
      aria-pressed={name === value}
      onClick={() => {
        onPick(name)
        setOpen(false)
      }}
      className="hover:bg-paper aria-pressed:ring-tide flex min-h-8 items-center gap-2 rounded px-1 text-left aria-pressed:ring-2 pointer-coarse:min-h-11"
    >
      <span
        aria-hidden
        className="border-edge inline-block size-5 shrink-0 rounded border"
        style={{ background: ink }}
      />
      {name}
    </button>
  )
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`${of}: swatches`}
        className="text-tide inline-flex items-center underline pointer-coarse:min-h-11"
      >
        swatches
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          data-inner
          aria-label={`Colours for ${of}`}
          collisionPadding={12}
          sideOffset={4}
          className="bg-leaf border-edge text-ink z-60 max-h-(--radix-popover-content-available-height) w-[min(34rem,94vw)] overflow-y-auto rounded-md border p-3 shadow-lg"
        >
          <label className="flex items-center gap-2">
            <span className="text-soft">a colour I have</span>
            <input
              type="color"
              value={had || '#808080'}
              onChange={(e) => setHad(e.target.value)}
              className="h-8 w-12 pointer-coarse:h-11"
            />
          </label>
          {(all.error ?? near.error) && (
            <p role="alert" className="text-warn">
              {whatWentWrong(all.error ?? near.error)} The colour can still be typed.
            </p>
          )}
          {near.data && (
            <div className="my-2" role="group" aria-label="Nearest to it">
              <p className="text-soft">Nearest to it by name, the most alike first:</p>
              <div className="flex flex-wrap gap-x-3">{near.data.map(swatch)}</div>
            </div>
          )}
          <div
            className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(7rem,1fr))] gap-x-2"
            role="group"
            aria-label="Colours by name"
          >
            {all.data?.map(swatch)}
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
