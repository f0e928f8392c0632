import { PatternSchema, type PatternRecord } from '../core/notebook/need'
import { type Notebook } from './database'

export interface KeptPattern extends PatternRecord {
  id: number
}

export async function listPatterns(db: Notebook): Promise<KeptPattern[]> {
  const rows = await db.selectFrom('pattern').selectAll().orderBy('id').execute()
  return rows.map(fromRow)
}

export async function findPattern(db: Notebook, id: number): Promise<KeptPattern | undefined> {
  const row = await db.selectFrom('pattern').selectAll().where('id', '=', id).executeTakeFirst()
  return row && fromRow(row)
}

/** Writes a pattern; answers its id. */
export async function addPattern(db: Notebook, { name, notes, need }: PatternRecord, at: string): Promise<number> {
  const { id } = await db
    .insertInto('pattern')
    .values({ name, notes, need: JSON.stringify(need), created_at: at })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}

export async function removePattern(db: Notebook, id: number): Promise<void> {
  await db.deleteFrom('pattern').where('id', '=', id).execute()
}

function fromRow({ id, name, notes, need }: { id: number; name: string; notes: string; need: string }): KeptPattern {
  return { id, ...PatternSchema.parse({ name, notes, need: JSON.parse(need) }) }
}
