import { RefusedImport } from '../../core/formats/json/read'
import { isNotWritten, NotCommittedError } from '../store/connection'
import { NotebookTrouble, type TroubleKind } from '../store/trouble'
import { troubleOf } from '../store/signs'

/** What came of work on the notebook in a thread: of an error only its message would come across. */
export type Reported<T> =
  | { done: T }
  /** What a person can do something about, in words. */
  | { refused: string }
  | { trouble: { kind: TroubleKind; found: string } }
  | { notWritten: string }

/** In the thread: work whose errors are told. */
export function reportErrors<Task, T>(work: (task: Task) => Promise<T>): (task: Task) => Promise<Reported<T>> {
  return async (task) => {
    try {
      return { done: await work(task) }
    } catch (error) {
      if (isNotWritten(error)) return { notWritten: error.message }
      if (error instanceof RangeError || error instanceof RefusedImport) return { refused: error.message }
      const trouble = troubleOf(error)
      if (!trouble) throw error
      return { trouble: { kind: trouble.kind, found: trouble.found } }
    }
  }
}

/** At the other end: what came of it, or the error that it was. @throws RangeError with words for a person */
export function throwReported<T>(told: Reported<T>): T {
  if ('done' in told) return told.done
  if ('refused' in told) throw new RangeError(told.refused)
  if ('notWritten' in told) throw Object.assign(new NotCommittedError(), { message: told.notWritten })
  throw new NotebookTrouble(told.trouble.kind, told.trouble.found)
}
