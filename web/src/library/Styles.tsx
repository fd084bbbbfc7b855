import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changeRule, copyStyle, deleteStyle, listStyles, restoreDeleted } from '../api/client'
import type { Rule, Style } from '../api/types'
import { part, whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { Pick } from '../ui/Pick'
import { notify } from '../shell/notices'
import { Page } from '../shell/Page'
import { Wide } from '../ui/Wide'

/** Styles of dressing: read their rules, copy one, and change the copy as a style of one's own. */
export function Styles() {
  const client = useQueryClient()
  const styles = useQuery({ queryKey: ['styles'], queryFn: listStyles, staleTime: Infinity })
  const [id, setId] = useState('upright-collar')
  const [label, setLabel] = useState('')
  const [failed, setFailed] = useState('')
  const style = styles.data?.find((s) => s.id === id) ?? styles.data?.[0]
  const attempt = (action: Promise<Style | undefined>) => {
    action
      .then(async (changed) => {
        setFailed('')
        await client.invalidateQueries({ queryKey: ['styles'] })
        setId(changed?.id ?? 'upright-collar')
      })
      .catch((e: Error) => setFailed(whatWentWrong(e)))
  }
  const remove = ({ id: gone, label: name }: Style) =>
    attempt(
      deleteStyle(gone).then(() => {
        notify(`${name} is deleted.`, async () => {
          await restoreDeleted('STYLE', gone)
          await client.invalidateQueries({ queryKey: ['styles'] })
        })
        return undefined
      }),
    )
  if (!style) return <Page title="Styles">Opening…</Page>
  return (
    <Page title="Styles">
      <p className="text-soft mb-3">
        Each rule with its default, its usual range and a tier’s words. All of it is common practice
        with no source. What a style leaves open follows the common rules.
      </p>
      <div className="mb-4 flex flex-wrap items-center gap-4">
        <Pick
          label="style"
          value={style.id}
          options={(styles.data ?? []).map((s) => [s.id, s.label] as const)}
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
            attempt(copyStyle(style.id, label))
            setLabel('')
          }}
        >
          Make a house style
        </Button>
        {style.house && <Button onClick={() => remove(style)}>Delete {style.label}</Button>}
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
            {style.rules.map((rule) => (
              <RuleRow
                key={`${style.id} ${rule.part} ${rule.dimension}`}
                rule={rule}
                fixed={!style.house}
                onChange={(to) => attempt(changeRule(style.id, to))}
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
