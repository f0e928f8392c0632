import { type MaterialTold } from '@/core/materials/told'
import { type Comfort } from '@/core/choose/comfort/comfort'
import { type WorthMeasuring } from '@/core/choose/worthMeasuring'
import { type Reserved } from '@/core/making/reserved'
import { type Answer } from '@/core/identify/identify'
import { type TestAnswer } from '@/core/notebook/answers'
import { type ForetellingRecord } from '@/core/notebook/foretell'
import { type Piece } from '@/core/notebook/kinds/piece'
import { type KeptMeasurement } from '@/core/notebook/measurements'
import { type PropertyRow } from '@/core/notebook/properties'
import { type TileSpec } from '@/ui/cloth/tileUrl'

/** A line of the sheet, with the readings that it rests on. */
export interface SheetRow extends PropertyRow {
  readings: { id: string; text: string; state: Piece['washed']; on: KeptMeasurement['on']; picture: string | null }[]
}

/** Everything that the page of one piece shows. */
export interface PieceData {
  piece: Piece & { id: string }
  /** How it is drawn. */
  tile: TileSpec
  /** What it is, in a few words: fibre, weight, size. */
  summary: string
  rows: readonly SheetRow[]
  weighings: readonly Extract<KeptMeasurement['data'], { kind: 'weighing' }>[]
  tests: readonly { id: string; answers: TestAnswer[]; on: KeptMeasurement['on'] }[]
  /** The latest of its burns that waits to be continued. */
  unfinished: { id: string; answers: number; says: string } | null
  belief: Answer | null
  worth: readonly WorthMeasuring[]
  foretelling: ForetellingRecord
  kin: RelatedPiecesData
  /** Projects that keep it back. */
  keptBy: readonly Named[]
  /**
   * Its length: free, reserved, and cut off so far, mm; null where it is not known. What is free is promised where a
   * project wants more than there is.
   */
  length: { freeMm: number; isPromised: boolean; reserved: readonly Reserved[]; cutMm: number } | null
  /** How it wears, against the skin. */
  comfort: Comfort
  /** How it is handled, where it is neither woven nor knitted. */
  material: MaterialTold | null
  /** What was done to it, the latest first. */
  history: readonly { stroke: string; at: string; says: string; isUndone: boolean; undoes: string | null }[]
}

interface Named {
  id: string
  name: string
}

/** What a piece was cut from, what was cut from it, and what it was bought with. */
export interface RelatedPiecesData {
  cutFrom: Named | null
  offcuts: readonly Named[]
  /** What was cut off it, the latest first: `2026-05-02`, and in words. */
  cuts: readonly { id: string; on: string; says: string }[]
  lot: (Named & { others: number }) | null
  /** Lots that it may be put in, the latest first. */
  lots: readonly Named[]
}
