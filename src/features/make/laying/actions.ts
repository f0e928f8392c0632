'use server'

import { z } from 'zod'
import { type LayTask } from '@/core/lay/types'
import { layTaskOf, type Ground, type Wishes } from '@/core/making/layTask'
import { offcutsOf } from '@/core/making/offcuts'
import { LaySchema, type KeptLay } from '@/core/notebook/kinds/lay'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { PolygonSchema } from '@/core/notebook/schemas/laid'
import { listOf } from '@/core/notebook/schemas/text'
import { type Point } from '@/core/shapes/polygon'
import { GoneError } from '@/server/store/errors'
import { cutFrom } from '@/server/records/cutting'
import { notebook, type Notebook } from '@/server/database'
import { createRecord, recordsByIds, recordsReferring, removeRecord, inTransaction } from '@/server/store/repository'
import { type Kept } from '@/server/store/kept'
import { shelfOf, type Shelf } from '@/server/cache/shelf'
import { action, TOLD } from '../../shared/action'
import { keptRecord } from '../../shared/outcome'
import { readPreferences } from '../../shared/settings/readPreferences'
import { now } from '../../shared/now'
import { isUsedUp } from '@/server/records/reservations'
import { groundOf } from './load'
import { UncuttableError, verifyKept } from './verifyKept'

/** Keeps a layout as the plan for a fabric, in place of the one that was kept for it before. */
export const keepLay = action(
  [LaySchema],
  async (lay) =>
    inTransaction(await notebook(), async (db) => {
      await dropPlans(db, lay)
      return keptRecord(await createRecord(db, 'lay', { ...lay, cutAt: null }, now()))
    }),
  ['lay'],
)

/** Whether it is the very layout that was cut before. */
function isSameCut(cut: KeptLay, lay: KeptLay): boolean {
  const isOfSame = cut.cutAt !== null && cut.pieceId === lay.pieceId && cut.projectId === lay.projectId
  return isOfSame && JSON.stringify(cut.placements) === JSON.stringify(lay.placements)
}

/** Another project's plan on the same piece stays, and so does that of another fabric. */
async function dropPlans(db: Notebook, lay: KeptLay): Promise<void> {
  const isReplaced = ({ pieceId, projectId, role, cutAt }: KeptLay) =>
    cutAt === null && pieceId === lay.pieceId && projectId === lay.projectId && (role === null || role === lay.role)
  for (const { id, data } of await recordsReferring(db, 'lay', 'patternId', lay.patternId))
    if (isReplaced(data)) await removeRecord(db, 'lay', { id }, now())
}

const CutSchema = z.strictObject({ lay: LaySchema, cloths: listOf(RecordIdSchema, 24), what: z.string().max(120) })

/** Writes down that it was cut so: what is left of each fabric, and its offcuts as pieces of the stash. */
export const confirmCut = action(
  [CutSchema],
  async ({ lay, cloths, what }) => {
    const shelf = await shelfOf(await notebook(), (await readPreferences()).words)
    const offcuts = await inTransaction(await notebook(), async (db) => {
      const laid = await laidOn(db, shelf, cloths)
      await refuseUncuttable(db, lay, cloths, laid)
      const grounds = laid.map(({ ground }) => ground)
      const wishes: Wishes = { layers: lay.layers, gapMm: 0, matchNotches: false, along: 'threads', seed: 1 }
      const task = layTaskOf([], grounds, wishes, cloths.length !== 1)
      const made: string[] = []
      for (const one of laid) made.push(...(await cutOne(db, one, task, { lay, what })))
      await dropPlans(db, lay)
      await createRecord(db, 'lay', { ...lay, cutAt: now() }, now())
      return made
    })
    return { offcuts }
  },
  ['lay', 'cut'],
  TOLD,
)

/** @throws GoneError, UncuttableError where it cannot be cut so */
async function refuseUncuttable(
  db: Notebook,
  lay: KeptLay,
  ids: readonly string[],
  laid: readonly Laid[],
): Promise<void> {
  const gone = ids.find((id) => !laid.some((one) => one.id === id))
  if (gone !== undefined) throw new GoneError('piece', gone)
  const before = await recordsReferring(db, 'lay', 'patternId', lay.patternId)
  if (before.some(({ data }) => isSameCut(data, lay)))
    throw new UncuttableError('This layout is marked as cut already')
  const used = laid.find(({ found }) => isUsedUp(found.data))
  if (used) throw new UncuttableError(`Nothing is left of ${used.found.data.name}`)
  await verifyKept(
    db,
    lay,
    laid.map(({ ground }) => ground),
  )
}

/** A piece of the stash that was laid on. */
interface Laid {
  id: string
  found: Kept<'piece'>
  ground: Ground
}

/** The pieces of the stash that were laid on, those that are gone left out. */
async function laidOn(db: Notebook, shelf: Shelf, ids: readonly string[]): Promise<Laid[]> {
  const found = await recordsByIds(db, 'piece', ids)
  return ids.flatMap((id) => {
    const gist = shelf.find(id)
    const piece = found.find((one) => one.id === id)
    return gist && piece ? [{ id, found: piece, ground: groundOf(gist, piece.data) }] : []
  })
}

/** What a cut takes from one of the cloths that it was laid on. */
async function cutOne(
  db: Notebook,
  { id, found, ground }: Laid,
  task: LayTask,
  { lay, what }: Pick<z.output<typeof CutSchema>, 'lay' | 'what'>,
): Promise<string[]> {
  const isLength = task.cloth !== undefined
  if (!lay.placements.some(({ panel }) => isLength || panel === id)) return []
  const kept = 1 - ground.shrinkPercent.length / 100
  const offcuts = offcutsOf(task, id, lay).map(({ outline, widthMm, lengthMm }, i) => ({
    name: `${found.data.name.slice(0, 100)}, offcut ${i + 1}`,
    widthMm: Math.round(widthMm),
    lengthMm: Math.round(lengthMm),
    outline: isKeepable(outline) ? { points: outline.map(([x, y]): [number, number] => [x, y]), holes: [] } : null,
  }))
  const lengthMm =
    isLength && ground.lengthMm !== null ? Math.min(lay.usedLengthMm / kept, ground.lengthMm) : found.data.lengthMm
  return cutFrom(db, { pieceId: id, lengthMm, what, offcuts }, now())
}

/** An outline that a piece of the stash may have. */
const isKeepable = (outline: readonly Point[]) => PolygonSchema.safeParse(outline).success
