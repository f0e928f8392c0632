import { sql } from 'kysely'
import { groupBy } from './groupBy'
import { type Notebook } from './openNotebook'

/** Pieces of one cloth that are followed from any of them; a larger lot shares among its nearest. */
const MOST_KIN = 500

/** What a piece was cut from, and the lot that it came in. */
const KIN = ['cutFromId', 'lotId'] as const

/** A piece that is of one cloth with another. */
export interface RelatedPieces {
  id: string
  /** The one was cut from the other, or both from a third: else they only lie in one lot. */
  byCut: boolean
}

/** One piece that refers to another, or to its lot. */
interface Tie {
  from: string
  to: string
  field: string
}

/**
 * The pieces that are of one cloth with each of those: what they were cut from, what was cut from them, and what came
 * in one lot, as far as these lead. All their families are walked together, in two queries for any number of pieces.
 * @returns by each piece that has any, the others
 */
export async function oneClothWith(db: Notebook, ids: readonly string[]): Promise<Map<string, RelatedPieces[]>> {
  const ties = (await tiesQuery(ids).execute(db)).rows
  const around = tiedBy(ties)
  const aroundByCut = tiedBy(ties.filter(({ field }) => field === 'cutFromId'))
  const isPiece = new Set((await piecesAmongQuery([...around.keys()]).execute(db)).rows.map(({ id }) => id))
  const all = new Map<string, RelatedPieces[]>()
  for (const id of new Set(ids)) {
    const byCut = reachedFrom(id, aroundByCut)
    const kin = [...reachedFrom(id, around)].filter((other) => other !== id && isPiece.has(other)).sort()
    if (kin.length > 0)
      all.set(
        id,
        kin.map((other) => ({ id: other, byCut: byCut.has(other) })),
      )
  }
  return all
}

/** By each id, those that it is tied to, either way. */
function tiedBy(ties: readonly Tie[]): ReadonlyMap<string, string[]> {
  const bothWays = ties.flatMap(({ from, to }) => [
    [from, to],
    [to, from],
  ]) as [string, string][]
  const pairs = groupBy(bothWays, ([id]) => id)
  return new Map([...pairs].map(([id, own]) => [id, own.map(([, other]) => other)]))
}

/** Everything that the ties lead to from a piece, the nearest first, itself among them. */
function reachedFrom(id: string, around: ReadonlyMap<string, string[]>): ReadonlySet<string> {
  const reached = new Set([id])
  // A set is walked in the order in which it grows.
  for (const one of reached)
    for (const other of around.get(one) ?? []) {
      if (reached.size >= MOST_KIN) return reached
      reached.add(other)
    }
  return reached
}

/**
 * Asks for every tie within the families of those pieces. Nobody counts the rows for SQLite while a notebook grows: the
 * order of the joins is told to it, from the few that were reached to their ties, else it walks all of them. What
 * begins with “select” is read beside a writing that is under way.
 */
export function tiesQuery(ids: readonly string[]) {
  const fields = sql.join([...KIN])
  return sql<Tie>`
    select * from (with recursive reached(id) as (
      select value from json_each(${JSON.stringify(ids)})
      union select r.to_id from reached cross join reference r on r.from_id = reached.id and r.field in (${fields})
      union select r.from_id from reached cross join reference r on r.to_id = reached.id and +r.field in (${fields})
      limit ${MOST_KIN * ids.length})
    select from_id as "from", to_id as "to", field
    from reached cross join reference r on r.from_id = reached.id and r.field in (${fields})
    ) order by "from", field`
}

/** Asks which of those are pieces. */
export function piecesAmongQuery(ids: readonly string[]) {
  return sql<{ id: string }>`
    select record.id from json_each(${JSON.stringify(ids)}) as some cross join record on record.id = some.value
    where +kind = 'piece'`
}
