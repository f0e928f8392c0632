import { type PatternRecord } from '../../core/notebook/kinds/pattern'
import { type Notebook } from '../store/openNotebook'
import { allRecords, findRecord } from '../store/repository'
import { type Kept, type RecordHead } from '../store/kept'

/** A pattern with the head of its record. */
export type KeptPattern = PatternRecord & RecordHead

export async function listPatterns(db: Notebook): Promise<KeptPattern[]> {
  return (await allRecords(db, 'pattern')).kept.map(flat)
}

export async function findPattern(db: Notebook, id: string): Promise<KeptPattern | undefined> {
  const found = await findRecord(db, 'pattern', id)
  return found && flat(found)
}

function flat({ data, ...head }: Kept<'pattern'>): KeptPattern {
  return { ...data, ...head }
}
