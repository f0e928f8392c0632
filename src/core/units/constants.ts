/**
 * Exact definitions (international yard and pound, 1959) and what follows from them.
 */

/** mm in one inch; exact. */
export const MM_PER_INCH = 25.4
/** mm in one yard; exact. */
export const MM_PER_YARD = 914.4
/** g in one avoirdupois ounce; exact. */
export const GRAMS_PER_OUNCE = 28.349523125
/** g in one avoirdupois pound; exact. */
export const GRAMS_PER_POUND = 453.59237
/** m² in one square yard; exact. */
export const SQUARE_METRES_PER_SQUARE_YARD = 0.83612736

/** g/m² in one oz/yd² (33.906). */
export const GSM_PER_OUNCE_PER_SQUARE_YARD = GRAMS_PER_OUNCE / SQUARE_METRES_PER_SQUARE_YARD

/**
 * g/m² in one momme (4.340): pounds of silk in a piece 45 in wide and 100 yd long.
 * The trade's definition; common practice.
 */
export const GSM_PER_MOMME = GRAMS_PER_POUND / ((45 * MM_PER_INCH * 100 * MM_PER_YARD) / 1e6)
