import { z } from 'zod'
import { plainMessage } from '@/server/api/plainIssue'
import { pathWords } from '@/server/api/problem'
import { isHeavyRefusal } from '@/server/jobs/refusal'
import { ConflictError, GoneError } from '@/server/store/errors'
import { isNotWritten } from '@/server/store/connection'
import { isTrouble } from '@/server/recovery/kinds'
import { ChangedSinceError } from '@/server/store/history'
import { isDamaged } from '@/server/store/repository'
import { answeredOnce } from './answeredOnce'

/** What stands in the notebook where somebody else was quicker. */
export interface Clash {
  revision: number
  updatedAt: string
  /** Its data now, of the kind that was to be changed. */
  data: unknown
}

/**
 * What came of keeping something: its id and new revision; or what was wrong, by the path of the field; or what stands
 * there now, where it was changed elsewhere.
 */
export type Outcome = { ok: true; id: string; revision: number } | Refusal

/** The same of what leaves no record behind. */
export type Done = { ok: true } | Refusal

export interface Refusal {
  ok: false
  errors: Record<string, string>
  clash?: Clash
  gone?: true
}

/** A refusal of the whole, in words. */
export const refusedFor = (message: string): Refusal => ({ ok: false, errors: { '': message } })

/**
 * Works out what a person sent: words that a reader refuses it with (RangeError) become an outcome, as what is wrong
 * with a field does.
 */
export function sayingWhy<T>(work: () => T): T {
  try {
    return work()
  } catch (error) {
    if (!(error instanceof RangeError)) throw error
    throw new z.ZodError([{ code: 'custom', path: [], message: error.message, input: undefined }])
  }
}

/** Zod's refusal as an outcome. */
function refused(error: z.ZodError): Refusal {
  return {
    ok: false,
    errors: Object.fromEntries(
      error.issues.slice(0, 20).map((issue) => [pathWords(issue.path), plainMessage(issue)]),
    ),
  }
}

/**
 * Does something to the notebook, and says what came of it: whatever a person can do something about is an outcome,
 * everything else is thrown. Sent again by a page that got no answer, it is not done a second time.
 */
export function valueOf<T>(work: () => Promise<T>): Promise<{ ok: true; value: T } | Refusal> {
  return answeredOnce(async (): Promise<{ ok: true; value: T } | Refusal> => {
    try {
      return { ok: true, value: await work() }
    } catch (error) {
      return refusalOf(error)
    }
  })
}

/** The same of what keeps a record. */
export async function outcomeOf(work: () => Promise<{ id: string; revision: number }>): Promise<Outcome> {
  const outcome = await valueOf(work)
  return outcome.ok ? { ok: true, id: outcome.value.id, revision: outcome.value.revision } : outcome
}

/** The same of what leaves no record behind. */
export async function doneOf(work: () => Promise<unknown>): Promise<Done> {
  const outcome = await valueOf(work)
  return outcome.ok ? { ok: true } : outcome
}

/** @throws whatever a person can do nothing about */
function refusalOf(error: unknown): Refusal {
  if (error instanceof z.ZodError) return refused(error)
  if (error instanceof ConflictError) return { ok: false, errors: { '': error.message }, clash: clashOf(error) }
  if (error instanceof GoneError) return { ok: false, errors: { '': error.message }, gone: true }
  if (error instanceof ChangedSinceError) return refusedFor(error.message)
  if (isTrouble(error)) return refusedFor(`${error.message}. Nothing was kept; what you wrote still stands here.`)
  if (isNotWritten(error) || isHeavyRefusal(error)) return refusedFor(error.message)
  throw error
}

function clashOf({ current }: ConflictError): Clash | undefined {
  if (isDamaged(current)) return undefined
  const { revision, updatedAt, data } = current
  return { revision, updatedAt, data }
}
