import { type Observation } from '../core/identify/types'
import { type ControlBurn } from '../core/identify/nose'
import { type Vocabulary } from '../core/identify/words'
import { evidenceOfTests } from '../core/notebook/answers'
import { type Reading } from '../core/notebook/records'
import { propertySheet, type PropertySheet } from '../core/notebook/sheet'
import { identifyKept } from './beliefs'
import { burnTestsOf, testsByPiece, type BurnTest } from './burnTests'
import { controlBurns } from './controls'
import { type Notebook } from './database'
import { findPiece, listPieces, type KeptPiece } from './pieces'
import { allReadings, readingsOf, type KeptReading } from './readings'

/** A piece with its evidence and what follows from it. */
export interface StashEntry {
  piece: KeptPiece
  readings: Reading[]
  observations: Observation[]
  sheet: PropertySheet
}

/** The whole stash, each with its property sheet. */
export async function readStash(db: Notebook, vocabulary: Vocabulary): Promise<StashEntry[]> {
  const [pieces, readings, tests, controls] = await Promise.all([listPieces(db), allReadings(db), testsByPiece(db), controlBurns(db)])
  return pieces.map((piece) => entryOf(piece, readings.get(piece.id) ?? [], tests.get(piece.id) ?? [], controls, vocabulary))
}

/** One entry with the records behind it, as its page shows them. */
export interface StashDetail extends StashEntry {
  readings: KeptReading[]
  tests: BurnTest[]
}

export async function readStashEntry(db: Notebook, id: number, vocabulary: Vocabulary): Promise<StashDetail | undefined> {
  const piece = await findPiece(db, id)
  if (!piece) return undefined
  const [readings, tests, controls] = await Promise.all([readingsOf(db, id), burnTestsOf(db, id), controlBurns(db)])
  return { ...entryOf(piece, readings, tests, controls, vocabulary), readings, tests }
}

function entryOf(piece: KeptPiece, readings: Reading[], tests: BurnTest[], controls: ControlBurn[], vocabulary: Vocabulary): StashEntry {
  const { observations, history } = evidenceOfTests(tests)
  return { piece, readings, observations, sheet: propertySheet({ piece, readings, observations, history, controls }, vocabulary, identifyKept) }
}
