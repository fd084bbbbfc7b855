import { type ReactNode, Suspense, lazy, useState } from 'react'
import { readDevice, restoreDeleted } from '../api/client'
import { ApiError } from '../api/http'
import { addToDrawer, changeInDrawer, takeOutOfDrawer } from '../api/drawer'
import type { DrawerItem, MaterialEntry, NewDrawerItem } from '../api/types'
import { pxPerMm } from '../parts/calibration'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { MARKINGS } from '../colour/ColourFields'
import { Swatches } from '../colour/Swatches'
import { Button } from '../ui/Button'
import { Pick } from '../ui/Pick'
import { Window } from '../ui/Window'
import { useStore } from '../ui/store'

const OwnKind = lazy(() => import('../library/OwnKind').then((m) => ({ default: m.OwnKind })))
const BarbPhoto = lazy(() => import('./BarbPhoto').then((m) => ({ default: m.BarbPhoto })))

const BLANK: NewDrawerItem = {
  label: '',
  kind: 'dry-hackle',
  colour: '',
  marking: 'plain',
  second: '',
  ink: '',
  place: '',
  pieces: false,
  amount: 1,
  low: 0,
  useBy: '',
  barbs: [],
  lengthMm: 0,
  hookSize: 0,
  note: '',
}

const STEEL = 'hook-steel'

/** All that is said of a thing in the drawer. */
export function ItemSheet({
  item,
  kinds,
  onClose,
  onKept,
}: {
  /** Nothing yet, where it is put in. */
  item: DrawerItem | undefined
  kinds: MaterialEntry[]
  onClose: () => void
  onKept: () => Promise<unknown>
}) {
  const [now, setNow] = useState(item)
  const [said, setSaid] = useState<NewDrawerItem>(() => (item ? asSaid(item) : BLANK))
  const [barbs, setBarbs] = useState(() => (item?.barbs ?? []).join(' '))
  const [failed, setFailed] = useState('')
  const [busy, setBusy] = useState(false)
  const [differs, setDiffers] = useState(false)
  const set = (change: Partial<NewDrawerItem>) => setSaid({ ...said, ...change })
  const kind = kinds.find((k) => k.id === said.kind)
  const attempt = async (action: () => Promise<void>) => {
    setBusy(true)
    setFailed('')
    try {
      await action()
    } catch (e) {
      const stored = e instanceof ApiError && (e.problem.stored as DrawerItem | undefined)
      if (stored) setNow(stored)
      setFailed(
        stored
          ? `${whatWentWrong(e)} There are ${stored.left} now. Look at your figures and keep it again.`
          : whatWentWrong(e),
      )
    } finally {
      setBusy(false)
    }
  }
  const keep = () =>
    attempt(async () => {
      const whole = { ...said, barbs: numbers(barbs) }
      await (now ? changeInDrawer(now.id, now.revision, whole) : addToDrawer(whole))
      await onKept()
      onClose()
    })
  const takeOut = (of: DrawerItem) =>
    attempt(async () => {
      await takeOutOfDrawer(of.id)
      await onKept()
      onClose()
      notify(`${of.label} is taken out.`, async () => {
        await restoreDeleted('ITEM', of.id)
        await onKept()
      })
    })
  const measured = (mm: number[]) =>
    setBarbs((before) => `${before} ${mm.map((one) => one.toFixed(1)).join(' ')}`.trim())
  return (
    <Window title={item ? item.label : 'Put something in'} open onClose={onClose}>
      <form
        className="mt-3 grid gap-x-6 gap-y-2 sm:grid-cols-2"
        onSubmit={(e) => {
          e.preventDefault()
          void keep()
        }}
      >
        <Typed label="what you call it" value={said.label} onChange={(label) => set({ label })} />
        <span className="flex flex-wrap items-center justify-between gap-2">
          <Pick
            label="kind"
            narrow
            value={said.kind}
            options={kinds.map((k) => [k.id, k.label] as const)}
            onChange={(kind) => set({ kind })}
          />
          <Button disabled={!kind} onClick={() => setDiffers(true)}>
            it differs…
          </Button>
        </span>
        <Typed
          label="colour"
          value={said.colour}
          most={40}
          onChange={(colour) => set({ colour })}
          beside={<Swatches of="it" value={said.colour} onPick={(colour) => set({ colour })} />}
        />
        <Pick
          label="marking"
          value={said.marking || 'plain'}
          options={MARKINGS}
          onChange={(marking) => set({ marking })}
        />
        {said.marking !== 'plain' && (
          <Typed
            label="its second colour"
            value={said.second}
            most={40}
            onChange={(second) => set({ second })}
          />
        )}
        <label className="flex flex-wrap items-center justify-between gap-2">
          <span className="text-soft">a colour of its own (dyed, faded)</span>
          <span className="flex items-center gap-2">
            <input
              type="color"
              value={said.ink || '#808080'}
              onChange={(e) => set({ ink: e.target.value })}
              className="h-8 w-12 pointer-coarse:h-11"
            />
            {said.ink && <Button onClick={() => set({ ink: '' })}>none</Button>}
          </span>
        </label>
        <Figure
          label={`left, ${said.pieces ? 'pieces' : (kind?.unit ?? now?.unit ?? '')}`}
          value={said.amount}
          onChange={(amount) => set({ amount })}
        />
        {kind?.kept !== 'pieces' && (
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={said.pieces}
              onChange={(e) => set({ pieces: e.target.checked })}
              className="accent-tide"
            />
            offcuts, or prepared: a piece serves a part
          </label>
        )}
        {said.pieces && kind?.kept !== 'feathers' && (
          <Figure
            label="length of a piece, mm (0: any)"
            value={said.lengthMm}
            onChange={(lengthMm) => set({ lengthMm })}
          />
        )}
        <Figure label="low from" value={said.low} onChange={(low) => set({ low })} />
        <Typed label="where it lies" value={said.place} onChange={(place) => set({ place })} />
        <label className="flex items-center justify-between gap-2">
          <span className="text-soft">use by</span>
          <input
            type="date"
            value={said.useBy}
            onChange={(e) => set({ useBy: e.target.value })}
            className="border-edge bg-leaf rounded border px-2 py-1"
          />
        </label>
        {said.kind === STEEL && (
          <Figure
            label="hook size"
            value={said.hookSize}
            onChange={(hookSize) => set({ hookSize })}
          />
        )}
        {kind?.kept === 'feathers' && (
          <fieldset className="border-rule rounded border p-2 sm:col-span-2">
            <legend className="text-soft px-1">a few of its feathers, measured</legend>
            <Typed
              label="barbs, mm"
              value={barbs}
              most={400}
              onChange={setBarbs}
              beside={
                <Button
                  onClick={() =>
                    void attempt(async () => measured([(await readDevice('caliper')).value]))
                  }
                >
                  caliper
                </Button>
              }
            />
            <Gauge onMeasured={(mm) => measured([mm])} />
            <Suspense>
              <BarbPhoto onMeasured={measured} />
            </Suspense>
            <Figure
              label="usable length of a feather, mm (0: not measured)"
              value={said.lengthMm}
              onChange={(lengthMm) => set({ lengthMm })}
            />
            <p className="text-soft text-sm">
              Take some from all along the skin; how many there are of each length is worked out
              from them.
            </p>
          </fieldset>
        )}
        <label className="sm:col-span-2">
          <span className="text-soft">note</span>
          <textarea
            value={said.note}
            maxLength={400}
            rows={2}
            onChange={(e) => set({ note: e.target.value })}
            className="border-edge bg-leaf block w-full rounded border px-2 py-1"
          />
        </label>
        {failed && (
          <p role="alert" className="text-warn sm:col-span-2">
            {failed}
          </p>
        )}
        <p className="flex flex-wrap gap-3 sm:col-span-2">
          <button
            type="submit"
            disabled={busy}
            className="bg-tide text-paper rounded-md px-4 py-1 pointer-coarse:min-h-11 disabled:opacity-50"
          >
            {now ? 'Keep' : 'Put in'}
          </button>
          {now && (
            <Button disabled={busy} onClick={() => void takeOut(now)}>
              Take out of the drawer
            </Button>
          )}
        </p>
      </form>
      {differs && kind && (
        <Suspense>
          <OwnKind
            of={kind}
            named={said.label}
            onMade={(made) => set({ kind: made.id })}
            onClose={() => setDiffers(false)}
          />
        </Suspense>
      )}
    </Window>
  )
}

const numbers = (text: string) =>
  text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((n) => Number(n.replace(',', '.')))

function asSaid(item: DrawerItem): NewDrawerItem {
  const { label, kind, colour, marking, second, ink, place, pieces, amount, low } = item
  const { useBy, barbs, lengthMm, hookSize, note } = item
  return {
    label,
    kind,
    colour,
    marking,
    second,
    ink,
    place,
    pieces,
    amount,
    low,
    useBy,
    barbs,
    lengthMm,
    hookSize,
    note,
  }
}

function Typed({
  label,
  value,
  most = 80,
  beside,
  onChange,
}: {
  label: string
  value: string
  most?: number
  beside?: ReactNode
  onChange: (value: string) => void
}) {
  return (
    <span className="flex items-center justify-between gap-2">
      <label className="flex min-w-0 flex-1 items-center justify-between gap-2">
        <span className="text-soft">{label}</span>
        <input
          value={value}
          maxLength={most}
          onChange={(e) => onChange(e.target.value)}
          className="border-edge bg-leaf w-44 min-w-0 rounded border px-2 py-1 pointer-coarse:min-h-11"
        />
      </label>
      {beside}
    </span>
  )
}

function Figure({
  label,
  value,
  onChange,
}: {
  label: string
  value: number
  onChange: (value: number) => void
}) {
  const [draft, setDraft] = useState(String(value))
  return (
    <label className="flex items-center justify-between gap-2">
      <span className="text-soft">{label}</span>
      <input
        inputMode="decimal"
        value={draft}
        onChange={(e) => {
          setDraft(e.target.value)
          const typed = Number(e.target.value.replace(',', '.') || NaN)
          if (Number.isFinite(typed)) onChange(typed)
        }}
        className="border-edge bg-leaf w-24 rounded border px-2 py-1 text-right tabular-nums pointer-coarse:min-h-11"
      />
    </label>
  )
}

/** A feather is held to the screen, and the bar made as long as its barbs. */
function Gauge({ onMeasured }: { onMeasured: (mm: number) => void }) {
  const scale = useStore(pxPerMm)
  const [mm, setMm] = useState(8)
  if (scale === 0) {
    return (
      <p className="text-soft text-sm">
        Once the screen is calibrated (true size, on the bench), barbs can be held to it here.
      </p>
    )
  }
  return (
    <div className="my-1">
      <label className="flex items-center gap-2">
        <span className="text-soft">held to the screen</span>
        <input
          type="range"
          min={2}
          max={30}
          step={0.1}
          value={mm}
          onChange={(e) => setMm(Number(e.target.value))}
          className="accent-tide flex-1"
        />
        <span className="w-16 text-right tabular-nums">{mm.toFixed(1)} mm</span>
        <Button onClick={() => onMeasured(mm)}>add</Button>
      </label>
      <span
        aria-hidden
        className="border-ink block h-4 border-x-2 border-t"
        style={{ width: mm * scale }}
      />
    </div>
  )
}
