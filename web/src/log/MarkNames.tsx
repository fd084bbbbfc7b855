import { Button } from '../ui/Button'

/** What is to be marked next, and every mark by name, to be marked again. */
export function MarkNames<Name extends string>({
  names,
  marked,
  next,
  onNext,
}: {
  names: readonly Name[]
  marked: Partial<Record<Name, unknown>>
  next: string | undefined
  onNext: (name: Name) => void
}) {
  return names.map((name) => (
    <Button
      key={name}
      aria-pressed={next === name}
      className="aria-pressed:bg-tide aria-pressed:text-paper"
      onClick={() => onNext(name)}
    >
      {name}
      {marked[name] ? ' ✓' : ''}
    </Button>
  ))
}

/** The server refuses more; a browser need not send 40 MB to learn that. */
const MOST_BYTES = 12_000_000

/** Why a picture is not sent at all; nothing if it may be. */
export function tooLarge(picture: File): string | undefined {
  return picture.size > MOST_BYTES
    ? `The picture has ${Math.round(picture.size / 1e6)} MB; at most 12 MB are kept. Make it smaller: 2,000 px across is plenty.`
    : undefined
}
