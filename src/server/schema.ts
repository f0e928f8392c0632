import { type Generated } from 'kysely'

/** Rows as they lie in SQLite: JSON as text, times as ISO 8601 in UTC. */
export interface NotebookTables {
  piece: PieceTable
  burn_test: BurnTestTable
  answer: AnswerTable
  specimen: SpecimenTable
  control: ControlTable
  reading: ReadingTable
  measurement: MeasurementTable
  pattern: PatternTable
}

export interface PieceTable {
  id: Generated<number>
  name: string
  called: string
  construction: string | null
  width_mm: number | null
  length_mm: number | null
  place: string
  source: string
  notes: string
  washed: string
  body: string | null
  opacity: string | null
  stretch_width_percent: number | null
  claim: string
  look: string
  created_at: string
}

export interface BurnTestTable {
  id: Generated<number>
  piece_id: number | null
  /** The known piece that was burnt, where it was one. */
  control_id: number | null
  /** JSON of a `TestSetup`. */
  setup: string
  created_at: string
}

export interface SpecimenTable {
  test_id: number
  specimen: number
  part: string
  note: string
  catch_seconds: number | null
  burn_seconds: number | null
  burn_mm: number | null
  picture: string | null
}

export interface ControlTable {
  id: Generated<number>
  fibre: string
  name: string
  sure: string
  created_at: string
}

export interface AnswerTable {
  id: Generated<number>
  test_id: number
  specimen: number
  part: string
  feature: string
  /** JSON list of state ids; empty where the person did not see it. */
  states: string
  answered_at: string
}

export interface ReadingTable {
  id: Generated<number>
  piece_id: number
  grams: number
  resolution_grams: number
  length_mm: number
  width_mm: number
  cut_error_mm: number
  layers: number | null
  notions_grams: number | null
  notions_error_grams: number | null
  humidity_percent: number | null
  /** State of washing when it was weighed. */
  state: string
  measured_at: string
}

export interface MeasurementTable {
  id: Generated<number>
  piece_id: number
  kind: string
  /** State of washing when it was measured. */
  state: string
  /** JSON of a `Measurement`. */
  data: string
  measured_at: string
}

export interface PatternTable {
  id: Generated<number>
  name: string
  notes: string
  need: string
  created_at: string
}
