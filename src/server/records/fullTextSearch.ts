import { sql } from 'kysely'
import { type RecordKindId } from '../../core/notebook/kinds'
import { nearestWords, plainWords } from '../../core/search/slips'
import { type Notebook } from '../store/openNotebook'

/** A record that has the words. */
export interface Hit {
  id: string
  kind: RecordKindId
  title: string
  /** The lower, the better: words in the title count for more. */
  rank: number
}

/** More words than these are left out of a question. */
const MOST_WORDS = 12

/** What of the notebook has every one of these words, or a word that begins so, the best first. */
export async function soughtRecords(
  db: Notebook,
  text: string,
  kinds: readonly RecordKindId[],
  most: number,
): Promise<Hit[]> {
  const asked = await matchOf(db, text)
  if (asked === null) return []
  const { rows } = await sql<Hit>`
    select record.id, record.kind, record.title, bm25(sought, 8.0, 1.0) as rank
    from sought
    join sought_row on sought_row.n = sought.rowid
    join record on record.id = sought_row.record_id
    where sought match ${asked} and record.kind in (${sql.join(kinds)})
    order by rank limit ${most}`.execute(db)
  return rows
}

/** Records whose id ends so, by their titles. @param end hexadecimal digits, and nothing else */
export async function recordsEndingIn(db: Notebook, kind: RecordKindId, end: string, most: number): Promise<Hit[]> {
  const { rows } = await sql<Hit>`
    select id, kind, title, 0 as rank from record
    where kind = ${kind} and substr(id, -${end.length}) = ${end} order by title limit ${most}`.execute(db)
  return rows
}

/** The ids of every piece that has the words; null where no word is asked. */
export async function fullTextSearch(db: Notebook, text: string): Promise<Set<string> | null> {
  if (plainWords(text).length === 0) return null
  const asked = await matchOf(db, text)
  if (asked === null) return new Set()
  const { rows } = await sql<{ id: string }>`
    select record_id as id from sought_row where n in (select rowid from sought where sought match ${asked})`.execute(
    db,
  )
  return new Set(rows.map(({ id }) => id))
}

/**
 * Words as the index is asked for them: each begins a word of the record; one that begins none is taken for a slip of
 * the pen, and the nearest that are there are asked for. Null where one of them is like nothing at all.
 */
async function matchOf(db: Notebook, text: string): Promise<string | null> {
  const words = plainWords(text).slice(0, MOST_WORDS)
  if (words.length === 0) return null
  const asked: string[] = []
  for (const word of words) {
    const near = (await begins(db, word)) ? [word] : nearestWords(word, await termsNear(db, word))
    if (near.length === 0) return null
    asked.push(`(${near.map((one) => `"${one}"*`).join(' OR ')})`)
  }
  return asked.join(' AND ')
}

async function begins(db: Notebook, word: string): Promise<boolean> {
  const { rows } = await sql`select 1 from sought where sought match ${`"${word}"*`} limit 1`.execute(db)
  return rows.length > 0
}

/** Words of the index that a slip might have been made in: the first letter is seldom the wrong one. */
async function termsNear(db: Notebook, word: string): Promise<string[]> {
  await sql`create virtual table if not exists temp.sought_terms using fts5vocab(main, sought, row)`.execute(db)
  const first = word.slice(0, 1)
  const { rows } = await sql<{ term: string }>`
    select term from temp.sought_terms where term >= ${first} and term < ${`${first}\u{10ffff}`}`.execute(db)
  return rows.map(({ term }) => term)
}
