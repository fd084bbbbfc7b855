import { useEffect, useState } from 'react'
import { gaugeBarbs } from '../api/drawer'
import type { Place } from '../api/types'
import { Marked } from '../log/Marked'
import { whatWentWrong } from '../parts/words'
import { Button } from '../ui/Button'
import { FileButton, PICTURE_FILE } from '../ui/FileButton'
import { Stepper } from '../ui/Stepper'

/** Barbs measured on a photograph of feathers, by a known length that lies beside them. */
export function BarbPhoto({ onMeasured }: { onMeasured: (mm: number[]) => void }) {
  const [source, setSource] = useState('')
  const [knownMm, setKnownMm] = useState(10)
  const [marks, setMarks] = useState<Place[]>([])
  const [failed, setFailed] = useState('')
  useEffect(() => () => URL.revokeObjectURL(source), [source])
  const lines = pairs(marks)
  const [known, ...barbs] = lines
  const measure = async () => {
    if (!known) return
    try {
      const measured = await gaugeBarbs({ knownMm, known, barbs })
      onMeasured(measured.map((m) => m.mm))
      setMarks(marks.slice(0, 2))
      setFailed('')
    } catch (e) {
      setFailed(whatWentWrong(e))
    }
  }
  return (
    <div className="my-1">
      <div className="flex flex-wrap items-center gap-3">
        <FileButton
          label="A photograph of feathers"
          accept={PICTURE_FILE}
          onFile={(file) => {
            setSource(URL.createObjectURL(file))
            setMarks([])
          }}
        >
          {source ? 'another photograph' : 'from a photograph…'}
        </FileButton>
        {source && (
          <Stepper
            label="the known length"
            value={knownMm}
            step={1}
            low={1}
            high={500}
            unit="mm"
            onChange={setKnownMm}
          />
        )}
      </div>
      {source && (
        <>
          <p role="status" className="my-1">
            {wanted(marks.length)}
          </p>
          <Marked
            source={source}
            of="feathers"
            dots={marks.map((at, i) => ({
              name: i < 2 ? 'known' : `barb ${Math.floor(i / 2)}`,
              at,
              moved: (to: Place) => marks.with(i, to),
            }))}
            onPlace={(at) => setMarks([...marks, at])}
            onMove={setMarks}
          />
          <p className="mt-1 flex gap-3">
            <Button disabled={barbs.length === 0} onClick={() => void measure()}>
              {barbs.length === 1 ? 'measure this barb' : `measure ${barbs.length || 'the'} barbs`}
            </Button>
            <Button disabled={marks.length === 0} onClick={() => setMarks(marks.slice(0, -1))}>
              take the last mark back
            </Button>
          </p>
        </>
      )}
      {failed && (
        <p role="alert" className="text-warn">
          {failed}
        </p>
      )}
    </div>
  )
}

/** What is marked next. */
function wanted(marks: number): string {
  if (marks < 2) {
    return `Mark the ${marks === 0 ? 'one' : 'other'} end of the known length, such as a centimetre of a ruler that lies beside the feathers.`
  }
  return marks % 2 === 0 ? 'Mark where a barb begins, at the stem.' : 'Mark its tip.'
}

function pairs(marks: Place[]): { from: Place; to: Place }[] {
  return marks.flatMap((to, i) => {
    const from = marks[i - 1]
    return i % 2 === 1 && from ? [{ from, to }] : []
  })
}
