import { z } from 'zod'
import { DIRECTIONS } from '../../vocabulary/cloth'

/** Parts that the forms of readings share. */
export const mm = (most: number, what = 'that is longer than any specimen') =>
  z.number().gt(0, 'a length is more than zero').lte(most, what)
export const direction = z.enum(DIRECTIONS)
/** Standard deviation of a reading by a ruler, mm. */
export const errorMm = z.number().min(0, 'an error is not negative').lte(50).default(0.5)
export const grade = z.number().int().min(1, 'grades run from 1 to 5').max(5, 'grades run from 1 to 5')
