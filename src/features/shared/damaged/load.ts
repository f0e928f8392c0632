import { recordKinds, type RecordKindId } from '@/core/notebook/kinds'
import { notebook } from '@/server/database'
import { damagedRecords } from '@/server/remember/checked'
import { isDamaged, readRecord, type DamagedRecord } from '@/server/store/repository'

/** A record that cannot be read, as it is shown in its place. */
export interface DamagedCard {
  kind: string
  id: string
  revision: number
  /** `a burn test`. */
  what: string
  problem: string
  /** What lies in the notebook, as it is. */
  raw: string
  /** ISO 8601. */
  updatedAt: string
}

/** The records of these kinds that cannot be read. */
export async function damagedOf(...kinds: RecordKindId[]): Promise<DamagedCard[]> {
  return (await damagedRecords(await notebook(), kinds)).map(cardOf)
}

/** What cannot be read of one piece: itself, its measurements, its burn tests. */
export async function damagedOfPiece(id: string): Promise<DamagedCard[]> {
  const db = await notebook()
  const [piece, others] = await Promise.all([
    readRecord(db, 'piece', id),
    damagedRecords(db, ['measurement', 'burn-test'], { referringTo: id }),
  ])
  return [...(piece && isDamaged(piece) ? [piece] : []), ...others].map(cardOf)
}

function cardOf({ kind, id, revision, problem, raw, updatedAt }: DamagedRecord): DamagedCard {
  return { kind, id, revision, problem, raw, updatedAt, what: recordKinds[kind as RecordKindId].words.one }
}
