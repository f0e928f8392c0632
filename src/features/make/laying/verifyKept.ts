import { layPiece, layTaskOf, type Ground } from '@/core/making/layTask'
import { verifyLayout, type LayoutFaultKind } from '@/core/lay/verify/verifyLayout'
import { type KeptLay } from '@/core/notebook/kinds/lay'
import { type Notebook } from '@/server/database'
import { patternPieces } from '@/server/records/patternPieces'
import { RefusedError } from '@/server/store/errors'
import { itemAt, mustHave } from '@/core/lists/items'

/** A layout that cannot be cut as it lies. */
export class UncuttableError extends RefusedError {
  constructor(what: string) {
    super(`${what}. Nothing was marked as cut.`)
  }
}

/** What ruins fabric, whatever the person decided about grain and nap. */
const RUINS: Partial<Record<LayoutFaultKind, string>> = {
  overlap: 'overlaps',
  edge: 'is off the fabric',
  hole: 'overlaps a hole or a flaw',
  shape: 'has changed in the pattern since this layout',
}

/**
 * Checks a layout against the pattern and the fabrics as they are now, before anything is cut from them.
 * @throws UncuttableError with the first thing that is wrong
 */
export async function verifyKept(db: Notebook, lay: KeptLay, grounds: readonly Ground[]): Promise<void> {
  const records = await patternPieces(db, lay.patternId)
  const nameOf = (id: string) => records.find((piece) => piece.id === id)?.data.name ?? 'A piece'
  const pieces = records.map(({ id, data }) => layPiece(id, data, 1))
  const [only] = grounds
  const wide =
    grounds.length === 1 && mustHave(only).outline === null ? [{ ...mustHave(only), widthMm: lay.widthMm }] : grounds
  const open = wide.map((ground) => ({ ...ground, selvedgeMm: 0, oneWay: false }))
  const wishes = { layers: lay.layers, gapMm: 0, matchNotches: false, along: 'threads', seed: 1 } as const
  const task = layTaskOf(pieces, open, { ...wishes, onBorder: lay.onBorder })
  const placements = lay.placements.map((placement) => ({ ...placement, polygon: [...placement.polygon] }))
  const fault = verifyLayout(task, { placements, layers: lay.layers }).find(({ kind }) => kind in RUINS)
  if (!fault) return
  const [one, other] = fault.placements.map((i) => nameOf(itemAt(placements, i).id))
  throw new UncuttableError([one, RUINS[fault.kind], other].filter(Boolean).join(' '))
}
