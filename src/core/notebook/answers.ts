import { type Observation, type Part } from '../identify/types'

/** One answer of a burn test, on one of its specimens; no states where the person did not see it. */
export interface TestAnswer {
  specimen: number
  part: Part
  feature: string
  states: string[]
}

/** What was seen, as `identify` wants it: the blanks left out. */
export function observationsFrom(answers: readonly TestAnswer[]): Observation[] {
  return answers.filter(({ states }) => states.length > 0).map(({ feature, states, part }) => ({ feature, states, part }))
}
