'use server'

import { revalidatePath } from 'next/cache'
import { z } from 'zod'
import { overlapsOf } from '@/core/lay/snap'
import { offcutsOf } from '@/core/making/offcuts'
import { LaySchema } from '@/core/notebook/kinds/lay'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { listOf } from '@/core/notebook/schemas/text'
import { areaOf, isSimple } from '@/core/shapes/polygon'
import { cutFrom, TooLongError } from '@/server/cutting'
import { notebook, type Notebook } from '@/server/database'
import { createRecord, findRecord, recordsReferring, removeRecord, within } from '@/server/store/repository'
import { shelfOf } from '@/server/remember/shelf'
import { doneOf, outcomeOf, type Outcome, type Refusal } from '../../shared/outcome'
import { readPreferences } from '../../shared/settings/readPreferences'
import { told } from '../../shared/told'
import { now } from '../../shared/now'
import { groundOf } from './load'

/** Keeps a lay as the plan for a cloth, in place of the one that was kept for it before. */
export async function keepLay(input: unknown): Promise<Outcome> {
  const lay = told(LaySchema, input)
  const outcome = await outcomeOf(async () =>
    within(await notebook(), async (open) => {
      await dropPlans(open, lay.patternId, lay.pieceId)
      return createRecord(open, 'lay', { ...lay, cutAt: null }, now())
    }),
  )
  if (outcome.ok) revalidatePath('/', 'layout')
  return outcome
}

async function dropPlans(db: Notebook, patternId: string, pieceId: string | null): Promise<void> {
  for (const { id, data } of await recordsReferring(db, 'lay', 'patternId', patternId))
    if (data.pieceId === pieceId && data.cutAt === null) await removeRecord(db, 'lay', { id }, now())
}

const CutSchema = z.strictObject({ lay: LaySchema, cloths: listOf(RecordIdSchema, 24), what: z.string().max(120) })

/** What a cut left, by the ids of its offcuts. */
export type Cut = { ok: true; offcuts: string[] } | Refusal

/** Writes down that it was cut so: what is left of each cloth, and its offcuts as pieces of the stash. */
export async function confirmCut(input: unknown): Promise<Cut> {
  const { lay, cloths, what } = told(CutSchema, input)
  if (overlapsOf(lay.placements).length > 0) return refused('Some pieces still lie on others.')
  const offcuts: string[] = []
  const shelf = await shelfOf(await notebook(), (await readPreferences()).words)
  try {
    const done = await doneOf(async () =>
      within(await notebook(), async (open) => {
        offcuts.length = 0
        for (const cloth of cloths)
          offcuts.push(...(await cutOne(open, shelf.find(cloth), lay, { what, isOnly: cloths.length === 1 })))
        await dropPlans(open, lay.patternId, lay.pieceId)
        await createRecord(open, 'lay', { ...lay, cutAt: now() }, now())
      }),
    )
    if (!done.ok) return done
  } catch (error) {
    if (error instanceof TooLongError) return refused(error.message)
    throw error
  }
  revalidatePath('/', 'layout')
  return { ok: true, offcuts }
}

const refused = (message: string): Refusal => ({ ok: false, errors: { '': message } })

async function cutOne(
  db: Notebook,
  gist: Parameters<typeof groundOf>[0] | undefined,
  lay: z.output<typeof LaySchema>,
  { what, isOnly }: { what: string; isOnly: boolean },
): Promise<string[]> {
  const found = gist && (await findRecord(db, 'piece', gist.id))
  if (!found) return []
  const ground = groundOf(gist, found.data.outline)
  const isLength = isOnly && ground.outline === null
  const mine = lay.placements.filter(({ panel }) => isLength || panel === gist.id)
  if (mine.length === 0) return []
  const kept = 1 - ground.shrinkPercent.length / 100
  // Several cloths are laid on as they are, each as an odd piece.
  const odd = isLength ? ground : { ...ground, outline: ground.outline ?? wholeOf(ground) }
  const parts = offcutsOf(odd, mine, lay)
  const offcuts = parts.map(({ outline, widthMm, lengthMm }, i) => ({
    name: `${found.data.name.slice(0, 100)}, offcut ${i + 1}`,
    widthMm: Math.round(widthMm),
    lengthMm: Math.round(lengthMm),
    outline: isKeepable(outline) ? { points: outline.map(([x, y]): [number, number] => [x, y]), holes: [] } : null,
  }))
  const lengthMm =
    isLength && ground.lengthMm !== null ? Math.min(lay.usedLengthMm / kept, ground.lengthMm) : found.data.lengthMm
  return cutFrom(db, { pieceId: gist.id, lengthMm, what, offcuts }, now())
}

const isKeepable = (outline: readonly (readonly [number, number])[]) =>
  outline.length >= 3 && outline.length <= 400 && areaOf(outline) > 1 && isSimple(outline)

function wholeOf({ widthMm, lengthMm, selvedgeMm }: ReturnType<typeof groundOf>) {
  const [left, right, far] = [selvedgeMm, widthMm - selvedgeMm, lengthMm ?? widthMm]
  const points: [number, number][] = [
    [left, 0],
    [right, 0],
    [right, far],
    [left, far],
  ]
  return { points, holes: [] }
}
