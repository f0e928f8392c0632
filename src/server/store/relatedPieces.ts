import { sql } from 'kysely'
import { type Notebook } from './openNotebook'

/** Pieces of one cloth that are followed from any of them; a larger lot shares among its nearest. */
const MOST_KIN = 500

/** A piece that is of one cloth with another. */
export interface RelatedPieces {
  id: string
  /** The one was cut from the other, or both from a third: else they only lie in one lot. */
  byCut: boolean
}

/**
 * The pieces that are of one cloth with each of those: what they were cut from, what was cut from them, and what came
 * in one lot, as far as these lead.
 * @returns by each piece that has any, the others
 */
export async function oneClothWith(db: Notebook, ids: readonly string[]): Promise<Map<string, RelatedPieces[]>> {
  const all = new Map<string, RelatedPieces[]>()
  for (const id of await havingKin(db, ids)) {
    const byCut = new Set(await reachedFrom(db, id, ['cutFromId']))
    const kin = await reachedFrom(db, id, ['cutFromId', 'lotId'])
    if (kin.length > 0)
      all.set(
        id,
        kin.map((other) => ({ id: other, byCut: byCut.has(other) })),
      )
  }
  return all
}

/** The pieces that those references lead to from a piece, either way; without itself. */
async function reachedFrom(db: Notebook, id: string, fields: readonly string[]): Promise<string[]> {
  const { rows } = await kinQuery(id, fields).execute(db)
  return rows.map((row) => row.id)
}

/**
 * The query behind it. Nobody counts the rows for SQLite: the order of the join is told to it, from the few kin to
 * their records, else it walks every piece of the notebook and looks for each among the kin.
 */
export function kinQuery(id: string, fields: readonly string[]) {
  const named = sql.join(fields)
  return sql<{ id: string }>`
    with recursive kin(id) as (
      select ${id}
      union select r.to_id from kin join reference r on r.from_id = kin.id and r.field in (${named})
      union select r.from_id from kin join reference r on r.to_id = kin.id and r.field in (${named})
      limit ${MOST_KIN})
    select record.id from kin cross join record on record.id = kin.id
    where +kind = 'piece' and record.id <> ${id} order by record.id`
}

/** Those that were cut from something, have offcuts, or lie in a lot: the others need not be followed. */
async function havingKin(db: Notebook, ids: readonly string[]): Promise<string[]> {
  const { rows } = await havingKinQuery(ids).execute(db)
  return rows.map(({ id }) => id)
}

/** The query behind it. */
export function havingKinQuery(ids: readonly string[]) {
  return sql<{ id: string }>`
    select value as id from json_each(${JSON.stringify(ids)}) where exists (
      select 1 from reference where from_id = value and field in ('lotId', 'cutFromId')) or exists (
      select 1 from reference where to_id = value and field in ('lotId', 'cutFromId'))`
}
