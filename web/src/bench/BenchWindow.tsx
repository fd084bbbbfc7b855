import { Suspense, lazy } from 'react'
import type { PatternDocument } from '../api/types'
import type { Command } from '../shell/Commands'
import type { Pictured } from '../picture/SavePicture'
import type { Written } from './Notes'
import type { Opened } from './benchCommands'

// Windows are loaded when they are opened.
const Calibrate = lazy(() => import('../drawing/Calibrate').then((m) => ({ default: m.Calibrate })))
const Commands = lazy(() => import('../shell/Commands').then((m) => ({ default: m.Commands })))
const Keys = lazy(() => import('../shell/Commands').then((m) => ({ default: m.Keys })))
const Goals = lazy(() => import('./Goals').then((m) => ({ default: m.Goals })))
const SavePicture = lazy(() =>
  import('../picture/SavePicture').then((m) => ({ default: m.SavePicture })),
)
const Notes = lazy(() => import('./Notes').then((m) => ({ default: m.Notes })))

type Props = {
  which: Opened | undefined
  document: PatternDocument
  commands: Command[]
  /** Nothing until there is something to see. */
  pictured: Pictured | undefined
  onGoal: (next: PatternDocument) => void
  onNotes: (written: Written) => void
  onClose: () => void
}

/** The one window that may be open over the bench. */
export function BenchWindow(props: Props) {
  const { which, document, commands, pictured, onGoal, onNotes, onClose } = props
  return (
    <Suspense>
      {which === 'goals' && <Goals open fly={document} onApply={onGoal} onClose={onClose} />}
      {which === 'commands' && <Commands open commands={commands} onClose={onClose} />}
      {which === 'keys' && <Keys open commands={commands} onClose={onClose} />}
      {which === 'calibrate' && <Calibrate open onClose={onClose} />}
      {which === 'picture' && pictured && (
        <SavePicture document={document} {...pictured} onClose={onClose} />
      )}
      {which === 'notes' && (
        <Notes
          value={{
            notes: document.pattern.notes ?? '',
            visitor: document.pattern.for ?? '',
            asked: document.pattern.asked ?? '',
          }}
          onChange={onNotes}
          onClose={onClose}
        />
      )}
    </Suspense>
  )
}
