import { sql } from 'kysely'
import { type Notebook } from './database'

/** How many pieces have each symbol on their care label, counted where they lie. */
export async function countCare(db: Notebook): Promise<Map<string, number>> {
  const { rows } = await sql<{ id: string; pieces: number }>`
    select sign.value as id, count(*) as pieces
    from record, json_each(record.data, '$.care') as sign
    where record.kind = 'piece'
    group by sign.value`.execute(db)
  return new Map(rows.map(({ id, pieces }) => [id, pieces]))
}

/** Ids of the pieces that have a symbol on their care label, the latest first. */
export async function piecesWithCare(db: Notebook, id: string): Promise<string[]> {
  const { rows } = await sql<{ id: string }>`
    select record.id as id
    from record, json_each(record.data, '$.care') as sign
    where record.kind = 'piece' and sign.value = ${id}
    order by record.id desc`.execute(db)
  return rows.map((row) => row.id)
}
