import { type RecordData, type RecordKindId } from '../../core/notebook/kinds'
import { type Notebook } from './openNotebook'
import { ConflictError } from './errors'
import { changeRecord, createRecord, findRecord, inTransaction } from './repository'
import { type Kept } from './kept'
import { mustHave } from '@/core/lists/items'

/**
 * Writes a new record under an id that whoever asks has made: asked again, because the answer was lost on its way, it
 * is the same record and no second one. What was typed differently meanwhile changes it.
 * @param id undefined: a new one each time
 * @throws ConflictError where the record was changed by somebody since
 */
export async function createOnce<K extends RecordKindId>(
  db: Notebook,
  kind: K,
  data: RecordData<K>,
  at: string,
  id: string | undefined,
): Promise<Kept<K>> {
  return inTransaction(db, async (open) => {
    const taken = id === undefined ? undefined : await kindOf(open, id)
    // Thrown away since, or another kind's: it is new.
    if (taken !== kind) return createRecord(open, kind, data, at, taken === undefined ? id : undefined)
    const found = await findRecord(open, kind, mustHave(id))
    if (found && JSON.stringify(found.data) === JSON.stringify(data)) return found
    if (found && found.revision > 1) throw new ConflictError(kind, found)
    return changeRecord(open, kind, { id: mustHave(id), revision: 1 }, data, at)
  })
}

/** Of which kind the record is that has an id; undefined where none has. */
async function kindOf(db: Notebook, id: string): Promise<string | undefined> {
  return (await db.selectFrom('record').select('kind').where('id', '=', id).executeTakeFirst())?.kind
}
