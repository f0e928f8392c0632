/** Thickness that the leather trade calls one ounce (one sixty-fourth of an inch), mm. Common practice. */
const MM_PER_OUNCE = 25.4 / 64

/** g/m² in one avoirdupois ounce a square foot: 28.349523125 g over 0.09290304 m² (exact, NIST SP 811). */
export const GSM_PER_OZ_FT2 = 28.349523125 / 0.09290304

/** Leather ounces for a thickness. @param mm of a single layer @throws RangeError where it is not above zero */
export function leatherOunces(mm: number): number {
  if (!(mm > 0)) throw new RangeError('leatherOunces: needs a thickness of more than zero')
  return mm / MM_PER_OUNCE
}

/** Thickness in mm for leather ounces. @throws RangeError where they are not above zero */
export function leatherMm(ounces: number): number {
  if (!(ounces > 0)) throw new RangeError('leatherMm: needs ounces of more than zero')
  return ounces * MM_PER_OUNCE
}
