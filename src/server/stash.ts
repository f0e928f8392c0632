import { type Observation } from '../core/identify/types'
import { type Vocabulary } from '../core/identify/words'
import { type Reading } from '../core/notebook/records'
import { propertySheet, type PropertySheet } from '../core/notebook/sheet'
import { identifyKept } from './beliefs'
import { allObservations, burnTestsOf, observationFrom } from './burnTests'
import { type Notebook } from './database'
import { findPiece, listPieces, type KeptPiece } from './pieces'
import { allReadings, readingsOf } from './readings'

/** A piece with its evidence and what follows from it. */
export interface StashEntry {
  piece: KeptPiece
  readings: Reading[]
  observations: Observation[]
  sheet: PropertySheet
}

/** The whole stash, each with its property sheet. */
export async function readStash(db: Notebook, vocabulary: Vocabulary): Promise<StashEntry[]> {
  const [pieces, readings, observations] = await Promise.all([listPieces(db), allReadings(db), allObservations(db)])
  return pieces.map((piece) => entryOf(piece, readings.get(piece.id) ?? [], observations.get(piece.id) ?? [], vocabulary))
}

export async function readStashEntry(db: Notebook, id: number, vocabulary: Vocabulary): Promise<StashEntry | undefined> {
  const piece = await findPiece(db, id)
  if (!piece) return undefined
  const [readings, tests] = await Promise.all([readingsOf(db, id), burnTestsOf(db, id)])
  const observations = tests.flatMap(({ answers }) => answers.flatMap((answer) => observationFrom(answer) ?? []))
  return entryOf(piece, readings, observations, vocabulary)
}

function entryOf(piece: KeptPiece, readings: Reading[], observations: Observation[], vocabulary: Vocabulary): StashEntry {
  return { piece, readings, observations, sheet: propertySheet({ piece, readings, observations }, vocabulary, identifyKept) }
}
