import { createStore, entries, promisifyRequest, set } from 'idb-keyval'
import { type TestWritten } from '@/core/notebook/mergeTests'

/** What was answered and is not in the notebook yet, and the revision that it was written upon. */
export interface Waiting {
  written: TestWritten
  revision: number
  /** Later ones have higher numbers, in whatever window they were written. */
  number: number
}

/** An entry of this browser: of one test, by one visit of its page. */
export interface WaitingEntry {
  key: string
  number: number
}

const keysOf = (testId: string) => `burn test ${testId}`

/** The key under which one visit of a test's page lays its answers by: two windows do not overwrite one another. */
export function newKeyOfVisit(testId: string): string {
  return `${keysOf(testId)} ${crypto.getRandomValues(new Uint32Array(2)).join('-')}`
}

let store: ReturnType<typeof createStore> | undefined
// As the library itself names it: what was laid by before is found.
const theStore = () => (store ??= createStore('keyval-store', 'keyval'))

/** Lays answers by in this browser until the notebook has them. A window that may not store anything goes without. */
export async function layBy(key: string, waiting: Waiting): Promise<void> {
  await set(key, waiting, theStore()).catch(() => undefined)
}

/** The notebook has that very entry: one that was laid by since stays. */
export async function noLongerWaiting({ key, number }: WaitingEntry): Promise<void> {
  await theStore()('readwrite', async (open) => {
    const found = (await promisifyRequest(open.get(key))) as Partial<Waiting> | undefined
    if ((found?.number ?? 0) === number) await promisifyRequest(open.delete(key))
  }).catch(() => undefined)
}

/** What was laid by when this test's page was left, the oldest first. */
export async function waitingFor(testId: string): Promise<(Waiting & WaitingEntry)[]> {
  const all = await entries<string, Waiting>(theStore()).catch(() => [])
  return all
    .filter(([key]) => key === keysOf(testId) || key.startsWith(`${keysOf(testId)} `))
    .map(([key, { written, revision, number = 0 }]) => ({ key, written, revision, number }))
    .sort((a, b) => a.number - b.number)
}
