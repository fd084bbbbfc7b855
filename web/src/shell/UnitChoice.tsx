import { UNITS, type Unit, unit } from '../parts/units'
import { Pick } from '../ui/Pick'
import { useStore } from '../ui/store'

/** In what lengths are shown, everywhere at once. */
export function UnitChoice() {
  return (
    <Pick
      label="units"
      value={useStore(unit)}
      options={(Object.keys(UNITS) as Unit[]).map((u) => [u, UNITS[u]] as const)}
      onChange={(u) => unit.set(u)}
    />
  )
}
