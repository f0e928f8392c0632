import { HeapSchema } from '../core/notebook/kinds/heap'
import { LotSchema } from '../core/notebook/kinds/lot'
import { PieceSchema } from '../core/notebook/kinds/piece'
import { cutFrom } from '../server/records/cutting'
import { type Notebook } from '../server/database'
import { addPhotograph } from '../server/pictures/photographs'
import { amendRecord } from '../server/store/amend'
import { createRecord } from '../server/store/repository'
import { demoCuts, demoHeap, demoLots, demoMore, demoPieceOutlines, demoPhotographed } from './keeping'
import { photographOf } from './photographs'
import { mustHave } from '@/core/lists/items'

const MS_A_DAY = 24 * 60 * 60 * 1000

/** When a piece came, ISO 8601; what is said of no day came with the latest barge. @param now ms since 1970 */
export function cameAt(name: string, now: number): string {
  return new Date(now - (demoMore[name]?.cameDaysAgo ?? LATEST_BARGE) * MS_A_DAY).toISOString()
}

/** Days since the latest barge came. */
const LATEST_BARGE = 8

/**
 * Everything that is kept beside what pieces are: lots, prices, days, a heap, outlines, what was cut in six months.
 * @param ids of the pieces, by name
 * @param now ms since 1970
 */
export async function fillKeeping(db: Notebook, ids: ReadonlyMap<string, string>, now: number): Promise<void> {
  const ago = (days: number) => new Date(now - days * MS_A_DAY).toISOString()
  const idOf = (name: string) => {
    const id = ids.get(name)
    if (!id) throw new RangeError(`fillKeeping: no piece of the demo is called "${name}"`)
    return id
  }
  for (const { name, source, got, notes, pieces, others } of demoLots) {
    const lot = await createRecord(
      db,
      'lot',
      LotSchema.parse({ name, source, notes, got: ago(got).slice(0, 10) }),
      ago(got),
    )
    for (const piece of pieces)
      await amendRecord(db, 'piece', idOf(piece), ago(got), (data) => ({ ...data, lotId: lot.id }))
    for (const piece of others)
      await createRecord(
        db,
        'piece',
        PieceSchema.parse({ ...piece, lotId: lot.id, got: ago(got).slice(0, 10) }),
        ago(got),
      )
  }
  for (const [name, { cameDaysAgo = 0, ...more }] of Object.entries(demoMore)) {
    const got = ago(cameDaysAgo)
    await amendRecord(db, 'piece', idOf(name), got, (data) =>
      PieceSchema.parse({ ...data, ...more, got: got.slice(0, 10) }),
    )
  }
  await fillHeap(db, ago)
  for (const { piece, from } of demoPieceOutlines) {
    const data = PieceSchema.parse({ ...piece, cutFromId: from ? idOf(from) : null, got: ago(30).slice(0, 10) })
    await createRecord(db, 'piece', data, ago(30))
  }
  for (const { piece, daysAgo, ...cut } of demoCuts) await cutFrom(db, { pieceId: idOf(piece), ...cut }, ago(daysAgo))
}

async function fillHeap(db: Notebook, ago: (days: number) => string): Promise<void> {
  const { name, place, begun, pieces } = demoHeap
  const heap = await createRecord(db, 'heap', HeapSchema.parse({ name, place }), ago(begun))
  for (const { grey, ...piece } of pieces) {
    const look = { warp: grey, weft: grey, accent: null, colouring: 'plain' as const }
    const data = PieceSchema.parse({
      ...piece,
      place,
      look,
      heapId: heap.id,
      sizeHow: 'usual',
      got: ago(begun).slice(0, 10),
    })
    await createRecord(db, 'piece', data, ago(begun))
  }
}

/** Photographs of some pieces, by the made-up camera. */
export async function fillPhotographs(
  db: Notebook,
  home: string,
  ids: ReadonlyMap<string, string>,
  looks: ReadonlyMap<string, readonly [string, string]>,
  at: string,
): Promise<void> {
  for (const [seed, { piece, ...shot }] of demoPhotographed.entries()) {
    const id = mustHave(ids.get(piece))
    await addPhotograph(db, home, id, await photographOf(shot, mustHave(looks.get(piece)), seed + 1), at)
    await amendRecord(db, 'piece', id, at, (data) => ({ ...data, face: 'picture' }))
  }
}
