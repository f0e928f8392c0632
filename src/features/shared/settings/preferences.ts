import { z } from 'zod'

/** How this person wants the program to speak and look; kept in a cookie of this browser. */
export const PreferencesSchema = z.object({
  units: z.enum(['metric', 'imperial']).catch('metric'),
  words: z.enum(['uk', 'us']).catch('uk'),
  theme: z.enum(['system', 'light', 'dark']).catch('system'),
  motion: z.enum(['moving', 'still']).catch('moving'),
  /** From fingertip to fingertip with the arms stretched out, mm; about a person's height. */
  spanMm: z.number().min(1000).max(2300).catch(1650),
})

export type Preferences = z.infer<typeof PreferencesSchema>

export const PREFERENCES_COOKIE = 'rough-swatch-preferences'

/** Preferences from the cookie's text; whatever is missing or broken falls back to its first value. */
export function preferencesFrom(text: string | undefined): Preferences {
  try {
    return PreferencesSchema.parse(JSON.parse(text ?? '{}'))
  } catch {
    return PreferencesSchema.parse({})
  }
}
