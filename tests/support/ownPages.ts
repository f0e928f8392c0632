import { PieceSchema, type PieceInput } from '@/core/notebook/kinds/piece'
import { type Notebook } from '@/server/database'
import { type RecordData, type RecordKindId } from '@/core/notebook/kinds'
import { createRecord, findRecord } from '@/server/store/repository'
import { closeOwn, openOwn } from './ownNotebook'
import { redirect, revalidatePath } from './ownNext'

// Imported first by tests of what pages load and do: from then on the notebook is one in memory, anew for each test,
// heavy work is done here and now, and Next is not there.
jest.mock('@/server/database', () => jest.requireActual('./ownNotebook'))
jest.mock('@/server/jobs/pool', () => jest.requireActual('./jobsHere'))
jest.mock('@/server/jobs/workerNotebook', () => jest.requireActual('./ownNotebook'))
jest.mock('next/cache', () => jest.requireActual('./ownNext'))
jest.mock('next/headers', () => jest.requireActual('./ownNext'))
jest.mock('next/navigation', () => jest.requireActual('./ownNext'))

/** When everything in these tests happens. */
export const AT = '2026-05-02T10:00:00.000Z'
/** How the reader of these tests wants things. */
export const METRIC = { units: 'metric', words: 'uk' } as const
/** An id that nothing has. */
export const GONE = '01a21579-3d26-76d0-8c1d-456012720fa9'

/** The notebook of the test that runs. */
export let db: Notebook
beforeEach(async () => {
  redirect.mockReset()
  revalidatePath.mockReset()
  db = await openOwn()
})
afterAll(closeOwn)

/** Keeps a piece. @returns its id */
export async function piece(name: string, rest: Partial<PieceInput> = {}): Promise<string> {
  return (await createRecord(db, 'piece', PieceSchema.parse({ name, ...rest }), AT)).id
}

/** What a record has now. @throws Error where there is none */
export async function dataOf<K extends RecordKindId>(kind: K, id: string): Promise<RecordData<K>> {
  const found = await findRecord(db, kind, id)
  if (!found) throw new Error(`no ${kind} of that id`)
  return found.data
}
