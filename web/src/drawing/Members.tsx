import type { Outline } from '../api/types'
import { barbs, fringe, fuzz, strands, turns } from '../scene/hairs'
import type { Look } from '../scene/looks'
import { FLAT } from '../scene/makings'
import { tube } from '../scene/paths'
import type { View } from '../scene/projection'

type Member = Outline['members'][number]

/** Lines closer together than this run into one, px. */
const APART_PX = 2.2

/** A body: its taper shaded round, with turns, bands, fringe, fuzz or shine as its material has. */
export function Wound({ member: m, view, look }: { member: Member; view: View; look: Look }) {
  const shape = tube(view, m.axis, m.radiiMm)
  const { turns: wound, stripe, fringeMm, fuzz: fuzzy, finish } = look.making
  const pitchPx = (wound?.pitchMm ?? 0) * view.scale
  const line = Math.max(0.5, 0.2 * pitchPx)
  const glossy = finish === 'metal' || finish === 'gloss'
  return (
    <>
      {fringeMm !== undefined && (
        <path
          d={fringe(view, m.axis, m.radiiMm, fringeMm)}
          fill="none"
          stroke={look.mixed ?? look.colour}
          strokeWidth={Math.max(0.5, view.scale * 0.016)}
          opacity="0.9"
        />
      )}
      <path d={shape} fill={look.colour} />
      {wound && stripe !== undefined && pitchPx > APART_PX && (
        <path
          d={turns(view, m.axis, m.radiiMm, wound.pitchMm)}
          fill="none"
          stroke={look.bars ?? 'var(--ink)'}
          strokeWidth={stripe * pitchPx}
          opacity={look.bars ? 0.9 : 0.5}
        />
      )}
      <path d={shape} fill="url(#round)" opacity="0.5" />
      {wound && stripe === undefined && pitchPx > APART_PX && (
        <path
          d={turns(view, m.axis, m.radiiMm, wound.pitchMm)}
          fill="none"
          stroke="#000"
          strokeWidth={line}
          opacity={0.25 + 0.5 * wound.line}
        />
      )}
      {look.mixed && (
        <path
          d={turns(view, m.axis, m.radiiMm, 0.3)}
          fill="none"
          stroke={look.mixed}
          strokeWidth={Math.max(0.8, view.scale * 0.06)}
          opacity="0.7"
        />
      )}
      {fuzzy !== undefined && (
        <path
          d={fuzz(view, m.axis, m.radiiMm, Math.round(fuzzy / 4))}
          fill="none"
          stroke={look.mixed ?? look.colour}
          strokeWidth={Math.max(0.5, view.scale * 0.016)}
          opacity="0.8"
        />
      )}
      {glossy && (
        <path
          d={tube(
            view,
            m.axis,
            m.radiiMm.map((r) => 0.16 * r),
          )}
          fill="#fff"
          transform={`translate(0 ${-0.45 * Math.max(...m.radiiMm) * view.scale})`}
          opacity={finish === 'metal' ? 0.55 : 0.3}
          pointerEvents="none"
        />
      )}
    </>
  )
}

/** A plume, tuft, feather or wing by its strands over a sheer envelope. */
export function Plume({
  member: m,
  view,
  look,
  stronger,
}: {
  member: Member
  view: View
  look: Look
  stronger: boolean
}) {
  const { making } = look
  const widest = Math.max(...m.radiiMm) * view.scale
  const fine = Math.max(0.5, view.scale * 0.012)
  if (making.feather) return <Feather member={m} view={view} look={look} stronger={stronger} />
  const dense = (making.strands ?? 10) / 11
  const count = Math.max(5, Math.min(23, Math.round((dense * widest) / 1.4)))
  return (
    <>
      <path d={tube(view, m.axis, m.radiiMm)} fill={look.colour} opacity={stronger ? 0.45 : 0.28} />
      {making.webMm !== undefined && (
        <path
          d={fuzz(view, m.axis, m.radiiMm, 7) + fringe(view, m.axis, m.radiiMm, 0.4 * making.webMm)}
          fill="none"
          stroke={look.colour}
          strokeWidth={fine}
          opacity="0.6"
        />
      )}
      <path
        d={strands(view, m.axis, m.radiiMm, count)}
        fill="none"
        stroke={look.colour}
        strokeWidth={Math.max(0.7, view.scale * 0.022)}
        strokeLinecap="round"
        opacity={stronger ? 1 : 0.85}
      />
      {look.mixed && (
        <path
          d={strands(view, m.axis, m.radiiMm, 5)}
          fill="none"
          stroke={look.mixed}
          strokeWidth={Math.max(0.7, view.scale * 0.022)}
          strokeLinecap="round"
          opacity="0.85"
        />
      )}
      {look.barred && <Bars member={m} view={view} look={look} />}
    </>
  )
}

/** A feather's tip: its stem, and barbs to both sides that are flat in the room of its envelope. */
function Feather({
  member: m,
  view,
  look,
  stronger,
}: {
  member: Member
  view: View
  look: Look
  stronger: boolean
}) {
  const flat = m.radiiMm.map((r) => 0.8 * FLAT * r)
  return (
    <>
      <path d={tube(view, m.axis, flat)} fill={look.colour} opacity={stronger ? 0.6 : 0.45} />
      <path
        d={barbs(view, m.axis, m.radiiMm, 0.8 * FLAT)}
        fill="none"
        stroke={look.colour}
        strokeWidth={Math.max(0.7, view.scale * 0.025)}
        opacity={stronger ? 1 : 0.9}
      />
      <path
        d={strands(view, m.axis, m.radiiMm, 1)}
        fill="none"
        stroke="#000"
        strokeWidth={Math.max(0.6, view.scale * 0.03)}
        opacity="0.35"
      />
      {look.barred && <Bars member={m} view={view} look={look} />}
    </>
  )
}

function Bars({ member: m, view, look }: { member: Member; view: View; look: Look }) {
  return (
    <path
      d={strands(view, m.axis, m.radiiMm, 7)}
      fill="none"
      stroke={look.bars ?? 'var(--ink)'}
      strokeWidth={Math.max(0.7, view.scale * 0.03)}
      strokeDasharray={`${0.12 * view.scale} ${0.4 * view.scale}`}
      opacity="0.4"
    />
  )
}
