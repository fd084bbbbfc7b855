import { Toast } from 'radix-ui'
import { notices } from './notices'
import { attempt } from './problems'
import { useStore } from '../ui/store'

const TEN_SECONDS = 10_000

/** What was done last, for as long as it can be taken back at once. */
export function Notices() {
  const notice = useStore(notices)
  return (
    <Toast.Provider swipeDirection="down" duration={TEN_SECONDS}>
      {notice && (
        <Toast.Root
          key={notice.key}
          onOpenChange={(open) => !open && notices.get() === notice && notices.set(undefined)}
          className="bg-ink text-paper flex items-center justify-between gap-4 rounded-lg px-4 py-3"
        >
          <Toast.Title>{notice.words}</Toast.Title>
          {notice.undo && (
            <Toast.Action
              altText={`Undo: ${notice.words}`}
              className="min-h-6 underline pointer-coarse:min-h-11"
              onClick={() => void attempt(notice.undo as () => Promise<unknown>)}
            >
              Undo
            </Toast.Action>
          )}
        </Toast.Root>
      )}
      <Toast.Viewport className="fixed bottom-4 left-1/2 z-50 w-[min(24rem,94vw)] -translate-x-1/2 print:hidden" />
    </Toast.Provider>
  )
}
