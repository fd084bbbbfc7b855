import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { importLooks, listPractice } from '../api/practice'
import { address } from '../api/room'
import type { DrillName, Eye, Practice as Known } from '../api/types'
import { dayWords } from '../parts/flies'
import { say } from '../parts/units'
import { whatWentWrong } from '../parts/words'
import { notify } from '../shell/notices'
import { Page } from '../shell/Page'
import { attempt } from '../shell/problems'
import { Button } from '../ui/Button'
import { FileButton } from '../ui/FileButton'
import { Pick } from '../ui/Pick'
import { useStore } from '../ui/store'
import { Curve } from './Curve'
import { SetFor } from './SetFor'
import { DRILLS, addressOf, leftOut } from './words'

/** No name is a blank. */
const OWN = ' '

/** Practice for the eye: what it sees, how that went on, and five minutes more. */
export function Practice() {
  const client = useQueryClient()
  const [query, setQuery] = useSearchParams()
  const person = query.get('for') ?? ''
  const known = useQuery({
    queryKey: ['practice', person],
    queryFn: () => listPractice(person),
    staleTime: 0,
  })
  const [setting, setSetting] = useState(false)
  const bringIn = (file: File) =>
    void attempt(async () => {
      const { added } = await importLooks(file)
      await client.invalidateQueries({ queryKey: ['practice'] })
      notify(added === 1 ? '1 look was added.' : `${added} looks were added.`)
    })
  const all = known.data
  return (
    <Page title="Practice">
      <p className="flex flex-wrap items-center gap-3">
        <Link
          to={addressOf({ only: [], each: 0, person, large: false })}
          className="bg-tide text-paper inline-flex min-h-11 items-center rounded-md px-5 py-1.5 text-lg"
        >
          Practise for five minutes
        </Link>
        <span className="text-soft min-w-60 flex-1">
          Made of your book and your drawer; what your hands do again and again comes first.
        </span>
      </p>
      {known.error && <p role="alert">{whatWentWrong(known.error)}</p>}
      {all && (
        <>
          {all.people.length > 0 && (
            <div className="my-3 max-w-md">
              <Pick
                label="whose eye"
                value={person || OWN}
                options={[[OWN, 'my own'], ...all.people.map((name) => [name, name] as const)]}
                onChange={(name) => setQuery(name === OWN ? {} : { for: name }, { replace: true })}
              />
            </div>
          )}
          <Drills known={all} person={person} />
        </>
      )}
      <p className="mt-6 flex flex-wrap items-center gap-3">
        <Button onClick={() => setSetting(true)} disabled={!all}>
          Set practice for somebody…
        </Button>
        <a className="underline" href={address('/api/practice/looks.csv')} download>
          all looks as CSV
        </a>
        <FileButton label="CSV of looks to import" accept=".csv,text/csv" onFile={bringIn}>
          Import CSV
        </FileButton>
      </p>
      {all && (
        <SetFor
          possible={all.drills.filter((d) => d.possible).map((d) => d.drill)}
          open={setting}
          onClose={() => setSetting(false)}
        />
      )}
    </Page>
  )
}

function Drills({ known, person }: { known: Known; person: string }) {
  const without = useStore(leftOut)
  const toggle = (drill: DrillName, on: boolean) =>
    leftOut.set(on ? without.filter((d) => d !== drill) : [...without, drill])
  return (
    <ul className="my-3 grid gap-x-8 gap-y-5 lg:grid-cols-2">
      {known.drills.map(({ drill, visual, glance, possible }) => {
        const { name, does } = DRILLS[drill]
        const eyes = known.eyes.filter((e) => e.drill === drill)
        const practised = eyes.filter((e) => e.looks > 0)
        const fresh = eyes.length - practised.length
        return (
          <li key={drill} className="border-rule border-t pt-2" data-drill={drill}>
            <h2 className="font-serif text-xl font-semibold">{name}</h2>
            <p className="text-soft">
              {does}
              {glance && ' Needs a glance: it shows for a moment only.'}
              {visual && ' For the eye alone: words cannot stand for it.'}
            </p>
            <p className="my-1 flex flex-wrap items-center gap-x-4">
              <label className="flex items-center gap-2 pointer-coarse:min-h-11">
                <input
                  type="checkbox"
                  className="accent-tide size-5"
                  checked={!without.includes(drill)}
                  onChange={(e) => toggle(drill, e.target.checked)}
                  aria-label={`practise ${name}`}
                />
                in my five minutes
              </label>
              {possible ? (
                <>
                  <Link
                    className="underline"
                    to={addressOf({ only: [drill], each: 10, person, large: false })}
                  >
                    ten of it now
                  </Link>
                  <Link
                    className="underline"
                    to={addressOf({ only: [drill], each: 0, person: '', large: true })}
                  >
                    show it large
                  </Link>
                </>
              ) : (
                <span className="text-soft">
                  {LACKS[drill] ?? 'Put patterns into the book first.'}
                </span>
              )}
            </p>
            {practised.map((e) => (
              <Seen key={e.skill} eye={e} />
            ))}
            {fresh > 0 && possible && (
              <p className="text-soft text-base">
                {practised.length === 0 ? 'Not practised yet: ' : 'Not yet: '}
                {eyes
                  .filter((e) => e.looks === 0)
                  .map((e) => e.of.replace('-', ' '))
                  .join(', ')}
                .
              </p>
            )}
          </li>
        )
      })}
    </ul>
  )
}

const LACKS: Partial<Record<DrillName, string>> = {
  WHICH_FEATHER: 'Measure the barbs of four feathers in the drawer first.',
  ROOM_LEFT: 'Put a fly with a collar in front of a wing into the book first.',
}

function Seen({ eye }: { eye: Eye }) {
  return (
    <div
      className="my-2 grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3"
      data-skill={eye.skill}
    >
      <div>
        <p>{say(eye.words)}</p>
        {eye.hands && <p className="text-soft">{say(eye.hands)}</p>}
        {eye.curve.length > 0 && (
          <p className="text-soft text-base">
            {eye.looks} looks ·{' '}
            {eye.isDue ? 'due now' : eye.due ? `again ${dayWords(eye.due)}` : 'too few looks yet'}
          </p>
        )}
      </div>
      <div className="w-40 max-sm:w-28">
        <Curve eye={eye} />
      </div>
    </div>
  )
}
