import { del, get, set } from 'idb-keyval'
import { type TestWritten } from '@/core/notebook/mergeTests'

/** What was answered and is not in the notebook yet, and the revision that it was written upon. */
export interface Waiting {
  written: TestWritten
  revision: number
}

const keyOf = (testId: string) => `burn test ${testId}`

/** Lays answers by in this browser until the notebook has them. A window that may not store anything goes without. */
export async function layBy(testId: string, waiting: Waiting): Promise<void> {
  await set(keyOf(testId), waiting).catch(() => undefined)
}

/** The notebook has them. */
export async function noLongerWaiting(testId: string): Promise<void> {
  await del(keyOf(testId)).catch(() => undefined)
}

/** What was laid by when this test's page was left. */
export async function waitingFor(testId: string): Promise<Waiting | undefined> {
  return get<Waiting>(keyOf(testId)).catch(() => undefined)
}
