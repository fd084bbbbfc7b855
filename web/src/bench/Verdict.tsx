/** How it sits, large; what else it might do, small. */
export function Verdict({ words }: { words: string }) {
  const end = words.indexOf('. ')
  const first = end < 0 ? words : words.slice(0, end + 1)
  return (
    <>
      <span className="font-serif text-2xl max-sm:text-xl">{first}</span>{' '}
      <span>{words.slice(first.length)}</span>
    </>
  )
}
