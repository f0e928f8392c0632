import { type ControlBurn } from '../core/identify/nose'
import { type Observation } from '../core/identify/types'
import { evidenceOfTests } from '../core/notebook/answers'
import { type KeptMeasurement } from '../core/notebook/measurements'
import { propertySheet, type PropertySheet } from '../core/notebook/sheet'
import { type Vocabulary } from '../core/vocabulary/words'
import { identifyKept } from './beliefs'
import { allBurnTests, burnTestsOf, type KeptTest } from './burnTests'
import { controlBurns } from './controls'
import { type Notebook } from './database'
import { allMeasurements, measurementsOf } from './measurements'
import { findPiece, listPieces, type KeptPiece } from './pieces'

/** A piece with its evidence and what follows from it. */
export interface StashEntry {
  piece: KeptPiece
  measurements: KeptMeasurement[]
  tests: KeptTest[]
  observations: Observation[]
  sheet: PropertySheet
}

/** The whole stash, each with its property sheet. */
export async function readStash(db: Notebook, vocabulary: Vocabulary): Promise<StashEntry[]> {
  const [pieces, measurements, { byPiece }, controls] = await Promise.all([
    listPieces(db),
    allMeasurements(db),
    allBurnTests(db),
    controlBurns(db),
  ])
  return pieces.map((piece) =>
    entryOf(
      { piece, measurements: measurements.get(piece.id) ?? [], tests: byPiece.get(piece.id) ?? [] },
      controls,
      vocabulary,
    ),
  )
}

export async function readStashEntry(
  db: Notebook,
  id: string,
  vocabulary: Vocabulary,
): Promise<StashEntry | undefined> {
  const piece = await findPiece(db, id)
  if (!piece) return undefined
  const [measurements, tests, controls] = await Promise.all([
    measurementsOf(db, id),
    burnTestsOf(db, id),
    controlBurns(db),
  ])
  return entryOf({ piece, measurements, tests }, controls, vocabulary)
}

function entryOf(
  records: Pick<StashEntry, 'piece' | 'measurements' | 'tests'>,
  controls: ControlBurn[],
  vocabulary: Vocabulary,
): StashEntry {
  const { observations, history } = evidenceOfTests(records.tests)
  return {
    ...records,
    observations,
    sheet: propertySheet({ ...records, observations, history, controls }, vocabulary, identifyKept),
  }
}
