import { useQuery } from '@tanstack/react-query'
import { getPattern, listPatterns } from '../api/client'
import type { Flies } from '../api/types'
import { Pick } from '../ui/Pick'
import { Stepper } from '../ui/Stepper'

/** Which flies: of the book, on which hook, in which colours. */
export function FliesFields({
  flies,
  onChange,
}: {
  flies: Flies | undefined
  onChange: (flies: Flies) => void
}) {
  const patterns = useQuery({ queryKey: ['patterns'], queryFn: listPatterns })
  const whole = useQuery({
    queryKey: ['pattern-colours', flies?.pattern],
    queryFn: () => getPattern(flies?.pattern ?? ''),
    enabled: Boolean(flies),
  })
  const colourings = whole.data?.document.pattern.colourings ?? []
  return (
    <>
      <Pick
        label="pattern"
        value={flies?.pattern ?? ''}
        placeholder="choose one"
        options={(patterns.data ?? []).map((p) => [p.id, `${p.name} ${p.hookSize}`] as const)}
        onChange={(id) => {
          const p = patterns.data?.find((one) => one.id === id)
          if (p) onChange({ pattern: id, name: p.name, size: p.hookSize, colouring: '' })
        }}
      />
      {flies && (
        <Stepper
          label="hook size"
          value={flies.size}
          step={2}
          low={2}
          high={32}
          onChange={(size) => onChange({ ...flies, size })}
        />
      )}
      {flies && colourings.length > 0 && (
        <Pick
          label="colours"
          value={flies.colouring || '-'}
          options={[['-', 'its own'], ...colourings.map((c) => [c.name, c.name] as const)]}
          onChange={(c) => onChange({ ...flies, colouring: c === '-' ? '' : c })}
        />
      )}
    </>
  )
}
