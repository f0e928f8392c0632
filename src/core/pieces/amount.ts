import { type Quantity } from '../units/quantity'
import { type SizeHow, type Thing } from '../vocabulary/stash'
import { areaOfOutline, type PieceOutline } from './shape'
import { USUAL_THINGS } from './things'

/** What of a piece says how much there is of it. */
export interface Sized {
  thing: Thing
  widthMm: number | null
  lengthMm: number | null
  sizeHow: SizeHow
  outline: PieceOutline | null
}

/** How far a side may be off, as a share of it (standard deviation), by how it came to be known; from memory. */
const SIDE_DOUBT: Readonly<Record<SizeHow, number>> = { measured: 0.005, spans: 0.04, guessed: 0.12, usual: 0.12 }
const MM2_PER_M2 = 1e6

/** The sides that a piece has: its own, or as things of its kind usually are; null where nothing says. */
export function sidesOf({ thing, widthMm, lengthMm, sizeHow }: Sized): { width: Quantity; length: Quantity } | null {
  const usual = USUAL_THINGS[thing]
  const side = (own: number | null, usualMm: number | undefined): Quantity | null => {
    if (own !== null) return { value: own, sd: own * SIDE_DOUBT[sizeHow] }
    return usualMm === undefined || !usual ? null : { value: usualMm, sd: usualMm * usual.sizeSpread }
  }
  const [width, length] = [side(widthMm, usual?.widthMm), side(lengthMm, usual?.lengthMm)]
  return width && length ? { width, length } : null
}

/**
 * Cloth that there is of a piece, m²: all of it, and what of it can be cut from. Both are the same for cloth by the
 * length; of made-up things the layers count, and what hems, seams and worn places take is left out.
 * @returns null where nothing says how large it is
 */
export function clothAmountOf(piece: Sized): { all: Quantity; usable: Quantity } | null {
  const usual = USUAL_THINGS[piece.thing]
  if (piece.outline) {
    const m2 = areaOfOutline(piece.outline) / MM2_PER_M2
    const all = { value: m2, sd: m2 * 2 * SIDE_DOUBT[piece.sizeHow] }
    return { all, usable: all }
  }
  const sides = sidesOf(piece)
  if (!sides) return null
  const { width, length } = sides
  const m2 = (width.value * length.value) / MM2_PER_M2
  const doubt = Math.hypot(width.sd / width.value, length.sd / length.value)
  const all = { value: m2 * (usual?.layers ?? 1), sd: m2 * (usual?.layers ?? 1) * doubt }
  if (!usual) return { all, usable: all }
  const value = all.value * usual.usable
  return { all, usable: { value, sd: value * Math.hypot(doubt, usual.usableSpread / usual.usable) } }
}

/** A person's arm-spans as a length: so many, each of so many mm, a share of it off (standard deviation). */
export function spansOf(count: number, spanMm: number): Quantity {
  const value = count * spanMm
  return { value, sd: value * SIDE_DOUBT.spans }
}
