import { sql } from 'kysely'
import { type Notebook } from '../store/openNotebook'
import { groupBy } from '../store/groupBy'
import { type Shelf } from './shelf'

/** Ids of the pieces that have each symbol on their care label, the latest first; looked for where they lie. */
export async function piecesByCare(db: Notebook): Promise<Map<string, string[]>> {
  const { rows } = await sql<{ piece: string; symbol: string }>`
    select record.id as piece, sign.value as symbol
    from record, json_each(record.data, '$.care') as sign
    where record.kind = 'piece'
    order by record.id desc`.execute(db)
  const groups = groupBy(rows, ({ symbol }) => symbol)
  return new Map([...groups].map(([symbol, own]) => [symbol, own.map(({ piece }) => piece)]))
}

/** The same, looked for once until a piece changes. */
export function careOnShelves(db: Notebook, shelf: Shelf): Promise<Map<string, string[]>> {
  return shelf.once('by care', () => piecesByCare(db))
}
