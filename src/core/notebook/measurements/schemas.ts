import { z } from 'zod'
import { DIRECTIONS } from '../../vocabulary/cloth'

/** Parts that the forms of readings share. */
export const mm = (most: number, what = 'That is longer than any sample.') =>
  z.number().gt(0, 'Please enter a length above zero.').lte(most, what)
export const direction = z.enum(DIRECTIONS)
/** Standard deviation of a reading by a ruler, mm. */
export const errorMm = z.number().min(0, 'Please enter an error of zero or more.').lte(50).default(0.5)
export const grade = z
  .number()
  .int()
  .min(1, 'Please enter a grade from 1 to 5.')
  .max(5, 'Please enter a grade from 1 to 5.')
