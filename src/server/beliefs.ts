import { identify, type Answer, type Question } from '../core/identify/identify'
import { type Vocabulary } from '../core/vocabulary/words'

const MOST_KEPT = 1000
const kept = new Map<string, Answer>()

/**
 * `identify`, remembered: a stash asks the same of every piece at every page, and the answer depends on nothing but the
 * question. The oldest is forgotten first.
 */
export function identifyKept(question: Question, vocabulary: Vocabulary = 'uk'): Answer {
  const key = JSON.stringify([vocabulary, question])
  const before = kept.get(key)
  if (before) return before
  const answer = identify(question, vocabulary)
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
  kept.set(key, answer)
  return answer
}
