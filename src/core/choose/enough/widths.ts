import { type Quantity } from '../../units/quantity'
import { mustHave } from '../../lists/items'

/** How much a pattern takes at a width, as its envelope says. */
export interface LengthAtWidth {
  widthMm: number
  lengthMm: number
  /** Laid one way: with nap. */
  nap: boolean
}

/** Widths within so much of each other are one width: shops and envelopes round. mm. */
export const SAME_WIDTH_MM = 30
/**
 * How far a length converted by area is off, as a share, for a width a fifth wider or narrower; it grows with the
 * step. From the extension services’ width-for-width chart (from memory), whose rows keep the area within 4 %, and
 * real layouts, which do not.
 */
const OFF_PER_LOG = 0.25
const LEAST_OFF = 0.03
/** Extra for laying all pieces one way, as a share, where the envelope gives no figure of its own. Common practice. */
export const ONE_WAY_TAKES: Quantity = { value: 0.12, sd: 0.06 }

export interface Converted {
  lengthMm: Quantity
  /** How the figure came about. */
  by: 'row' | 'between' | 'wider' | 'narrower'
  /** The rows that it rests on. */
  from: readonly LengthAtWidth[]
  /** Nothing that is listed comes near: the widest piece may not go across. */
  isFar: boolean
}

/** Ratio of widths beyond which a conversion says little. */
const FAR = 0.8

/**
 * The length that a pattern takes at a width, from the lengths at widths that its envelope gives.
 * At a listed width: that. Between two: along the line between their logarithms. Beyond: the same area, with a doubt
 * that grows with the step.
 * @param rows at least one, all for the same nap
 */
export function lengthAtWidth(rows: readonly LengthAtWidth[], widthMm: number): Converted {
  const sorted = rows.toSorted((a, b) => a.widthMm - b.widthMm || a.lengthMm - b.lengthMm)
  const same = nearest(sorted, widthMm)
  if (same && Math.abs(same.widthMm - widthMm) <= SAME_WIDTH_MM)
    return { lengthMm: { value: same.lengthMm, sd: 0 }, by: 'row', from: [same], isFar: false }
  const below = sorted.findLast((row) => row.widthMm < widthMm)
  const above = sorted.find((row) => row.widthMm > widthMm)
  if (below && above) return between(below, above, widthMm)
  const row = mustHave(below ?? above)
  const step = Math.abs(Math.log(widthMm / row.widthMm))
  const value = (row.lengthMm * row.widthMm) / widthMm
  return {
    lengthMm: { value, sd: value * (LEAST_OFF + OFF_PER_LOG * step) },
    by: below ? 'wider' : 'narrower',
    from: [row],
    isFar: widthMm / row.widthMm < FAR || row.widthMm / widthMm < FAR,
  }
}

function between(below: LengthAtWidth, above: LengthAtWidth, widthMm: number): Converted {
  const share = Math.log(widthMm / below.widthMm) / Math.log(above.widthMm / below.widthMm)
  const value = below.lengthMm ** (1 - share) * above.lengthMm ** share
  const span = Math.abs(below.lengthMm - above.lengthMm)
  return {
    lengthMm: { value, sd: Math.max(value * LEAST_OFF, (span * Math.min(share, 1 - share)) / 2) },
    by: 'between',
    from: [below, above],
    isFar: false,
  }
}

function nearest(rows: readonly LengthAtWidth[], widthMm: number): LengthAtWidth | undefined {
  return rows.toSorted((a, b) => Math.abs(a.widthMm - widthMm) - Math.abs(b.widthMm - widthMm))[0]
}
