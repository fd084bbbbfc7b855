import { Suspense, lazy, useEffect, useRef, useState } from 'react'
import type { PartKind, PatternDocument, PatternResource, Style } from '../api/types'
import { useMe } from '../api/useMe'
import type { Opened } from './benchCommands'
import { Heading } from './Heading'
import { useAutosave } from './useAutosave'
import { Vise } from './Vise'

// Loaded when it is needed, as all windows are.
const ConflictDialog = lazy(() =>
  import('./ConflictDialog').then((m) => ({ default: m.ConflictDialog })),
)

type Props = {
  opened: PatternResource
  styles: Style[]
  kinds: PartKind[]
  onSaved: () => void
  onCopy: () => void
  /** Keeps this version as a pattern of its own; told once it is kept. */
  onKeepBoth: (mine: PatternDocument, kept: () => void) => void
  onDelete: () => void
  favourite: boolean
  onFavourite: (on: boolean) => void
}

/** The bench: one pattern, kept as it is changed, and the fly in the vise. */
export function Bench(props: Props) {
  const { opened, styles, kinds, favourite } = props
  const { onSaved, onCopy, onKeepBoth, onDelete, onFavourite } = props
  const { mayChange } = useMe()
  const saving = useAutosave(opened, mayChange)
  const { document, state, kept: stored, change, step, resolve, retry } = saving
  const [window_, open] = useState<Opened>()
  const { name, style, hook } = stored.document.pattern
  const listed = `${name} ${style} ${hook.size}`
  const wasListed = useRef(listed)
  useEffect(() => {
    if (wasListed.current === listed) return
    wasListed.current = listed
    onSaved()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- only when the list says otherwise
  }, [listed])
  return (
    <main id="main" tabIndex={-1} className="flex flex-1 flex-col">
      <Heading
        document={document}
        state={state}
        styles={styles}
        id={opened.id}
        steps={stored}
        onStep={(way) => void step(way)}
        onChange={change}
        onCopy={onCopy}
        onDelete={onDelete}
        onNotes={() => open('notes')}
        favourite={favourite}
        onFavourite={onFavourite}
        onRetry={retry}
      />
      <Vise
        id={opened.id}
        document={document}
        styles={styles}
        kinds={kinds}
        change={change}
        step={step}
        opened={window_}
        open={open}
        onCopy={onCopy}
      />
      {state.kind === 'changed-elsewhere' && (
        <Suspense>
          <ConflictDialog
            mine={document}
            stored={state.stored}
            onMine={() => resolve('mine', state.stored)}
            onTheirs={() => resolve('theirs', state.stored)}
            onBoth={() => {
              const { stored: theirs } = state
              onKeepBoth(renamed(document), () => resolve('theirs', theirs))
            }}
          />
        </Suspense>
      )}
    </main>
  )
}

function renamed(document: PatternDocument): PatternDocument {
  const name = `${document.pattern.name.slice(0, 70)}, mine`
  return { ...document, pattern: { ...document.pattern, name } }
}
