import { type TestAnswer } from '@/core/notebook/answers'
import { type FibreId } from '@/core/vocabulary/fibres'

/** A known piece of the controls box, with its burns. */
export interface BoxedControl {
  id: string
  fibre: FibreId
  name: string
  sure: string
  impure: boolean
  tests: { id: string; answers: TestAnswer[] }[]
}

/** So many known samples are shown at first, and come at a time. */
export const SAMPLES_SHOWN = 8
