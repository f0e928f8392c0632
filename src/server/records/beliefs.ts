import { boundedCache } from '../../core/numbers/boundedCache'
import { identify, type Answer, type IdentifyQuestion } from '../../core/identify/identify'
import { type Vocabulary } from '../../core/vocabulary/words'

const MOST_KEPT = 1000
const beliefs = boundedCache<Answer>(MOST_KEPT)

/**
 * `identify`, remembered: a stash asks the same of every piece at every page, and the answer depends on nothing but the
 * question.
 */
export function identifyKept(question: IdentifyQuestion, vocabulary: Vocabulary = 'uk'): Answer {
  return beliefs(JSON.stringify([vocabulary, question]), () => identify(question, vocabulary))
}
