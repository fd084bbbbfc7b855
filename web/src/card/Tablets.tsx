import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { listTablets, sendAway, showCode } from '../api/people'
import type { Schemas } from '../api/types'
import { whatWentWrong } from '../parts/words'
import { attempt } from '../shell/problems'
import { Button } from '../ui/Button'
import { Window } from '../ui/Window'

const ASK_MS = 1000

const key = (pattern: string) => ['tablets', pattern]

/** The tablets that follow this fly, and those that are waited for; asked while anybody might come. */
export function useTablets(pattern: string, asked: boolean) {
  const all = useQuery({
    queryKey: key(pattern),
    queryFn: () => listTablets(pattern),
    enabled: asked,
    refetchInterval: ASK_MS,
  })
  return (asked && all.data) || []
}

/** A code to scan with a tablet, which then follows this fly: next and back on either. */
export function Tablets({
  pattern,
  open,
  onClose,
}: {
  pattern: string
  open: boolean
  onClose: () => void
}) {
  return (
    <Window title="A tablet at the vise" open={open} onClose={onClose}>
      <Showing pattern={pattern} />
    </Window>
  )
}

function Showing({ pattern }: { pattern: string }) {
  const client = useQueryClient()
  const tablets = useTablets(pattern, true)
  const [code, setCode] = useState<Schemas['CodeView']>()
  const [failed, setFailed] = useState('')
  const show = () =>
    showCode(pattern).then(
      (shown) => {
        setFailed('')
        setCode(shown)
        void client.invalidateQueries({ queryKey: key(pattern) })
      },
      (why: unknown) => setFailed(whatWentWrong(why)),
    )
  const left = useLeft(code?.until)
  const came = tablets.some((t) => t.id === code?.id && t.since)
  const here = tablets.filter((t) => t.since)
  return (
    <div className="mt-2 grid gap-3">
      {failed && (
        <p role="alert" className="text-warn">
          {failed}
        </p>
      )}
      {came ? (
        <p role="status" className="text-lg">
          The tablet is here. It shows each step; next and back on either turn both.
        </p>
      ) : code && left > 0 ? (
        <>
          <p>
            Scan this with the tablet’s camera. It is good once, for {Math.ceil(left / 1000)} s
            more.
          </p>
          <svg
            viewBox={`0 0 ${code.size} ${code.size}`}
            className="mx-auto block w-[min(20rem,70vw)]"
            role="img"
            aria-label="Code to scan; the same is in the link below"
            shapeRendering="crispEdges"
            data-testid="code"
          >
            <rect width={code.size} height={code.size} fill="#fff" />
            <path d={code.squares} fill="#000" />
          </svg>
          <p className="text-soft text-sm break-all" data-testid="code-address">
            {code.address}
          </p>
        </>
      ) : (
        <p>
          {code
            ? 'That code is over; show another.'
            : 'A tablet or phone that stands at the vise shows the step you are at, in large words. It needs no account: it sees this fly alone, until you send it away or for a day.'}
        </p>
      )}
      {(came || !code || left <= 0) && (
        <Button className="justify-self-start" onClick={() => void show()}>
          {came || here.length > 0 ? 'Show a code for another' : 'Show a code'}
        </Button>
      )}
      {here.length > 0 && (
        <ul>
          {here.map((t, i) => (
            <li key={t.id} className="border-rule flex items-center gap-3 border-b py-1">
              <span className="flex-1">
                tablet {i + 1}, since{' '}
                {new Date(t.since ?? '').toLocaleTimeString('en-GB', {
                  hour: '2-digit',
                  minute: '2-digit',
                })}
              </span>
              <Button
                onClick={() =>
                  void attempt(async () => {
                    await sendAway(t.id)
                    await client.invalidateQueries({ queryKey: key(pattern) })
                  })
                }
              >
                send away
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}

/** Milliseconds until a moment, told each second. */
function useLeft(until: string | undefined) {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!until) return
    const tick = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(tick)
  }, [until])
  return until ? new Date(until).getTime() - now : 0
}
