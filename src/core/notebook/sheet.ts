import { type History } from '../identify/history/types'
import { type ControlBurn } from '../identify/nose'
import { type ClaimItem, type Observation } from '../identify/types'
import { identify, type Answer } from '../identify/identify'
import { type Vocabulary } from '../identify/words'
import { weigh, type WeighingAnswer } from '../measure/weigh'
import { type FibreId } from '../fibres/types'
import { type Piece, type Reading } from './records'

/** Everything a person noted of one piece. */
export interface PieceEvidence {
  piece: Piece
  readings: readonly Reading[]
  observations: readonly Observation[]
  /** What is known of its past, where that counts. */
  history?: History
  /** How this person reports known pieces. */
  controls?: readonly ControlBurn[]
}

/** What follows from it, derived afresh each time. */
export interface PropertySheet {
  weight: WeighingAnswer | null
  /** Null where nothing has been seen. */
  belief: Answer | null
  /** The fibres to reason with, and how they are known; null where nothing says. */
  fibres: { ids: readonly FibreId[]; how: 'tested' | 'said' } | null
}

/** Belief from which a leaning is good enough to reason with when choosing; below it the label is asked. */
const LEANING_COUNTS = 0.5

/**
 * The property sheet of a piece.
 * @param judge answers what it is made of; a caller may hand in one that remembers
 */
export function propertySheet({ piece, readings, observations, history, controls }: PieceEvidence, vocabulary: Vocabulary = 'uk', judge = identify): PropertySheet {
  const claim: ClaimItem[] = piece.claim
  const belief = observations.length > 0 ? judge({ observations, claim, history, controls }, vocabulary) : null
  return { weight: readings.length > 0 ? weigh(readings) : null, belief, fibres: fibresOf(belief, claim) }
}

function fibresOf(belief: Answer | null, claim: readonly ClaimItem[]): PropertySheet['fibres'] {
  const contradicted = belief?.claim?.verdict === 'contradicted'
  if (belief && (belief.verdict.leaningProbability >= LEANING_COUNTS || belief.verdict.level !== 'undecided')) {
    // A true label says more than a flame can: it is kept where the test does not speak against it.
    if (claim.length === 0 || contradicted) return { ids: belief.verdict.leaning, how: 'tested' }
  }
  if (claim.length > 0 && !contradicted) return { ids: claim.map(({ fibre }) => fibre), how: 'said' }
  return null
}
