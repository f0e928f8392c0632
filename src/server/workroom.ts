import { WorkroomSchema, type Workroom } from '../core/notebook/kinds/workroom'
import { type Notebook } from './database'
import { allRecords, changeRecord, createRecord, within } from './store/repository'

/** What the person has and when they have time; what is usual where they were not asked yet. */
export async function readWorkroom(db: Notebook): Promise<{ isAsked: boolean; workroom: Workroom }> {
  const [first] = (await allRecords(db, 'workroom')).kept
  return { isAsked: first !== undefined, workroom: first?.data ?? WorkroomSchema.parse({}) }
}

/** Keeps it, in place of what was kept before. @param at ISO 8601 */
export async function keepWorkroom(db: Notebook, workroom: Workroom, at: string): Promise<void> {
  await within(db, async (open) => {
    const [first] = (await allRecords(open, 'workroom')).kept
    if (first) await changeRecord(open, 'workroom', first, workroom, at)
    else await createRecord(open, 'workroom', workroom, at)
  })
}
