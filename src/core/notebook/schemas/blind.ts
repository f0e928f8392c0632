import { z } from 'zod'

/** The letter of an envelope. */
export const BlindCodeSchema = z.string().regex(/^[A-H]$/, 'Please use a letter from A to H.')
