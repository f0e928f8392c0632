import { EXCHANGE_ORDER } from '../../core/formats/json/document'
import { writeDocument, type WrittenRecord } from '../../core/formats/json/write'
import { type Notebook } from '../store/openNotebook'
import { damagedRecords } from '../cache/checked'
import { isJson } from '../store/isJson'
import { lastOf } from '@/core/lists/items'

/** Rows read at a time: a large notebook is never in memory as a whole. */
const AT_ONCE = 500

/**
 * The whole notebook as one JSON document, part by part: every record as it is kept, in an order that does not change.
 * Records that cannot be read are left out, and the document says which; they are told on their pages, with their
 * contents.
 * @param at ISO 8601
 */
export async function* exportedJson(db: Notebook, at: string): AsyncGenerator<string> {
  const damaged = await damagedRecords(db, null, { isWaiting: true })
  yield* writeDocument(writtenRecords(db, new Set(damaged.map(({ id }) => id))), damaged, at)
}

async function* writtenRecords(db: Notebook, unreadable: ReadonlySet<string>): AsyncGenerator<WrittenRecord[]> {
  for (const kind of EXCHANGE_ORDER) {
    for (let after = ''; ;) {
      const rows = await db
        .selectFrom('record')
        .selectAll()
        .where('kind', '=', kind)
        .where('id', '>', after)
        .orderBy('id')
        .limit(AT_ONCE)
        .execute()
      yield rows
        .filter(({ id, data }) => !unreadable.has(id) && isJson(data))
        .map(({ id, version, revision, created_at: createdAt, updated_at: updatedAt, data }) => {
          return { id, kind, version, revision, createdAt, updatedAt, data }
        })
      if (rows.length < AT_ONCE) break
      after = lastOf(rows).id
    }
  }
}
