import { MeasurementSchema, type MeasurementInput } from '../core/notebook/measurements'
import { type WashState } from '../core/vocabulary/cloth'
import { PieceSchema } from '../core/notebook/kinds/piece'
import { PatternSchema } from '../core/notebook/kinds/pattern'
import { PatternPieceSchema } from '../core/notebook/kinds/patternPiece'
import { startBurnTest } from '../server/records/burnTests'
import { openNotebook, type Notebook } from '../server/database'
import { endHeavy } from '../server/jobs/pool'
import { notebookFile, notebookHome } from '../server/store/home'
import { addMeasurement } from '../server/records/measurements'
import { countRecords, createRecord, inTransaction } from '../server/store/repository'
import { demoBurns } from './burns'
import { demoControls } from './controls'
import { cameAt, fillKeeping, fillPhotographs } from './fillKeeping'
import { fillProjects } from './fillProjects'
import { fillUpcycling } from './fillUpcycling'
import { fillWorkroom } from './fillWorkroom'
import { demoMeasurements } from './measurements'
import { demoOutlines } from './outlines'
import { demoPatterns } from './patterns'
import { demoPieces, type DemoPiece } from './pieces'
import { mustHave } from '@/core/lists/items'

/** Fills the notebook at `ROUGH_SWATCH_HOME` with the scenario, unless there is something in it already. */
async function fill(): Promise<void> {
  const db = await openNotebook(notebookFile())
  if ((await countRecords(db, 'piece')) > 0) {
    console.log('The demo notebook is filled already.')
    await db.destroy()
    return
  }
  const now = Date.now()
  const at = new Date(now).toISOString()
  const ids = new Map<string, string>()
  const patterns = new Map<string, string>()
  await inTransaction(db, async (open) => {
    for (const piece of demoPieces) {
      const came = cameAt(piece.piece.name, now)
      ids.set(piece.piece.name, await fillPiece(open, piece, came))
    }
    for (const { burns, ...control } of demoControls) {
      const { id } = await createRecord(open, 'control', control, at)
      for (const answers of burns) await startBurnTest(open, { controlId: id }, at, { finished: true }, answers)
    }
    for (const pattern of demoPatterns)
      patterns.set(pattern.name, (await createRecord(open, 'pattern', PatternSchema.parse(pattern), at)).id)
  })
  await fillOutlines(db, patterns, at)
  // Strokes of their own: each of them stands in the history of its piece.
  await fillKeeping(db, ids, now)
  await fillUpcycling(db, new Date(now - 20 * 24 * 60 * 60 * 1000).toISOString())
  await fillProjects(db, { pieces: ids, patterns }, now)
  await fillWorkroom(db, ids, at)
  const looks = new Map(
    demoPieces.map(({ piece: { name, look } }) => [name, [mustHave(look).warp, mustHave(look).weft] as const]),
  )
  await fillPhotographs(db, notebookHome(), ids, looks, at)
  await endHeavy()
  console.log(
    `Filled the demo notebook: ${demoPieces.length} pieces, ${demoPatterns.length} patterns, ` +
      `${demoControls.length} known pieces.`,
  )
  await db.destroy()
}

/** The outlines of the patterns' pieces. */
async function fillOutlines(db: Notebook, patterns: ReadonlyMap<string, string>, at: string): Promise<void> {
  for (const [name, pieces] of Object.entries(demoOutlines)) {
    const patternId = patterns.get(name)
    if (patternId === undefined) throw new RangeError(`fillOutlines: no pattern of the demo is called "${name}"`)
    await inTransaction(db, async (open) => {
      for (const piece of pieces)
        await createRecord(open, 'pattern-piece', PatternPieceSchema.parse({ ...piece, patternId }), at)
    })
  }
}

async function fillPiece(
  db: Notebook,
  { piece, burn, weighed = [], past = {} }: DemoPiece,
  at: string,
): Promise<string> {
  const { id } = await createRecord(db, 'piece', PieceSchema.parse(piece), at)
  const state: WashState = piece.washed ?? 'unknown'
  const weighings = weighed.map(([grams, lengthMm, widthMm]): MeasurementInput => {
    return { kind: 'weighing', grams, resolutionGrams: 1, lengthMm, widthMm, cutErrorMm: 2 }
  })
  for (const told of [...weighings, ...(demoMeasurements[piece.name] ?? [])])
    await addMeasurement(db, id, MeasurementSchema.parse(told), state, at)
  if (burn) {
    const setup = { claim: piece.claim ?? [], history: past, finished: burn === 'interrupted' ? undefined : true }
    await startBurnTest(db, { pieceId: id }, at, setup, demoBurns[burn])
  }
  return id
}

fill().catch((error: unknown) => {
  console.error(error)
  process.exitCode = 1
})
