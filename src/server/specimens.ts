import { type Insertable, type Selectable } from 'kysely'
import { SpecimenNoteSchema, type SpecimenNote } from '../core/notebook/records'
import { type Notebook } from './database'
import { type SpecimenTable } from './schema'

/** Notes of the specimens of some tests, by test, the first specimen first. */
export async function notesOf(db: Notebook, testIds: readonly number[]): Promise<Map<number, SpecimenNote[]>> {
  const rows = await db
    .selectFrom('specimen')
    .selectAll()
    .where('test_id', 'in', testIds)
    .orderBy('specimen')
    .execute()
  const byTest = new Map<number, SpecimenNote[]>()
  for (const row of rows) byTest.set(row.test_id, [...(byTest.get(row.test_id) ?? []), fromRow(row)])
  return byTest
}

/** Keeps what is noted of specimens, in the place of what was noted of them before, all or nothing. */
export async function keepNotes(db: Notebook, testId: number, notes: readonly SpecimenNote[]): Promise<void> {
  await db.transaction().execute(async (within) => {
    for (const note of notes) {
      const row = toRow(testId, note)
      await within
        .insertInto('specimen')
        .values(row)
        .onConflict((conflict) => conflict.columns(['test_id', 'specimen']).doUpdateSet(row))
        .execute()
    }
  })
}

/** Every picture that some specimen has. */
export async function picturesInUse(db: Notebook): Promise<Set<string>> {
  const rows = await db.selectFrom('specimen').select('picture').where('picture', 'is not', null).execute()
  return new Set(rows.map(({ picture }) => picture!))
}

function toRow(testId: number, note: SpecimenNote): Insertable<SpecimenTable> {
  return {
    test_id: testId,
    specimen: note.specimen,
    part: note.part,
    note: note.note,
    catch_seconds: note.catchSeconds,
    burn_seconds: note.burnSeconds,
    burn_mm: note.burnMm,
    picture: note.picture,
  }
}

function fromRow(row: Selectable<SpecimenTable>): SpecimenNote {
  return SpecimenNoteSchema.parse({
    specimen: row.specimen,
    part: row.part,
    note: row.note,
    catchSeconds: row.catch_seconds,
    burnSeconds: row.burn_seconds,
    burnMm: row.burn_mm,
    picture: row.picture,
  })
}
