import { seamWords } from '../../shared/seamWords'
import { notebook } from '@/server/database'
import { allRecords, recordsByIds } from '@/server/store/repository'
import { type TriedSeam } from './Steps'

/** So many of a technique are shown, the latest. */
const SHOWN = 8

/** Seams that were tried on scraps, by the technique that they were sewn in. */
export async function loadTried(): Promise<Record<string, TriedSeam[]>> {
  const db = await notebook()
  const seams = (await allRecords(db, 'test-seam')).kept.filter(({ data }) => data.technique !== '').reverse()
  const pieces = new Map(
    (await recordsByIds(db, 'piece', [...new Set(seams.map(({ data }) => data.pieceId))])).map((one) => [
      one.id,
      one,
    ]),
  )
  const tried: Record<string, TriedSeam[]> = {}
  for (const { id, data } of seams) {
    const piece = pieces.get(data.pieceId)
    const list = (tried[data.technique] ??= [])
    if (!piece || list.length >= SHOWN) continue
    list.push({ id, words: seamWords(data), picture: data.picture, piece: { id: piece.id, name: piece.data.name } })
  }
  return tried
}
