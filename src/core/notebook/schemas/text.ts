import { z } from 'zod'

/** Text that may be left out; trimmed. */
export const optionalText = (most: number) => z.string().trim().max(most, `at most ${most} characters`).default('')

/** What a person calls a thing; it has to be there. */
export const nameText = z
  .string()
  .trim()
  .min(1, 'give it a name that you will know it by')
  .max(80, 'at most 80 characters')
