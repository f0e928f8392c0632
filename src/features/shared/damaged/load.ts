import { recordKinds, wordsOfKind, type RecordKindId } from '@/core/notebook/kinds'
import { notebook } from '@/server/database'
import { damagedRecords } from '@/server/cache/checked'
import { damagedAmong, readRecord } from '@/server/store/repository'
import { isDamaged, type DamagedRecord } from '@/server/store/kept'

/** A record that cannot be read, as it is shown in its place. */
export interface DamagedCard {
  kind: string
  id: string
  revision: number
  /** `a burn test`. */
  what: string
  problem: string
  /** What lies in the notebook, as it is; of much, the beginning. */
  raw: string
  isCut: boolean
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

/** Records of kinds that this program does not know. */
export async function damagedOfUnknownKinds(): Promise<DamagedCard[]> {
  const all = await damagedRecords(await notebook(), null)
  return all.filter(({ kind }) => !Object.hasOwn(recordKinds, kind)).map(cardOf)
}

/** So much of it is shown, characters. */
const SHOWN = 2000

function cardOf({ kind, id, revision, problem, raw, updatedAt }: DamagedRecord): DamagedCard {
  const what = wordsOfKind(kind).one
  return { kind, id, revision, problem, raw: raw.slice(0, SHOWN), isCut: raw.length > SHOWN, updatedAt, what }
}

/** What lies in the notebook under an id that cannot be read; undefined where nothing does. */
export async function rawOf(id: string): Promise<string | undefined> {
  const [found] = await damagedAmong(await notebook(), [id])
  return found?.raw
}
