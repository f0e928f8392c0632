import { sql, type Kysely } from 'kysely'
import { groupBy } from '../groupBy'
import { mustHave } from '@/core/lists/items'

export type OldTable =
  'piece' | 'burn_test' | 'answer' | 'specimen' | 'control' | 'reading' | 'measurement' | 'pattern'

type Row = Record<string, string | number | null>

/** A record as it goes into the one table. */
export interface NewRecord {
  id: string
  kind: string
  /** Its number in its old table. */
  number: number
  data: Record<string, unknown>
  searched: string
  createdAt: string
  references: Record<string, string | null>
}

/**
 * The rows of every old table as records. Whatever a row holds is carried over as it is: what cannot be read is told
 * where it is read, and nothing is lost on the way.
 * @param newId a new id for a row made at that time, later ones sorting after earlier ones
 */
export async function readOldRows(
  db: Kysely<Record<OldTable, Row>>,
  newId: (createdAt: string) => string,
): Promise<NewRecord[]> {
  const all = async (table: OldTable) =>
    (await sql<Row>`select * from ${sql.table(table)} order by rowid`.execute(db)).rows
  const [pieces, controls, tests, answers, specimens, readings, measurements, patterns] = (await Promise.all(
    (['piece', 'control', 'burn_test', 'answer', 'specimen', 'reading', 'measurement', 'pattern'] as const).map(all),
  )) as [Row[], Row[], Row[], Row[], Row[], Row[], Row[], Row[]]
  const idsOf = (rows: readonly Row[], at: string) => new Map(rows.map((row) => [row.id, newId(String(row[at]))]))
  const pieceIds = idsOf(pieces, 'created_at')
  const controlIds = idsOf(controls, 'created_at')
  const answersOf = groupBy(answers, (row) => Number(row.test_id))
  const specimensOf = groupBy(specimens, (row) => Number(row.test_id))
  const made = (
    kind: string,
    row: Row,
    id: string,
    data: Record<string, unknown>,
    rest: Partial<NewRecord> = {},
  ): NewRecord => ({
    id,
    kind,
    number: Number(row.id),
    data,
    searched: '',
    createdAt: String(row.created_at ?? row.measured_at),
    references: {},
    ...rest,
  })
  const ofPiece = (row: Row) => ({ pieceId: pieceIds.get(row.piece_id) ?? null })
  return [
    ...pieces.map((row) =>
      made('piece', row, mustHave(pieceIds.get(row.id)), pieceData(row), {
        searched: words(row, 'name', 'called', 'place', 'source', 'notes'),
      }),
    ),
    ...controls.map((row) =>
      made(
        'control',
        row,
        mustHave(controlIds.get(row.id)),
        { fibre: row.fibre, name: row.name, sure: row.sure },
        { searched: words(row, 'name', 'sure', 'fibre') },
      ),
    ),
    ...tests.map((row) => {
      const references = { ...ofPiece(row), controlId: controlIds.get(row.control_id) ?? null }
      const data = {
        ...references,
        setup: parsed(row.setup),
        answers: (answersOf.get(Number(row.id)) ?? []).map(answerData),
        specimens: (specimensOf.get(Number(row.id)) ?? []).map(specimenData),
      }
      return made('burn-test', row, newId(String(row.created_at)), data, { references })
    }),
    ...readings.map((row) =>
      made(
        'measurement',
        row,
        newId(String(row.measured_at)),
        { ...ofPiece(row), state: row.state, data: weighingData(row) },
        { references: ofPiece(row) },
      ),
    ),
    ...measurements.map((row) =>
      // Weighings and other measurements were counted apart: theirs are told apart by the sign.
      made(
        'measurement',
        { ...row, id: -Number(row.id) },
        newId(String(row.measured_at)),
        { ...ofPiece(row), state: row.state, data: parsed(row.data) },
        { references: ofPiece(row) },
      ),
    ),
    ...patterns.map((row) =>
      made(
        'pattern',
        row,
        newId(String(row.created_at)),
        { name: row.name, notes: row.notes, need: parsed(row.need) },
        { searched: words(row, 'name', 'notes') },
      ),
    ),
  ]
}

function pieceData(row: Row): Record<string, unknown> {
  return {
    name: row.name,
    called: row.called,
    construction: row.construction,
    widthMm: row.width_mm,
    lengthMm: row.length_mm,
    place: row.place,
    source: row.source,
    notes: row.notes,
    washed: row.washed,
    body: row.body,
    opacity: row.opacity,
    stretchWidthPercent: row.stretch_width_percent,
    claim: parsed(row.claim),
    look: parsed(row.look),
  }
}

function answerData(row: Row): Record<string, unknown> {
  return {
    specimen: row.specimen,
    part: row.part,
    feature: row.feature,
    states: parsed(row.states),
    at: row.answered_at,
  }
}

function specimenData(row: Row): Record<string, unknown> {
  return {
    specimen: row.specimen,
    part: row.part,
    note: row.note,
    catchSeconds: row.catch_seconds,
    burnSeconds: row.burn_seconds,
    burnMm: row.burn_mm,
    picture: row.picture,
  }
}

/** What was not said stays unsaid. */
function weighingData(row: Row): Record<string, unknown> {
  const optional = {
    layers: row.layers,
    notionsGrams: row.notions_grams,
    notionsErrorGrams: row.notions_error_grams,
    humidityPercent: row.humidity_percent,
  }
  return {
    kind: 'weighing',
    grams: row.grams,
    resolutionGrams: row.resolution_grams,
    lengthMm: row.length_mm,
    widthMm: row.width_mm,
    cutErrorMm: row.cut_error_mm,
    ...Object.fromEntries(Object.entries(optional).filter(([, value]) => value !== null)),
  }
}

/** JSON as it was kept; text that is none stays that text. */
function parsed(text: Row[string] | undefined): unknown {
  try {
    return JSON.parse(String(text)) as unknown
  } catch {
    return text
  }
}

function words(row: Row, ...fields: string[]): string {
  return fields
    .map((field) => String(row[field] ?? ''))
    .join(' ')
    .toLowerCase()
}
