import { EXCHANGE_FORMAT, EXCHANGE_ORDER, EXCHANGE_VERSION } from '../../core/formats/exchange'
import { type Notebook } from '../database'
import { damagedRecords } from '../cache/checked'
import { isJson } from '../store/isJson'

/** Rows read at a time: a large notebook is never in memory as a whole. */
const AT_ONCE = 500
/** Of what is wrong with a record, characters. */
const MOST_SAID = 200

/**
 * The whole notebook as one JSON document, part by part: every record as it is kept, in an order that does not change.
 * Records that cannot be read are left out, and the document says which; they are told on their pages, with their
 * contents.
 * @param at ISO 8601
 */
export async function* exportedJson(db: Notebook, at: string): AsyncGenerator<string> {
  const head = { format: EXCHANGE_FORMAT, version: EXCHANGE_VERSION, exportedAt: at }
  yield `${JSON.stringify(head).slice(0, -1)},"records":[`
  const damaged = await damagedRecords(db, null, { isWaiting: true })
  const unreadable = new Set(damaged.map(({ id }) => id))
  let isFirst = true
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
      const texts = rows
        .filter(({ id, data }) => !unreadable.has(id) && isJson(data))
        .map(({ id, version, revision, created_at: createdAt, updated_at: updatedAt, data }) => {
          const outer = JSON.stringify({ id, kind, version, revision, createdAt, updatedAt })
          // The data are JSON already, and stay as they were written.
          return `${outer.slice(0, -1)},"data":${data}}`
        })
      if (texts.length > 0) {
        yield `${isFirst ? '\n' : ',\n'}${texts.join(',\n')}`
        isFirst = false
      }
      if (rows.length < AT_ONCE) break
      after = rows.at(-1)!.id
    }
  }
  yield '\n]'
  const leftOut = damaged.map(({ id, kind, problem }) => ({ id, kind, problem: problem.slice(0, MOST_SAID) }))
  if (leftOut.length > 0) yield `,"leftOut":${JSON.stringify(leftOut)}`
  yield '}\n'
}
