import { sql } from 'kysely'
import { type Movement } from '../../core/stashSearch/looking'
import { type Notebook } from '../store/openNotebook'

interface Row {
  at: string
  width: number | null
  before: number
  after: number | null
}

const MM2_PER_M2 = 1e6

const lengthIn = (column: 'before' | 'after') =>
  sql.raw(`(case when json_valid(${column}) then json_extract(${column}, '$.lengthMm') end)`)
const LENGTH_BEFORE = lengthIn('before')
const LENGTH_AFTER = lengthIn('after')

/**
 * What went since an instant: lengths that were cut off, and pieces that were taken off their shelf and are not there
 * again. Only cloth by the length that was measured counts.
 * @param gsmOf g/m² of a piece where it is known
 */
export async function wentSince(
  db: Notebook,
  since: string,
  gsmOf: (id: string) => number | undefined,
): Promise<Movement[]> {
  // As the index `change_shortened` says it, word for word: else SQLite does not use it.
  const { rows } = await sql<Row & { id: string }>`
    select at, record_id as id, json_extract(before, '$.widthMm') as width,
      ${LENGTH_BEFORE} as before, ${LENGTH_AFTER} as after
    from change
    where kind = 'piece' and what in ('change', 'remove') and at >= ${since} and undoes is null
      and ${LENGTH_BEFORE} > coalesce(${LENGTH_AFTER}, 0)
      and stroke not in (select undoes from change where undoes is not null)`.execute(db)
  return rows.flatMap(({ at, id, width, before, after }) => {
    if (width === null) return []
    const m2 = (width * (before - (after ?? 0))) / MM2_PER_M2
    const gsm = gsmOf(id)
    return [{ at, m2, kg: gsm === undefined ? 0 : (gsm * m2) / 1000 }]
  })
}
