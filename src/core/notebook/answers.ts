import { type IdentifyQuestion } from '../identify/identify'
import { hasHistory } from '../identify/history/told'
import { type FabricHistory } from '../identify/history/types'
import { type ControlBurn } from '../identify/observerCalibration'
import { type Observation } from '../identify/types'
import { type Part } from '../vocabulary/observations'
import { type TestSetup } from './kinds/burnTest'

/** One answer of a burn test, on one of its specimens; no states where the person did not see it. */
export interface TestAnswer {
  specimen: number
  part: Part
  feature: string
  states: string[]
  /** When it was given, ISO 8601 in UTC. */
  at?: string
}

/** What was seen, as `identify` wants it: the blanks left out. */
export function observationsFrom(answers: readonly TestAnswer[]): Observation[] {
  return answers
    .filter(({ states }) => states.length > 0)
    .map(({ feature, states, part }) => ({ feature, states, part }))
}

/** What a test asks of the core: what was seen, what is known beside it, and how this person reports. */
export function questionOf(
  answers: readonly TestAnswer[],
  { asks, atHand, history, countHistory, claim }: TestSetup,
  controls: readonly ControlBurn[] = [],
): IdentifyQuestion {
  return {
    observations: observationsFrom(answers),
    asks,
    atHand,
    controls,
    ...(countHistory ? { history } : {}),
    ...(claim.length > 0 ? { claim } : {}),
  }
}

/** What several tests of one cloth say together; of its past, what the latest one knows that counts it. */
export function evidenceOfTests(tests: readonly { answers: readonly TestAnswer[]; setup: TestSetup }[]): {
  observations: Observation[]
  history: FabricHistory | undefined
} {
  return {
    observations: observationsFrom(tests.flatMap(({ answers }) => answers)),
    history: tests.findLast(({ setup }) => setup.countHistory && hasHistory(setup.history))?.setup.history,
  }
}
