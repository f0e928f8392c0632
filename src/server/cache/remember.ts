import { createHash } from 'node:crypto'
import { fibreSearchWords, pieceSummaryOf, type PieceSummary } from '../../core/stashSearch/pieceSummary'
import { readSummary, writeSummary } from '../../core/stashSearch/stashIndex/summaryText'
import { type ControlBurn } from '../../core/identify/observerCalibration'
import { type Vocabulary } from '../../core/vocabulary/words'
import { controlBurns } from '../records/controls'
import { type Notebook } from '../store/openNotebook'
import { entryOf, type StashEntry } from '../records/stash'
import { recordsOfPieces, type PieceRecords } from '../records/pieceRecords'

/** A piece that is to be looked over, with the mark that it was asked under. */
export interface Stale {
  id: string
  mark: string
}

/** What was made of it; null where it is gone or cannot be read. */
export interface RememberedPiece extends Stale {
  made: (RememberedText & { words: string }) | null
}

/** A summary as it is remembered, and the hash of what it was made from. */
export interface RememberedText {
  stamp: string
  gist: string
  offer: string
}

/** Under which tables and in which English something is made. */
export interface SummaryMaking {
  tables: string
  words: Vocabulary
}

/**
 * Looks these pieces over: reads what the person wrote of them and makes the gist of each. Writes nothing.
 * @param known stamps of what is remembered under the same tables: where nothing changed, it is not made again
 */
export async function lookOver(
  db: Notebook,
  stale: readonly Stale[],
  { words }: SummaryMaking,
  known: ReadonlyMap<string, RememberedText>,
): Promise<RememberedPiece[]> {
  const [records, controls] = await Promise.all([
    recordsOfPieces(
      db,
      stale.map(({ id }) => id),
    ),
    controlBurns(db),
  ])
  const byId = new Map(records.map((one) => [one.piece.id, one]))
  return stale.map(({ id, mark }) => {
    const own = byId.get(id)
    if (!own) return { id, mark, made: null }
    const stamp = stampOf(own, controls)
    const before = known.get(id)
    const same = before?.stamp === stamp ? summaryIn(before, id) : undefined
    if (same) return { id, mark, made: madeOf(stamp, same) }
    return { id, mark, made: madeOf(stamp, gistOfEntry(entryOf(own, controls, words))) }
  })
}

/** A summary that was remembered; undefined where it is none, or another piece's. */
export function summaryIn({ gist, offer }: Pick<RememberedText, 'gist' | 'offer'>, id: string) {
  return readSummary(id, { told: gist, offer })
}

function madeOf(stamp: string, summary: PieceSummary): RememberedPiece['made'] {
  const { told, offer } = writeSummary(summary)
  return { stamp, gist: told, offer, words: fibreSearchWords(summary.fibres) }
}

/** Everything that a gist is made from, as a hash. */
function stampOf(records: PieceRecords, controls: readonly ControlBurn[]): string {
  // What a person says of known pieces counts only where something was burnt.
  const nose = records.tests.length > 0 ? controls : []
  return createHash('sha256')
    .update(JSON.stringify([records, nose]))
    .digest('base64url')
}

export function gistOfEntry(entry: StashEntry): PieceSummary {
  const { piece, measurements, tests, sheet } = entry
  // What was found out of another piece of the same cloth touched that one.
  const touched = [
    piece.updatedAt,
    ...measurements.filter(({ on }) => !on).map(({ at }) => at),
    ...tests.filter(({ on }) => !on).map(({ updatedAt }) => updatedAt),
  ]
  const head = { id: piece.id, createdAt: piece.createdAt, touchedAt: touched.reduce((a, b) => (a > b ? a : b)) }
  return pieceSummaryOf(head, { piece, measurements }, sheet, tests.length)
}
