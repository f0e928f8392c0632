import { type FibreId } from '../vocabulary/fibres'
import { features } from './features'
import { mixtureOf } from './hypotheses'
import { commonReporter } from './reporter'
import { floatAt, itemAt, mustHave } from '../lists/items'

/** What one look tells of two fibres. */
export interface Telling {
  feature: string
  /** Of the one bit that parts two fibres as likely as each other, so much is had from this look, 0 … 1. */
  bits: number
  /** What each most often shows: the ids of states, the likeliest first. */
  one: string[]
  other: string[]
}

/** States that come less often than this beside the likeliest are not named. */
const WORTH_NAMING = 0.35
/** A look that tells less than this tells nothing. */
const LEAST_BITS = 0.02

const known = new Map<FibreId, readonly Float64Array[]>()

/**
 * Which looks part two fibres, the most telling first: the mean information of one report about which of the two it
 * is (Jensen and Shannon’s divergence of the two rows of the table, in bits).
 */
export function tellsApart(one: FibreId, other: FibreId): Telling[] {
  const [mine, theirs] = [one, other].map(rowsOf)
  return features
    .map(({ id, states }, at) => ({
      feature: id,
      bits: divergence(itemAt(mustHave(mine), at), itemAt(mustHave(theirs), at)),
      one: usual(itemAt(mustHave(mine), at), states),
      other: usual(itemAt(mustHave(theirs), at), states),
    }))
    .filter(({ bits }) => bits >= LEAST_BITS)
    .sort((a, b) => b.bits - a.bits)
}

/** How likely each answer is of a pure fibre: a row a feature, in the order of the vocabulary; worked out once. */
export function rowsOf(fibre: FibreId): readonly Float64Array[] {
  const rows = known.get(fibre) ?? commonReporter.tablesOf(mixtureOf([[fibre, 1]])).probabilities
  known.set(fibre, rows)
  return rows
}

/** Jensen and Shannon’s divergence of two rows of probabilities, bits: 0 alike … 1 apart. */
function divergence(p: Float64Array, q: Float64Array): number {
  let bits = 0
  for (let i = 0; i < p.length; i++) {
    const middle = (floatAt(p, i) + floatAt(q, i)) / 2
    if (floatAt(p, i) > 0) bits += 0.5 * floatAt(p, i) * Math.log2(floatAt(p, i) / middle)
    if (floatAt(q, i) > 0) bits += 0.5 * floatAt(q, i) * Math.log2(floatAt(q, i) / middle)
  }
  return bits
}

function usual(row: Float64Array, states: readonly { id: string }[]): string[] {
  const most = Math.max(...row)
  return states
    .map(({ id }, i) => ({ id, share: floatAt(row, i) }))
    .filter(({ share }) => share >= most * WORTH_NAMING)
    .sort((a, b) => b.share - a.share)
    .map(({ id }) => id)
}
