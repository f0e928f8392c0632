import { featureById } from './features'
import { glance, type Glance, type IdentifyQuestion } from './identify'
import { type Observation } from './types'
import { type Part } from '../vocabulary/observations'
import { type Vocabulary } from '../vocabulary/words'

/** What would be believed, had the answer to one question been another. */
export interface Supposed extends Glance {
  state: string
  /** Whether this is what was in fact said. */
  said: boolean
}

/**
 * "What if I had smelt vinegar?": the belief for each answer that a feature has, everything else as it is. All
 * reports of the feature on that part give way to the supposed one.
 */
export function whatIf(
  question: IdentifyQuestion,
  feature: string,
  part: Part,
  vocabulary: Vocabulary = 'uk',
): Supposed[] {
  const isIt = (observation: Observation) => observation.feature === feature && (observation.part ?? 'whole') === part
  const said = question.observations.filter(isIt).flatMap(({ states }) => states)
  const others = question.observations.filter((observation) => !isIt(observation))
  return featureById(feature).states.map(({ id }) => ({
    state: id,
    said: said.includes(id),
    ...glance({ ...question, observations: [...others, { feature, states: [id], part }] }, vocabulary),
  }))
}

/** Where the belief came from: what was believed before anything was seen, and after each answer in turn. */
export function beliefSteps(question: IdentifyQuestion, vocabulary: Vocabulary = 'uk'): Glance[] {
  return Array.from({ length: question.observations.length + 1 }, (_, count) =>
    glance({ ...question, observations: question.observations.slice(0, count) }, vocabulary),
  )
}
