import type { PatternDocument } from '../api/types'
import { pxPerMm } from '../parts/calibration'
import { printPicture } from '../parts/picture'
import { UNITS, type Unit, unit } from '../parts/units'
import type { Command } from '../shell/Commands'
import type { Looks } from '../drawing/DrawingBar'
import { nameOfPart } from '../parts/document'

/** Windows that open over the bench. */
export type Opened = 'goals' | 'commands' | 'keys' | 'calibrate' | 'notes' | 'picture'

type Doing = {
  id: string
  looks: Looks
  setLooks: (looks: Looks) => void
  open: (what: Opened) => void
  undo: () => void
  redo: () => void
  play: () => void
  copy: () => void
  go: (path: string) => void
  document: PatternDocument
  choose: (part: string) => void
}

/** All that can be done on the bench, for keys and for the command field. */
export function benchCommands(b: Doing): Command[] {
  const camera = (to: Looks['camera']) => () => b.setLooks({ ...b.looks, camera: to })
  const parts = b.document.pattern.parts
  return [
    { name: 'suggest changes for a goal', keys: 'a', run: () => b.open('goals') },
    { name: 'open command list', keys: 'Ctrl+K', run: () => b.open('commands') },
    { name: 'list all keys', keys: '?', run: () => b.open('keys') },
    { name: 'undo', keys: 'Ctrl+Z', run: b.undo },
    { name: 'redo', keys: 'Ctrl+Y', run: b.redo },
    { name: 'see it from the side', keys: 's', run: camera('side') },
    { name: 'see it head-on', keys: 'h', run: camera('head-on') },
    { name: 'see it from above', keys: 'u', run: camera('above') },
    { name: 'see it from below', keys: 'b', run: camera('below') },
    { name: 'turn it in three dimensions', keys: 'd', run: camera('free') },
    { name: 'watch it settle', keys: 'p', run: b.play },
    {
      name: 'millimetre grid on or off',
      keys: 'g',
      run: () => b.setLooks({ ...b.looks, grid: !b.looks.grid }),
    },
    {
      name: 'true size on or off',
      keys: 't',
      run: () =>
        pxPerMm.get() > 0
          ? b.setLooks({ ...b.looks, trueSize: !b.looks.trueSize })
          : b.open('calibrate'),
    },
    { name: 'calibrate true size', run: () => b.open('calibrate') },
    ...(Object.keys(UNITS) as Unit[]).map((u) => ({
      name: `show lengths in ${UNITS[u]}`,
      run: () => unit.set(u),
    })),
    { name: 'compare dressings', keys: 'c', run: () => b.go(`/bench/${b.id}/compare`) },
    { name: 'size run', keys: 'r', run: () => b.go(`/bench/${b.id}/sizes`) },
    { name: 'float over time', keys: 'o', run: () => b.go(`/bench/${b.id}/time`) },
    { name: 'bench card, step by step', keys: 'k', run: () => b.go(`/bench/${b.id}/card`) },
    { name: 'tie it, hands-free', keys: 'v', run: () => b.go(`/bench/${b.id}/tie`) },
    { name: 'the log of tied flies', run: () => b.go('/log') },
    { name: 'the book', run: () => b.go('/book') },
    { name: 'materials', run: () => b.go('/materials') },
    { name: 'hooks', run: () => b.go('/hooks') },
    { name: 'styles', run: () => b.go('/styles') },
    { name: 'notes to this pattern', run: () => b.open('notes') },
    { name: 'copy this fly', run: b.copy },
    { name: 'about this application', run: () => b.go('/about') },
    { name: 'print', run: () => window.print() },
    { name: 'print the fly alone', run: () => printPicture(b.document.pattern.name) },
    { name: 'save its picture', run: () => b.open('picture') },
    { name: 'change the hook', run: () => b.choose('hook') },
    { name: 'change the water', run: () => b.choose('water') },
    ...parts.map((_, i) => ({
      name: `change the ${nameOfPart(parts, i).replaceAll('-', ' ')}`,
      run: () => b.choose(nameOfPart(parts, i)),
    })),
  ]
}
