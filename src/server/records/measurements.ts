import { type KeptMeasurement, type Measurement } from '../../core/notebook/measurements'
import { type WashState } from '../../core/vocabulary/cloth'
import { type Notebook } from '../store/openNotebook'
import { findRecord, recordsReferring, removeRecord } from '../store/repository'
import { type Kept } from '../store/kept'
import { createOnce } from '../store/createOnce'

/** Measurements of one piece, oldest first. */
export async function measurementsOf(db: Notebook, pieceId: string): Promise<KeptMeasurement[]> {
  return (await recordsReferring(db, 'measurement', 'pieceId', pieceId)).map(keptMeasurementOf)
}

/** Writes a measurement; answers its id. @throws GoneError where its piece was taken away */
export async function addMeasurement(
  db: Notebook,
  pieceId: string,
  data: Measurement,
  state: WashState,
  at: string,
  id?: string,
): Promise<string> {
  return (await createOnce(db, 'measurement', { pieceId, state, data }, at, id)).id
}

/** Strikes one out; never another piece's. */
export async function removeMeasurement(db: Notebook, pieceId: string, id: string, at: string): Promise<void> {
  const found = await findRecord(db, 'measurement', id)
  if (found?.data.pieceId === pieceId) await removeRecord(db, 'measurement', { id }, at)
}

/** A measurement as the core takes it. */
export function keptMeasurementOf({ id, data: { state, data }, createdAt }: Kept<'measurement'>): KeptMeasurement {
  return { id, state, data, at: createdAt }
}
