import { z } from 'zod'
import { PAPER_IDS } from '@/core/vocabulary/paper'

/** How this person wants the program to speak and look; kept in a cookie of this browser. */
export const PreferencesSchema = z.object({
  units: z.enum(['metric', 'imperial']).catch('metric'),
  words: z.enum(['uk', 'us']).catch('uk'),
  /** What a home printer takes. */
  paper: z.enum(PAPER_IDS).catch('a4'),
  theme: z.enum(['system', 'light', 'dark']).catch('system'),
  motion: z.enum(['moving', 'still']).catch('moving'),
  /** From fingertip to fingertip with the arms stretched out, mm; about a person's height. */
  spanMm: z.number().min(1000).max(2300).catch(1650),
})

export type Preferences = z.infer<typeof PreferencesSchema>

export const PREFERENCES_COOKIE = 'rough-swatch-preferences'

/** Countries that measure fabric in inches and yards, and write American English. */
const AMERICAN = /^en-US\b/i

/**
 * Preferences from the cookie's text. Whatever is missing or broken falls back to its first value; or to American
 * words, units and paper where the browser asks for American English first.
 * @param language the header `accept-language`
 */
export function preferencesOf(text: string | undefined, language: string | null = null): Preferences {
  const first = AMERICAN.test(language ?? '') ? { units: 'imperial', words: 'us', paper: 'letter' } : {}
  try {
    return PreferencesSchema.parse({ ...first, ...(JSON.parse(text ?? '{}') as object) })
  } catch {
    return PreferencesSchema.parse(first)
  }
}
