import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changeRule, copySchool, deleteSchool, listSchools, restoreDeleted } from '../api/client'
import type { Rule, School } from '../api/types'
import { part, whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { Pick } from '../ui/Pick'
import { notify } from '../shell/notices'
import { Page } from '../shell/Page'
import { Wide } from '../ui/Wide'

/** Styles of dressing: read their rules, copy one, and change the copy as a style of one's own. */
export function Styles() {
  const client = useQueryClient()
  const schools = useQuery({ queryKey: ['schools'], queryFn: listSchools, staleTime: Infinity })
  const [id, setId] = useState('upright-collar')
  const [label, setLabel] = useState('')
  const [failed, setFailed] = useState('')
  const school = schools.data?.find((s) => s.id === id) ?? schools.data?.[0]
  const attempt = (action: Promise<School | undefined>) => {
    action
      .then(async (changed) => {
        setFailed('')
        await client.invalidateQueries({ queryKey: ['schools'] })
        setId(changed?.id ?? 'upright-collar')
      })
      .catch((e: Error) => setFailed(whatWentWrong(e)))
  }
  const remove = ({ id: gone, label: name }: School) =>
    attempt(
      deleteSchool(gone).then(() => {
        notify(`${name} is deleted.`, async () => {
          await restoreDeleted('STYLE', gone)
          await client.invalidateQueries({ queryKey: ['schools'] })
        })
        return undefined
      }),
    )
  if (!school) return <Page title="Styles">Opening…</Page>
  return (
    <Page title="Styles">
      <p className="text-soft mb-3">
        Each rule with its default, its usual range and a tier’s words. All of it is common practice
        with no source. What a style leaves open follows the common rules.
      </p>
      <div className="mb-4 flex flex-wrap items-center gap-4">
        <Pick
          label="style"
          value={school.id}
          options={(schools.data ?? []).map((s) => [s.id, s.label] as const)}
          onChange={setId}
        />
        <label className="flex items-center gap-2">
          <span className="text-soft">name of copy</span>
          <input
            value={label}
            maxLength={60}
            onChange={(e) => setLabel(e.target.value)}
            className="border-edge bg-leaf rounded border px-2"
          />
        </label>
        <Button
          onClick={() => {
            attempt(copySchool(school.id, label))
            setLabel('')
          }}
        >
          Make a house style
        </Button>
        {school.house && <Button onClick={() => remove(school)}>Delete {school.label}</Button>}
      </div>
      {failed && (
        <p role="alert" className="text-warn mb-2">
          {failed}
        </p>
      )}
      <Wide>
        <table className="w-full">
          <thead>
            <tr className="border-rule border-b text-left">
              {['part', 'what', 'default', 'from', 'to', 'of', 'in words'].map((h) => (
                <th key={h} scope="col" className="text-soft py-1 pr-4 font-normal">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {school.rules.map((rule) => (
              <RuleRow
                key={`${school.id} ${rule.part} ${rule.dimension}`}
                rule={rule}
                fixed={!school.house}
                onChange={(to) => attempt(changeRule(school.id, to))}
              />
            ))}
          </tbody>
        </table>
      </Wide>
    </Page>
  )
}

function RuleRow({
  rule,
  fixed,
  onChange,
}: {
  rule: Rule
  fixed: boolean
  onChange: (to: Rule) => void
}) {
  const [draft, setDraft] = useState(rule)
  const cell = (field: 'value' | 'low' | 'high' | 'words') =>
    fixed ? (
      rule[field]
    ) : (
      <input
        aria-label={`${part(rule.part)} ${rule.dimension}: ${field}`}
        value={draft[field]}
        onChange={(e) => setDraft({ ...draft, [field]: e.target.value })}
        onBlur={() => draft[field] !== rule[field] && onChange(draft)}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
        className={`border-edge bg-leaf rounded border px-1 ${field === 'words' ? 'w-full' : 'w-24'}`}
      />
    )
  return (
    <tr className="border-rule border-b">
      <th scope="row" className="py-1 pr-4 text-left font-semibold">
        {part(rule.part)}
      </th>
      <td className="pr-4">{rule.dimension.replace('-', ' ')}</td>
      <td className="pr-4 tabular-nums">{cell('value')}</td>
      <td className="pr-4 tabular-nums">{cell('low')}</td>
      <td className="pr-4 tabular-nums">{cell('high')}</td>
      <td className="pr-4">{rule.reference.replace('-', ' ')}</td>
      <td>{cell('words')}</td>
    </tr>
  )
}
