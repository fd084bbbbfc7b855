import { store } from '../ui/store'

/** How many CSS px a millimetre is on this screen; 0 until somebody held something against it. */
export const pxPerMm = store(0, 'ripple-rest.px-per-mm')

/** What browsers take an inch to be. */
export const USUAL_PX_PER_MM = 96 / 25.4

/** Things that everybody has, mm: a bank card is 85.60 wide (ISO/IEC 7810, ID-1). */
export const CARD_MM = 85.6
export const CARD_HIGH_MM = 53.98
