import { type Notebook } from '@/server/database'
import { latestBurnTests } from '@/server/records/burnTests'
import { findPiece } from '@/server/records/pieces'
import { seenIn, unfinishedBurn, type UnfinishedBurn } from './session'

/** Tests looked through: what was left longer ago is found on its fabric. */
const LATEST = 30

/** A burn that waits to be continued. */
export interface BurnToContinue {
  id: string
  at: UnfinishedBurn
  /** What it is of; null for a fabric that is not in the stash. */
  of: string | null
  /** What was seen so far, for drawing. */
  seen: Record<string, readonly string[]>
}

/** The burns that were left before their last question, the newest first; those of known samples are left out. */
export async function burnsToContinue(db: Notebook): Promise<BurnToContinue[]> {
  const tests = await latestBurnTests(db, LATEST)
  const left = tests.flatMap((test) => {
    const at = test.controlId === null && test.blindId === null ? unfinishedBurn(test) : undefined
    return at ? [{ test, at }] : []
  })
  return Promise.all(
    left.map(async ({ test: { id, pieceId, answers }, at }) => ({
      id,
      at,
      of: (pieceId === null ? undefined : await findPiece(db, pieceId))?.name ?? null,
      seen: seenIn(answers),
    })),
  )
}
