import { type Kysely } from 'kysely'
import { type OldTable } from './0004_up'

type Data = Record<string, unknown>
interface OldRecord {
  id: string
  kind: string
  data: string
  created_at: string
}

/**
 * Records back into a table each, under the numbers that they had; what came since gets the next ones.
 * @param numbers what each had, by id; a measurement that was no weighing has it with a minus
 */
export async function insertOldRows(
  db: Kysely<Record<OldTable, Data>>,
  records: readonly OldRecord[],
  numbers: ReadonlyMap<string, number>,
): Promise<void> {
  const tableOf = ({ kind, data }: { kind: string; data: Data }): OldTable => {
    if (kind === 'burn-test') return 'burn_test'
    if (kind !== 'measurement') return kind as OldTable
    return (data.data as Data).kind === 'weighing' ? 'reading' : 'measurement'
  }
  const told = records.map(({ data: text, ...rest }) => ({ ...rest, data: JSON.parse(text) as Data }))
  const given = new Map<string, number>()
  for (const table of ['piece', 'control', 'burn_test', 'reading', 'measurement', 'pattern'] as const) {
    const own = told.filter((record) => tableOf(record) === table)
    let next = Math.max(0, ...own.map(({ id }) => Math.abs(numbers.get(id) ?? 0))) + 1
    for (const record of own) {
      const before = numbers.get(record.id)
      const id = before === undefined ? next++ : Math.abs(before)
      given.set(record.id, id)
      await db
        .insertInto(table)
        .values({ id, ...ROWS[table](record.data, record.created_at, given) })
        .execute()
      if (table === 'burn_test') await insertParts(db, id, record.data, record.created_at)
    }
  }
}

const text = (value: unknown) => (typeof value === 'string' ? value : JSON.stringify(value))

const ROWS: Record<
  'piece' | 'control' | 'burn_test' | 'reading' | 'measurement' | 'pattern',
  (data: Data, at: string, given: ReadonlyMap<string, number>) => Data
> = {
  piece: (data, at) => ({
    name: data.name,
    called: data.called,
    construction: data.construction,
    width_mm: data.widthMm,
    length_mm: data.lengthMm,
    place: data.place,
    source: data.source,
    notes: data.notes,
    washed: data.washed,
    body: data.body,
    opacity: data.opacity,
    stretch_width_percent: data.stretchWidthPercent,
    claim: text(data.claim),
    look: text(data.look),
    created_at: at,
  }),
  control: ({ fibre, name, sure }, at) => ({ fibre, name, sure, created_at: at }),
  burn_test: ({ pieceId, controlId, setup }, at, given) => ({
    piece_id: given.get(String(pieceId)) ?? null,
    control_id: given.get(String(controlId)) ?? null,
    setup: text(setup),
    created_at: at,
  }),
  reading: ({ pieceId, state, data }, at, given) => {
    const reading = data as Data
    return {
      piece_id: given.get(String(pieceId)),
      grams: reading.grams,
      resolution_grams: reading.resolutionGrams,
      length_mm: reading.lengthMm,
      width_mm: reading.widthMm,
      cut_error_mm: reading.cutErrorMm,
      layers: reading.layers ?? null,
      notions_grams: reading.notionsGrams ?? null,
      notions_error_grams: reading.notionsErrorGrams ?? null,
      humidity_percent: reading.humidityPercent ?? null,
      state,
      measured_at: at,
    }
  },
  measurement: ({ pieceId, state, data }, at, given) => ({
    piece_id: given.get(String(pieceId)),
    kind: (data as Data).kind,
    state,
    data: text(data),
    measured_at: at,
  }),
  pattern: ({ name, notes, need }, at) => ({ name, notes, need: text(need), created_at: at }),
}

async function insertParts(
  db: Kysely<Record<OldTable, Data>>,
  testId: number,
  data: Data,
  at: string,
): Promise<void> {
  for (const answer of data.answers as Data[]) {
    const { specimen, part, feature, states } = answer
    await db
      .insertInto('answer')
      .values({ test_id: testId, specimen, part, feature, states: text(states), answered_at: answer.at ?? at })
      .execute()
  }
  for (const note of data.specimens as Data[]) {
    await db
      .insertInto('specimen')
      .values({
        test_id: testId,
        specimen: note.specimen,
        part: note.part,
        note: note.note,
        catch_seconds: note.catchSeconds,
        burn_seconds: note.burnSeconds,
        burn_mm: note.burnMm,
        picture: note.picture,
      })
      .execute()
  }
}
