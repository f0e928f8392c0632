import { type Observation } from '../core/identify/types'
import { type ControlBurn } from '../core/identify/nose'
import { type Vocabulary } from '../core/vocabulary/words'
import { evidenceOfTests } from '../core/notebook/answers'
import { type KeptMeasurement } from '../core/notebook/measurements'
import { propertySheet, type PropertySheet } from '../core/notebook/sheet'
import { identifyKept } from './beliefs'
import { burnTestsOf, testsByPiece, type BurnTest } from './burnTests'
import { controlBurns } from './controls'
import { type Notebook } from './database'
import { allMeasurements, measurementsOf } from './measurements'
import { findPiece, listPieces, type KeptPiece } from './pieces'
import { allReadings, readingsOf, type KeptReading } from './readings'

/** A piece with its evidence and what follows from it. */
export interface StashEntry {
  piece: KeptPiece
  readings: KeptReading[]
  measurements: KeptMeasurement[]
  tests: BurnTest[]
  observations: Observation[]
  sheet: PropertySheet
}

/** The whole stash, each with its property sheet. */
export async function readStash(db: Notebook, vocabulary: Vocabulary): Promise<StashEntry[]> {
  const [pieces, readings, measurements, tests, controls] = await Promise.all([
    listPieces(db),
    allReadings(db),
    allMeasurements(db),
    testsByPiece(db),
    controlBurns(db),
  ])
  return pieces.map((piece) =>
    entryOf(
      {
        piece,
        readings: readings.get(piece.id) ?? [],
        measurements: measurements.get(piece.id) ?? [],
        tests: tests.get(piece.id) ?? [],
      },
      controls,
      vocabulary,
    ),
  )
}

export async function readStashEntry(
  db: Notebook,
  id: number,
  vocabulary: Vocabulary,
): Promise<StashEntry | undefined> {
  const piece = await findPiece(db, id)
  if (!piece) return undefined
  const [readings, measurements, tests, controls] = await Promise.all([
    readingsOf(db, id),
    measurementsOf(db, id),
    burnTestsOf(db, id),
    controlBurns(db),
  ])
  return entryOf({ piece, readings, measurements, tests }, controls, vocabulary)
}

function entryOf(
  records: Pick<StashEntry, 'piece' | 'readings' | 'measurements' | 'tests'>,
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
