import { Check, Menu } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { Suspense, lazy, useState } from 'react'
import { useNavigate } from 'react-router'
import { type Me, forgetHere, signOut } from '../api/people'
import { inClub } from '../api/room'
import { flushAll } from '../save/queues'
import { MENU, MENU_ITEM } from '../ui/menu'
import { type TextSize, type Theme, letterKeys, textSize, theme } from './settings'
import { useStore } from '../ui/store'
import { attempt } from './problems'
import { useMe } from '../api/useMe'

const Glossary = lazy(() => import('./Glossary').then((m) => ({ default: m.Glossary })))

const THEMES: [Theme, string][] = [
  ['auto', 'as this device has it'],
  ['light', 'light'],
  ['dark', 'dark'],
]
const SIZES: [TextSize, string][] = [
  ['normal', 'normal text'],
  ['large', 'large text'],
  ['largest', 'largest text'],
]

/** What is asked for now and then: words, looks, keys, what was deleted, about. */
export function More() {
  const navigate = useNavigate()
  const [words, setWords] = useState(false)
  const keys = useStore(letterKeys)
  const { person } = useMe()
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label="More"
          title="More"
          className="bg-leaf border-edge hover:border-tide flex items-center rounded-md border px-2 py-1.5 pointer-coarse:min-h-11 pointer-coarse:min-w-11"
        >
          <Menu size={18} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" className={MENU}>
            <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setWords(true)}>
              What the words mean
            </DropdownMenu.Item>
            <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/?tour')}>
              Show me around
            </DropdownMenu.Item>
            {person && <Among person={person} />}
            <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/deleted')}>
              Lately deleted
            </DropdownMenu.Item>
            <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/about')}>
              About
            </DropdownMenu.Item>
            <DropdownMenu.Separator className="bg-rule my-1 h-px" />
            <Radio options={THEMES} value={useStore(theme)} onChange={(v) => theme.set(v)} />
            <DropdownMenu.Separator className="bg-rule my-1 h-px" />
            <Radio options={SIZES} value={useStore(textSize)} onChange={(v) => textSize.set(v)} />
            <DropdownMenu.Separator className="bg-rule my-1 h-px" />
            <DropdownMenu.CheckboxItem
              className={MENU_ITEM}
              checked={keys}
              onCheckedChange={(on) => letterKeys.set(on)}
            >
              <Mark /> single-letter keys
            </DropdownMenu.CheckboxItem>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {words && (
        <Suspense>
          <Glossary onClose={() => setWords(false)} />
        </Suspense>
      )}
    </>
  )
}

/** Where people share it: who is here, who changed what, one's own account, the way out. */
function Among({ person }: { person: NonNullable<Me['person']> }) {
  const navigate = useNavigate()
  const goOut = () =>
    attempt(async () => {
      await flushAll()
      await signOut()
      forgetHere()
      window.location.assign('/')
    })
  return (
    <>
      <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/people')}>
        People
      </DropdownMenu.Item>
      {inClub && (
        <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/changes')}>
          Who changed what
        </DropdownMenu.Item>
      )}
      <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void navigate('/you')}>
        You: {person.name}
      </DropdownMenu.Item>
      <DropdownMenu.Item className={MENU_ITEM} onSelect={() => void goOut()}>
        Sign out
      </DropdownMenu.Item>
      <DropdownMenu.Separator className="bg-rule my-1 h-px" />
    </>
  )
}

function Mark() {
  return (
    <span className="inline-block w-4">
      <DropdownMenu.ItemIndicator>
        <Check size={16} aria-hidden />
      </DropdownMenu.ItemIndicator>
    </span>
  )
}

function Radio<T extends string>({
  options,
  value,
  onChange,
}: {
  options: [T, string][]
  value: T
  onChange: (value: T) => void
}) {
  return (
    <DropdownMenu.RadioGroup value={value} onValueChange={(v) => onChange(v as T)}>
      {options.map(([option, words]) => (
        <DropdownMenu.RadioItem key={option} value={option} className={MENU_ITEM}>
          <Mark /> {words}
        </DropdownMenu.RadioItem>
      ))}
    </DropdownMenu.RadioGroup>
  )
}
