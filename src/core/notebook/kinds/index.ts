import { type z } from 'zod'
import { blindBoxKind } from './blindBox'
import { burnTestKind } from './burnTest'
import { controlKind } from './control'
import { cutKind } from './cut'
import { garmentKind } from './garment'
import { guessKind } from './guess'
import { heapKind } from './heap'
import { layKind } from './lay'
import { lookKind } from './look'
import { lotKind } from './lot'
import { measurementKind } from './measurement'
import { notionKind } from './notion'
import { patternKind } from './pattern'
import { patternPieceKind } from './patternPiece'
import { pieceKind } from './piece'
import { practiceKind } from './practice'
import { projectKind } from './project'
import { projectClothKind } from './projectCloth'
import { testSeamKind } from './testSeam'
import { viewKind } from './view'
import { workroomKind } from './workroom'
import { yarnKind } from './yarn'
import { type RecordKind } from './define'

/** Every kind of record that a notebook keeps. */
export const recordKinds = {
  lot: lotKind,
  heap: heapKind,
  piece: pieceKind,
  cut: cutKind,
  'burn-test': burnTestKind,
  control: controlKind,
  measurement: measurementKind,
  pattern: patternKind,
  'pattern-piece': patternPieceKind,
  project: projectKind,
  'project-cloth': projectClothKind,
  lay: layKind,
  'test-seam': testSeamKind,
  garment: garmentKind,
  notion: notionKind,
  yarn: yarnKind,
  practice: practiceKind,
  look: lookKind,
  guess: guessKind,
  'blind-box': blindBoxKind,
  view: viewKind,
  workroom: workroomKind,
} as const satisfies Record<string, RecordKind>

/** A kind as it stands in a sentence; of one that is not known here, in general. */
export function wordsOfKind(kind: string): RecordKind['words'] {
  return Object.hasOwn(recordKinds, kind)
    ? recordKinds[kind as RecordKindId].words
    : { one: 'a record', many: 'records' }
}

export type RecordKindId = keyof typeof recordKinds

export const RECORD_KIND_IDS = Object.keys(recordKinds) as [RecordKindId, ...RecordKindId[]]

/** The data of a kind, as it is read. */
export type RecordData<K extends RecordKindId> = z.output<(typeof recordKinds)[K]['schema']>
/** The data of a kind, as it may be given: what has a usual value may be left out. */
export type RecordInput<K extends RecordKindId> = z.input<(typeof recordKinds)[K]['schema']>
