import { MeasurementSchema } from '../core/notebook/measurements'
import { PatternSchema } from '../core/notebook/need'
import { PieceSchema, ReadingSchema } from '../core/notebook/records'
import { addAnswers, startBurnTest } from '../server/burnTests'
import { openNotebook } from '../server/database'
import { notebookFile } from '../server/home'
import { addControl } from '../server/controls'
import { addMeasurement } from '../server/measurements'
import { addPattern } from '../server/patterns'
import { addPiece, listPieces } from '../server/pieces'
import { addReading } from '../server/readings'
import { demoBurns } from './burns'
import { demoControls } from './controls'
import { demoMeasurements } from './measurements'
import { demoPatterns } from './patterns'
import { demoPieces } from './pieces'

/** Fills the notebook at `ROUGH_SWATCH_HOME` with the scenario, unless there is something in it already. */
async function fill(): Promise<void> {
  const db = await openNotebook(notebookFile())
  if ((await listPieces(db)).length > 0) {
    console.log('The demo notebook is filled already.')
    await db.destroy()
    return
  }
  const at = new Date().toISOString()
  await db.transaction().execute(async (within) => {
    for (const { piece, burn, weighed = [], past = {} } of demoPieces) {
      const id = await addPiece(within, PieceSchema.parse(piece), at)
      for (const [grams, lengthMm, widthMm] of weighed) {
        await addReading(
          within,
          id,
          ReadingSchema.parse({ grams, resolutionGrams: 1, lengthMm, widthMm, cutErrorMm: 2 }),
          piece.washed ?? 'unknown',
          at,
        )
      }
      for (const told of demoMeasurements[piece.name] ?? [])
        await addMeasurement(within, id, MeasurementSchema.parse(told), piece.washed ?? 'unknown', at)
      if (burn)
        await addAnswers(
          within,
          await startBurnTest(within, { pieceId: id }, at, { claim: piece.claim ?? [], history: past }),
          [...demoBurns[burn]],
          at,
        )
    }
    for (const { burns, ...control } of demoControls) {
      const id = await addControl(within, control, at)
      for (const answers of burns)
        await addAnswers(within, await startBurnTest(within, { controlId: id }, at), answers, at)
    }
    for (const pattern of demoPatterns) await addPattern(within, PatternSchema.parse(pattern), at)
  })
  console.log(
    `Filled the demo notebook: ${demoPieces.length} pieces, ${demoPatterns.length} patterns, ` +
      `${demoControls.length} known pieces.`,
  )
  await db.destroy()
}

fill().catch((error: unknown) => {
  console.error(error)
  process.exitCode = 1
})
