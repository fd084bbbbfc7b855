/** What the words on screen mean, as a tier would say it. */
export const GLOSSARY: Record<string, string> = {
  archived: 'Kept in the book but out of the way; it can be restored at any time.',
  'available feather length':
    'How much of the feather you have can be wound: the part whose barbs are good. Blank if you have not measured it.',
  band: 'The middle 80 % of a number when everything that is only roughly known is varied: a fly like yours falls inside it four times in five.',
  'bind in': 'To hold a material on the shank with turns of thread.',
  carries:
    'The heaviest weight, weighed in water, that can hang from the bend in still water without sinking the fly.',
  'eye length':
    'How long the eye of the hook is, from its front to the rear edge. A measure at the vise: “two eye lengths behind the eye”.',
  film: 'The surface of the water, which bears a fly like a skin that dents.',
  'film reserve':
    'How many times its own weight the fly could weigh and still keep its posture, in still water. Under 1.2 the next ripple changes how it sits.',
  footprint: 'What the fly presses into the film: seen from below, its light pattern.',
  gap: 'From the point of the hook straight up to the shank. Hackle is measured in gaps: a barb of 1¾ gaps is usual for a collar.',
  'hook length': 'From the front of the eye to the outside of the bend.',
  'lands this way':
    'Of so many casts, coming down at angles as casts do, how many come to rest in the posture that is drawn.',
  'materials used': 'How much of each material the fly takes, with what is only roughly known.',
  pitch: 'How far the shank is turned from level: tail down or head down.',
  'pops back if drowned':
    'Whether the fly, pulled under and let go, comes up by itself, because all of it together is lighter than water.',
  posture: 'How the fly sits: on its tips, half down, flush, hanging, on its side, upside down.',
  sits: 'The posture that the fly comes to after landing upright, and which of its parts hold it there.',
  'stays up in a riffle':
    'After how long half of many such flies have sunk, fished side by side: wetted, dunked, dried by false casts.',
  style:
    'A family of patterns with its own proportions: which parts it has and how long they are for the hook.',
  trials: 'The same fly estimated again and again with uncertain values varied.',
  'weakest link': 'The part whose soaking through costs the fly most.',
  wind: 'To go round the shank with a material.',
}
