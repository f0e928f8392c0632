import { z } from 'zod'
import { plainMessage } from '@/server/api/plainIssue'
import { pathWords } from '@/server/api/problem'
import { isHeavyRefusal } from '@/server/jobs/refusal'
import { ConflictError, GoneError, RefusedError } from '@/server/store/errors'
import { isNotWritten } from '@/server/store/connection'
import { isTrouble } from '@/server/store/trouble'
import { ChangedSinceError } from '@/server/store/history'
import { isDamaged } from '@/server/store/kept'
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
const refusedFor = (message: string): Refusal => ({ ok: false, errors: { '': message } })

/**
 * Works out what a person sent: words that a reader refuses it with (RangeError) are told to the person.
 * @throws RefusedError in its place
 */
export async function sayingWhy<T>(work: () => T | Promise<T>): Promise<T> {
  try {
    return await work()
  } catch (error) {
    // From a worker thread an error keeps its message and its name.
    if (error instanceof Error && error.name === 'RangeError') throw new RefusedError(error.message)
    throw error
  }
}

/** Zod's refusal as an outcome. */
function refused(error: z.ZodError): Refusal {
  return {
    ok: false,
    errors: Object.fromEntries(
      error.issues
        .slice(0, 20)
        .map((issue) => [issue.path.length > 0 ? pathWords(issue.path) : '', plainMessage(issue)]),
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

/** What a page is told of a record that was kept. */
export const keptRecord = ({ id, revision }: { id: string; revision: number }) => ({ id, revision })

/** Does what may be done already: that the record is gone is no trouble. */
export async function unlessGone(work: () => Promise<unknown>): Promise<void> {
  try {
    await work()
  } catch (error) {
    if (!(error instanceof GoneError)) throw error
  }
}

/** @throws whatever a person can do nothing about */
function refusalOf(error: unknown): Refusal {
  if (error instanceof z.ZodError) return refused(error)
  if (error instanceof ConflictError) return { ok: false, errors: { '': error.message }, clash: clashOf(error) }
  if (error instanceof GoneError) return { ok: false, errors: { '': error.message }, gone: true }
  if (error instanceof ChangedSinceError) return refusedFor(error.message)
  if (error instanceof RefusedError) return { ok: false, errors: { [error.path]: error.message } }
  if (isTrouble(error)) return refusedFor(`${error.message}. Nothing was saved; your entries are still here.`)
  if (isNotWritten(error) || isHeavyRefusal(error)) return refusedFor(error.message)
  throw error
}

function clashOf({ current }: ConflictError): Clash | undefined {
  if (isDamaged(current)) return undefined
  const { revision, updatedAt, data } = current
  return { revision, updatedAt, data }
}
