import { type Machine } from '../../core/sew/sewCase'
import { WorkroomSchema, type Workroom } from '../../core/notebook/kinds/workroom'
import { type Notebook } from '../store/openNotebook'
import { allRecords, changeRecord, createRecord, inTransaction } from '../store/repository'

/** What the person has and when they have time; what is usual where they were not asked yet. */
export async function readWorkroom(db: Notebook): Promise<{ isAsked: boolean; workroom: Workroom }> {
  const [first] = (await allRecords(db, 'workroom')).kept
  return { isAsked: first !== undefined, workroom: first?.data ?? WorkroomSchema.parse({}) }
}

/** What they sew with, as advice asks for it. */
export function machineOf({ machine: { overlocker, feet, smallestNeedle } }: Workroom): Machine {
  return { overlocker, walkingFoot: feet.includes('walking'), smallestNeedle }
}

/** Keeps what the person said of it; what calendars said stays. @param at ISO 8601 */
export function keepSaid(db: Notebook, said: Omit<Workroom, 'calendar' | 'once'>, at: string): Promise<void> {
  return changeWorkroom(db, (workroom) => ({ ...workroom, ...said }), at)
}

/** Keeps what calendars said; what the person said stays. @param at ISO 8601 */
export function keepCalendar(
  db: Notebook,
  change: (calendar: Workroom['calendar']) => Workroom['calendar'],
  at: string,
): Promise<void> {
  return changeWorkroom(db, ({ calendar, ...said }) => ({ ...said, calendar: change(calendar) }), at)
}

/** Keeps the times that are not as every week. @param at ISO 8601 */
export function keepOnce(db: Notebook, once: Workroom['once'], at: string): Promise<void> {
  return changeWorkroom(db, (workroom) => ({ ...workroom, once }), at)
}

/** Keeps it, in place of what was kept before. @param at ISO 8601 */
export function keepWorkroom(db: Notebook, workroom: Workroom, at: string): Promise<void> {
  return changeWorkroom(db, () => workroom, at)
}

/** Reads and writes in one stroke, so that no window's change is lost to another's. */
async function changeWorkroom(db: Notebook, change: (before: Workroom) => Workroom, at: string): Promise<void> {
  await inTransaction(db, async (open) => {
    const [first] = (await allRecords(open, 'workroom')).kept
    const next = change(first?.data ?? WorkroomSchema.parse({}))
    if (first) await changeRecord(open, 'workroom', first, next, at)
    else await createRecord(open, 'workroom', next, at)
  })
}
