import { type Selectable } from 'kysely'
import { MeasurementSchema, type KeptMeasurement, type Measurement } from '../core/notebook/measurements'
import { WASH_STATES, type WashState } from '../core/vocabulary/cloth'
import { type Notebook } from './database'
import { grouped } from './grouped'
import { type MeasurementTable } from './schema'

/** Measurements of one piece, oldest first. */
export async function measurementsOf(db: Notebook, pieceId: number): Promise<KeptMeasurement[]> {
  const rows = await db.selectFrom('measurement').selectAll().where('piece_id', '=', pieceId).orderBy('id').execute()
  return rows.map(fromRow)
}

/** Measurements of every piece, by piece. */
export async function allMeasurements(db: Notebook): Promise<Map<number, KeptMeasurement[]>> {
  return grouped(
    await db.selectFrom('measurement').selectAll().orderBy('id').execute(),
    (row) => row.piece_id,
    fromRow,
  )
}

/** Writes a measurement; answers its id. */
export async function addMeasurement(
  db: Notebook,
  pieceId: number,
  data: Measurement,
  state: WashState,
  at: string,
): Promise<number> {
  const { id } = await db
    .insertInto('measurement')
    .values({ piece_id: pieceId, kind: data.kind, state, data: JSON.stringify(data), measured_at: at })
    .returning('id')
    .executeTakeFirstOrThrow()
  return id
}

export async function removeMeasurement(db: Notebook, pieceId: number, id: number): Promise<void> {
  await db.deleteFrom('measurement').where('piece_id', '=', pieceId).where('id', '=', id).execute()
}

function fromRow(row: Selectable<MeasurementTable>): KeptMeasurement {
  return {
    id: row.id,
    state: WASH_STATES.find((state) => state === row.state) ?? 'unknown',
    data: MeasurementSchema.parse(JSON.parse(row.data)),
    at: row.measured_at,
  }
}
