import { sql } from 'kysely'
import { type Notebook } from '../database'

/** Pieces of one cloth that are followed from any of them; a larger lot shares among its nearest. */
const MOST_KIN = 500

/** A piece that is of one cloth with another. */
export interface Kin {
  id: string
  /** The one was cut from the other, or both from a third: else they only lie in one lot. */
  byCut: boolean
}

/**
 * The pieces that are of one cloth with each of those: what they were cut from, what was cut from them, and what came
 * in one lot, as far as these lead.
 * @returns by each piece that has any, the others
 */
export async function oneClothWith(db: Notebook, ids: readonly string[]): Promise<Map<string, Kin[]>> {
  const all = new Map<string, Kin[]>()
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
  const named = sql.join(fields)
  const { rows } = await sql<{ id: string }>`
    with recursive kin(id) as (
      select ${id}
      union select r.to_id from kin join reference r on r.from_id = kin.id and r.field in (${named})
      union select r.from_id from kin join reference r on r.to_id = kin.id and r.field in (${named})
      limit ${MOST_KIN})
    select record.id from kin join record on record.id = kin.id
    where kind = 'piece' and record.id <> ${id} order by record.id`.execute(db)
  return rows.map((row) => row.id)
}

/** Those that were cut from something, have offcuts, or lie in a lot: the others need not be followed. */
async function havingKin(db: Notebook, ids: readonly string[]): Promise<string[]> {
  const { rows } = await sql<{ id: string }>`
    select value as id from json_each(${JSON.stringify(ids)}) where exists (
      select 1 from reference where field in ('lotId', 'cutFromId') and (from_id = value or to_id = value))`.execute(
    db,
  )
  return rows.map(({ id }) => id)
}
