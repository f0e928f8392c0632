import { type ControlBurn } from '../../core/identify/observerCalibration'
import { type Observation } from '../../core/identify/types'
import { evidenceOfTests } from '../../core/notebook/answers'
import { propertySheet, type PropertySheet } from '../../core/notebook/sheet'
import { type Vocabulary } from '../../core/vocabulary/words'
import { identifyKept } from './beliefs'
import { controlBurns } from './controls'
import { type Notebook } from '../store/openNotebook'
import { recordsOfPieces, type PieceRecords } from './pieceRecords'

/** A piece with its evidence and what follows from it. */
export interface StashEntry extends PieceRecords {
  observations: Observation[]
  sheet: PropertySheet
}

/** One piece with its property sheet; undefined where it is not there, or cannot be read. */
export async function readStashEntry(
  db: Notebook,
  id: string,
  vocabulary: Vocabulary,
): Promise<StashEntry | undefined> {
  const [[records], controls] = await Promise.all([recordsOfPieces(db, [id]), controlBurns(db)])
  return records && entryOf(records, controls, vocabulary)
}

/** What follows from the records of a piece. */
export function entryOf(records: PieceRecords, controls: readonly ControlBurn[], vocabulary: Vocabulary): StashEntry {
  const { observations, history } = evidenceOfTests(records.tests)
  return {
    ...records,
    observations,
    sheet: propertySheet({ ...records, observations, history, controls }, vocabulary, identifyKept),
  }
}
