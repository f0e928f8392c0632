'use server'

import { z } from 'zod'
import { GuessSchema } from '@/core/notebook/kinds/guess'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { formatLength, formatWeight, formatWidth, type UnitSystem } from '@/core/units/format'
import { GUESS_STEPS, GUESSED, type Guessed } from '@/core/vocabulary/guessing'
import { type PieceSummary } from '@/core/stashSearch/pieceSummary'
import { notebook } from '@/server/database'
import { truthOf } from '@/server/records/guesses'
import { shelfOf } from '@/server/cache/shelf'
import { createRecord } from '@/server/store/repository'
import { GoneError } from '@/server/store/errors'
import { action } from '../../shared/action'
import { readPreferences } from '../../shared/settings/readPreferences'
import { now } from '../../shared/now'
import { mustHave } from '@/core/lists/items'

const SaidSchema = z.strictObject({
  pieceId: RecordIdSchema,
  what: z.enum(GUESSED),
  said: z.number().min(0).max(1e6),
})

/** Keeps a guess, and tells what was measured. The page stays as it is, with the answer on it. */
export const sayNumber = action([SaidSchema], async ({ pieceId, what, said }) => {
  const { units, words } = await readPreferences()
  const db = await notebook()
  const gist = (await shelfOf(db, words)).find(pieceId)
  if (!gist) throw new GoneError('piece', pieceId)
  /** Null: it was not measured yet. */
  const truth = truthOf(gist, what)
  await createRecord(db, 'guess', GuessSchema.parse({ pieceId, what, said, truth, at: now() }), now())
  return { truth, words: truthWords(gist, what, units) }
})

/** What was measured, and how far off the guess is. */
export type GuessTold = Extract<Awaited<ReturnType<typeof sayNumber>>, { ok: true }>

function truthWords(gist: PieceSummary, what: Guessed, units: UnitSystem): string {
  const truth = truthOf(gist, what)
  if (truth === null) return ''
  if (what === 'gsm') return formatWeight(mustHave(gist.gsm), units)
  if (what === 'width') return formatWidth(truth, units)
  if (what === 'length') return formatLength(truth, units)
  return GUESS_STEPS[what]?.[truth] ?? `${truth.toFixed(0)} %`
}
