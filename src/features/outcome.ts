import { type z } from 'zod'
import { pathWords } from '@/server/api/problem'

/** What came of keeping something: its id, or what was wrong, by the path of the field. */
export type Outcome = { ok: true; id: number } | { ok: false; errors: Record<string, string> }

/** Zod's refusal as an outcome. */
export function refused(error: z.ZodError): Outcome {
  return {
    ok: false,
    errors: Object.fromEntries(error.issues.map(({ path, message }) => [pathWords(path), message])),
  }
}
