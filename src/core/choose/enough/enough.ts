import { type Phrase } from '../../text/text'
import { careOf } from '../../fabric/care'
import { shrinkOf, STEAM_SHARE } from '../../fabric/shrink'
import { type Offer } from '../../fabric/types'
import { isOneWay } from '../../fabric/handling'
import { COVERAGE_80, scaleQuantity, type Quantity } from '../../units/quantity'
import { buy, type Buy } from '../../units/buy'
import { USUAL_SELVEDGE_MM } from '../../vocabulary/laying'
import { lengthAtWidth, ONE_WAY_TAKES, type Converted, type LengthAtWidth } from './widths'
import { partWords } from './words'
import { itemAt } from '../../lists/items'

/** What is asked: the envelope’s lengths, the cloth, and how it has to be laid. */
export interface EnoughAsked {
  /** At least one. */
  lengths: readonly LengthAtWidth[]
  fabric: EnoughFabric
  /** Pieces of the pattern to cut, where they were counted. */
  pieces?: number
  /** Added for mistakes and crooked ends, mm. */
  marginMm?: number
  /** How many of the thing. */
  copies?: number
}

/** The cloth as far as laying it out by the envelope asks. */
export interface EnoughFabric {
  widthMm?: number
  lengthMm?: number
  /** A print or nap that has to run one way. */
  oneWay?: boolean
  repeatMm?: { length?: number; width?: number }
  selvedgeMm?: number
  /** The rest of what is known of it: from it follow nap and shrinkage that nobody said. */
  offer: Offer
}

export type EnoughVerdict = 'enough' | 'perhaps' | 'short' | 'lay-it-out' | 'buy'
export type EnoughPart = 'envelope' | 'width' | 'nap' | 'repeat' | 'shrinkage' | 'margin' | 'copies'

export interface Enough {
  needMm: number
  interval80: [number, number]
  haveMm: number | null
  verdict: EnoughVerdict
  parts: { id: EnoughPart; addMm: number; text: Phrase }[]
  buy: Buy
}

/** Where the pieces were not counted: a garment of middling trouble. */
const USUAL_PIECES = 8
/** Pieces that lie side by side in one row, pairs cut together; the rows are what has to be matched. */
const PIECES_A_ROW = 3
/** Shares of a usable width beyond which a repeat across leaves no sensible layout by rule. */
const MOST_REPEAT_SHARE = 0.25

/** Running sum of a length, and of what it was made of. */
interface Sum {
  mm: Quantity
  parts: Enough['parts']
}

/**
 * Whether a cloth is enough by the envelope’s table alone, without outlines: its width, nap or one-way print, repeat,
 * the shrinkage still to come, a margin; each part in mm, with the doubt of all.
 * @throws RangeError where no length is given
 */
export function howMuchIsNeeded(asked: EnoughAsked): Enough {
  const { fabric, lengths, pieces = USUAL_PIECES, marginMm = 0, copies = 1 } = asked
  if (lengths.length === 0) throw new RangeError('enough: the envelope gives no length')
  const oneWay = fabric.oneWay || isOneWay(fabric.offer)
  const { converted, napSaid, usableMm } = convertedFor(lengths, fabric, oneWay)
  const first = itemAt(converted.from, 0)
  const sum: Sum = {
    mm: { value: first.lengthMm, sd: 0 },
    parts: [{ id: 'envelope', addMm: first.lengthMm, text: partWords.envelope(first) }],
  }
  if (converted.by !== 'row' || fabric.widthMm === undefined)
    add(
      sum,
      'width',
      { value: converted.lengthMm.value - first.lengthMm, sd: converted.lengthMm.sd },
      partWords.width(converted, fabric.widthMm),
    )
  if (oneWay && !napSaid)
    add(sum, 'nap', scaleQuantity(ONE_WAY_TAKES, sum.mm.value), partWords.nap(isOneWay(fabric.offer)))
  addRepeats(sum, fabric, pieces, usableMm)
  if (copies > 1) add(sum, 'copies', scaleQuantity(sum.mm, copies - 1), partWords.copies(copies))
  addShrinkage(sum, fabric)
  if (marginMm > 0) add(sum, 'margin', { value: marginMm, sd: 0 }, partWords.margin(marginMm))
  const { value, sd } = sum.mm
  const interval80: [number, number] = [Math.max(0, value - COVERAGE_80 * sd), value + COVERAGE_80 * sd]
  const haveMm = fabric.lengthMm ?? null
  const isCrossRepeat = (fabric.repeatMm?.width ?? 0) > MOST_REPEAT_SHARE * usableMm
  return {
    needMm: value,
    interval80,
    haveMm,
    verdict: verdictOf(haveMm, interval80, converted.isFar || isCrossRepeat),
    parts: sum.parts,
    buy: buy(value, interval80[1]),
  }
}

/** The envelope’s figure at the width that this cloth leaves, from rows of its own way of laying if there are any. */
function convertedFor(lengths: readonly LengthAtWidth[], fabric: EnoughFabric, oneWay: boolean) {
  const withNap = lengths.filter(({ nap }) => nap)
  const without = lengths.filter(({ nap }) => !nap)
  const rows = oneWay ? (withNap.length > 0 ? withNap : without) : without.length > 0 ? without : withNap
  const full = fabric.widthMm ?? Math.min(...rows.map(({ widthMm }) => widthMm))
  const lostEdge = 2 * ((fabric.selvedgeMm ?? USUAL_SELVEDGE_MM) - USUAL_SELVEDGE_MM)
  const lostInWash = full * (shrinkToCome(fabric).width.value / 100)
  const isEnvelopeAllowance = lostInWash < 0.04 * full
  // Envelopes are drafted for cloth as it comes back from the wash: the first per cents across are allowed for.
  const width = full - lostEdge - (isEnvelopeAllowance ? 0 : lostInWash)
  const converted: Converted = lengthAtWidth(rows, width)
  return { converted, napSaid: itemAt(rows, 0).nap, usableMm: Math.max(1, width - 2 * USUAL_SELVEDGE_MM) }
}

/** One repeat to begin with, and about half of one for every row of pieces that has to meet; across, half of one. */
function addRepeats(sum: Sum, { repeatMm = {} }: EnoughFabric, pieces: number, usableMm: number): void {
  const along = repeatMm.length ?? 0
  if (along > 0) {
    const rows = Math.max(1, Math.ceil(pieces / PIECES_A_ROW))
    add(
      sum,
      'repeat',
      { value: along * (1 + (rows - 1) / 2), sd: along * Math.sqrt((rows + 1) / 12) },
      partWords.repeat(along, rows),
    )
  }
  const across = Math.min(repeatMm.width ?? 0, MOST_REPEAT_SHARE * usableMm)
  if (across > 0) {
    const lost = across / 2 / usableMm
    add(
      sum,
      'repeat',
      { value: (sum.mm.value * lost) / (1 - lost), sd: sum.mm.value * lost * 0.6 },
      partWords.repeatAcross(across),
    )
  }
}

function addShrinkage(sum: Sum, fabric: EnoughFabric): void {
  const { value, sd } = shrinkToCome(fabric).length
  if (value <= 0) return
  const kept = 1 - value / 100
  add(
    sum,
    'shrinkage',
    { value: sum.mm.value / kept - sum.mm.value, sd: (sum.mm.value * (sd / 100)) / kept ** 2 },
    partWords.shrinkage(value, fabric.offer),
  )
}

/** What has been washed as it will be does not shrink again; what was not said is what is usual for its fibres. */
export function shrinkToCome({ offer }: Pick<EnoughFabric, 'offer'>) {
  // Of a marked square it is known what is left after the washes that it had.
  if (offer.shrink?.how === 'measured') return offer.shrink.value
  if (offer.washed === true) return { length: NONE, width: NONE }
  const { value: inWater } = shrinkOf(offer)
  // What goes to the dry-cleaner meets steam alone; what was said or measured is taken as it is.
  const steamed = !offer.shrink && offer.fibres !== undefined && careOf(offer).washCelsius === null
  const value = steamed
    ? { length: scaleQuantity(inWater.length, STEAM_SHARE), width: scaleQuantity(inWater.width, STEAM_SHARE) }
    : inWater
  // Washed already or not, nobody knows: half of it is to be expected.
  if (offer.washed !== undefined || offer.shrink) return value
  return { length: scaleQuantity(value.length, 0.5), width: scaleQuantity(value.width, 0.5) }
}
const NONE: Quantity = { value: 0, sd: 0 }

function verdictOf(
  haveMm: number | null,
  [low, high]: readonly [number, number],
  mustLayOut: boolean,
): EnoughVerdict {
  if (haveMm === null) return 'buy'
  if (haveMm < low) return 'short'
  if (mustLayOut) return 'lay-it-out'
  return haveMm >= high ? 'enough' : 'perhaps'
}

function add(sum: Sum, id: EnoughPart, mm: Quantity, text: Phrase): void {
  sum.mm = { value: sum.mm.value + mm.value, sd: Math.hypot(sum.mm.sd, mm.sd) }
  sum.parts.push({ id, addMm: mm.value, text })
}
