import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { deleteHook, listHooks, matchNatural, measureHook, restoreDeleted } from '../api/client'
import type { HookView, NewHook } from '../api/types'
import { ORDERS, STAGES } from '../parts/naturals'
import { length, unit } from '../parts/units'
import { whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { Choice } from '../ui/Choice'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'
import { notify } from '../shell/notices'
import { Page, Table } from '../shell/Page'
import { DrawerNav } from './DrawerNav'
import { TableFile } from './TableFile'
import { UnitChoice } from '../shell/UnitChoice'
import { useStore } from '../ui/store'

const HEAD = ['shank', 'gap', 'wire', 'eye', 'weight']

/** Hooks: which one for a natural, the tier's own, and the catalogue. */
export function Hooks() {
  useStore(unit)
  const hooks = useQuery({ queryKey: ['hooks'], queryFn: listHooks })
  return (
    <Page title="Hooks">
      <DrawerNav />
      <div className="grid gap-8 *:min-w-0 lg:grid-cols-2">
        <MatchNatural />
        <OwnHooks hooks={hooks.data?.own ?? []} />
      </div>
      <TableFile of="hooks" />
      <h2 className="mt-8 font-serif text-2xl">Catalogue</h2>
      <p className="text-soft mb-2">
        Standard dry-fly hooks by shape and size, from memory: measure your own where it matters.
      </p>
      <div className="flex">
        <UnitChoice />
      </div>
      <Table
        head={['hook', ...HEAD]}
        rows={(hooks.data?.catalogue ?? []).map((h) => [
          `${h.size} ${h.shape.replace('-', ' ')}${h.extended ? ' (extrapolated)' : ''}`,
          ...dimensions(h),
        ])}
      />
    </Page>
  )
}

function dimensions(h: HookView): string[] {
  return [
    length(h.shankMm, 1, h),
    length(h.gapMm, 1, h),
    length(h.wireMm, 2, h),
    length(h.eyeMm, 2, h),
    `${h.massMg.toFixed(0)} mg`,
  ]
}

const SEXES = [
  ['MALE', 'male'],
  ['FEMALE', 'female'],
  ['UNKNOWN', 'not known'],
] as const

export type NaturalQuery = {
  order: (typeof ORDERS)[number][0]
  stage: (typeof STAGES)[number][0]
  sex: (typeof SEXES)[number][0]
  bodyMm: number
  tails: number
}

function MatchNatural() {
  const [natural, setNatural] = useState<NaturalQuery>({
    order: 'MAYFLY',
    stage: 'ADULT',
    sex: 'UNKNOWN',
    bodyMm: 8,
    tails: 2,
  })
  const change = (to: Partial<NaturalQuery>) => setNatural({ ...natural, ...to })
  const found = useQuery({
    queryKey: ['natural', natural],
    queryFn: () => matchNatural(natural),
    staleTime: Infinity,
  })
  return (
    <section aria-labelledby="natural">
      <h2 id="natural" className="font-serif text-2xl">
        A hook for a natural
      </h2>
      <div className="my-2 max-w-sm space-y-1">
        <Pick
          label="insect"
          value={natural.order}
          options={ORDERS}
          onChange={(order) => change({ order })}
        />
        <Choice
          label="stage"
          value={natural.stage}
          options={STAGES}
          onChange={(stage) => change({ stage })}
        />
        <Choice
          label="sex"
          value={natural.sex}
          options={SEXES}
          onChange={(sex) => change({ sex })}
        />
        <Stepper
          label="body without tails"
          value={natural.bodyMm}
          step={0.5}
          low={2}
          high={50}
          unit="mm"
          onChange={(bodyMm) => change({ bodyMm })}
        />
        <Stepper
          label="tails"
          value={natural.tails}
          step={1}
          low={0}
          high={3}
          onChange={(tails) => change({ tails })}
        />
      </div>
      {found.data && (
        <>
          <Table
            head={['', 'hook', 'shank', 'against the body']}
            rows={found.data.hooks.map((m) => [
              m.way === 'same-size' ? 'same size' : 'one smaller',
              `${m.hook.size} ${m.hook.shape}${steps(m.hook.lengthSteps)}`,
              length(m.hook.shankMm, 1, m.hook),
              `${m.longerBy >= 0 ? '+' : '−'}${Math.abs(m.longerBy * 100).toFixed(0)} %`,
            ])}
          />
          <p className="text-soft mt-2">
            Some match the natural; others go one smaller because the footprint reads larger than
            the fly. {natural.tails > 0 && `Two or three tail fibres match its ${natural.tails}; `}
            {natural.tails > 0 && 'four to six hold the fly up.'}
            {found.data.otherSexSize > 0 &&
              ` Females of some kinds run a size larger: for the ${natural.sex === 'MALE' ? 'female' : 'male'} a ${found.data.otherSexSize}.`}
          </p>
          {found.data.beyondTheTable && (
            <p className="text-warn">▲ No hook of the table has a shank near this body.</p>
          )}
        </>
      )}
    </section>
  )
}

function steps(lengthSteps: number): string {
  if (lengthSteps === 0) return ''
  return ` ${Math.abs(lengthSteps)}X ${lengthSteps > 0 ? 'long' : 'short'}`
}

const BLANK: NewHook = {
  name: '',
  size: 14,
  shape: 'straight',
  shankMm: 7.4,
  gapMm: 4,
  wireMm: 0.41,
  eyeMm: 0.94,
  tenMg: 0,
}

const MEASURES = [
  ['shankMm', 'shank', 0.1, 1, 40],
  ['gapMm', 'gap', 0.1, 0.5, 20],
  ['wireMm', 'wire', 0.01, 0.1, 2],
  ['eyeMm', 'eye, outside', 0.01, 0.2, 5],
] as const

function OwnHooks({ hooks }: { hooks: { id: string; hook: HookView; tenMg: number }[] }) {
  const client = useQueryClient()
  const [draft, setDraft] = useState(BLANK)
  const [failed, setFailed] = useState('')
  const refresh = () => client.invalidateQueries({ queryKey: ['hooks'] })
  const forget = (id: string, name: string) =>
    attempt(
      deleteHook(id).then(() =>
        notify(`${name} is deleted.`, async () => {
          await restoreDeleted('HOOK', id)
          await refresh()
        }),
      ),
    )
  const attempt = (action: Promise<unknown>) => {
    action
      .then(async () => {
        setFailed('')
        await refresh()
      })
      .catch((e: Error) => setFailed(whatWentWrong(e)))
  }
  return (
    <section aria-labelledby="own">
      <h2 id="own" className="font-serif text-2xl">
        Measured by you
      </h2>
      {hooks.length > 0 && (
        <Table
          head={['hook', ...HEAD, '']}
          rows={hooks.map(({ id, hook }) => [
            `${hook.name} (${hook.size})`,
            ...dimensions(hook),
            <Button
              key={id}
              aria-label={`delete ${hook.name}`}
              onClick={() => forget(id, hook.name)}
            >
              delete
            </Button>,
          ])}
        />
      )}
      <div className="my-2 max-w-sm space-y-1">
        <label className="flex justify-between gap-2">
          <span className="text-soft">name</span>
          <input
            value={draft.name}
            maxLength={80}
            onChange={(e) => setDraft({ ...draft, name: e.target.value })}
            className="border-edge bg-leaf rounded border px-2"
          />
        </label>
        <Stepper
          label="sold as size"
          value={draft.size}
          step={1}
          low={6}
          high={22}
          onChange={(size) => setDraft({ ...draft, size })}
        />
        <Choice
          label="shape"
          value={draft.shape}
          options={[
            ['straight', 'straight'],
            ['curved', 'curved'],
            ['short-curved', 'short curved'],
          ]}
          onChange={(shape) => setDraft({ ...draft, shape })}
        />
        {MEASURES.map(([key, label, step, low, high]) => (
          <Stepper
            key={key}
            label={label}
            value={draft[key]}
            step={step}
            low={low}
            high={high}
            unit="mm"
            onChange={(value) => setDraft({ ...draft, [key]: value })}
          />
        ))}
        <Stepper
          label="weight of 10 hooks (blank if not weighed)"
          value={draft.tenMg}
          step={1}
          low={0}
          high={20000}
          unit="mg"
          blank
          onChange={(tenMg) => setDraft({ ...draft, tenMg })}
        />
        <Button onClick={() => attempt(measureHook(draft).then(() => setDraft(BLANK)))}>
          Save this hook
        </Button>
        {failed && (
          <p role="alert" className="text-warn">
            {failed}
          </p>
        )}
      </div>
    </section>
  )
}
