import { recordKinds, type RecordData, type RecordKindId } from '../../core/notebook/kinds'
import { type Notebook } from './openNotebook'
import { GoneError } from './errors'
import { changeRecord, findRecord, inTransaction } from './repository'
import { type Kept } from './kept'

/**
 * Changes a record as it stands now, whatever revision a page saw of it: for changes that touch nothing else.
 * @throws GoneError where it was taken away, ZodError where its kind refuses what it would become
 */
export function amendRecord<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  id: string,
  at: string,
  change: (data: RecordData<K>) => RecordData<K>,
): Promise<Kept<K>> {
  return inTransaction(db, async (open) => {
    const found = await findRecord(open, kind, id)
    if (!found) throw new GoneError(kind, id)
    return changeRecord(open, kind, found, recordKinds[kind].schema.parse(change(found.data)) as RecordData<K>, at)
  })
}
