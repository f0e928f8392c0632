import { type Need } from '../../notebook/schemas/need'
import { adaptedTo } from '../criteria/adapt'
import { type Criterion } from '../criteria/criterion'
import { criteriaOf } from '../criteria/criteria'
import { fullNeed, type FullNeed } from '../need/need'
import { UNKNOWN_FIT } from '../fit/score'
import { scoreNumbers } from './scoreNumbers'
import { codesOf, type OfferColumns, type StashColumns } from './stashColumns'
import { type Sums } from './sums'
import { mustHave } from '../../lists/items'

/** Score and certainty of every cloth for one need, in the order of the columns. */
export interface ColumnScores {
  scores: Float64Array
  certainties: Float64Array
}

/**
 * Scores every cloth of a stash for one need, criterion by criterion: the same score and certainty as `matchScore`,
 * without a word about any of them.
 */
export function scoreColumns(need: Need, { ids, parts }: StashColumns): ColumnScores {
  const asked = fullNeed(need)
  const scores = new Float64Array(ids.length)
  const certainties = new Float64Array(ids.length)
  for (const { kind, places, columns } of parts) {
    const { score, importance, certain } = sumsOf(adaptedTo(kind, asked), columns)
    places.forEach((place, at) => {
      scores[place] = score[at]!
      certainties[place] = certain[at]! / importance[at]!
    })
  }
  return { scores, certainties }
}

function sumsOf(need: FullNeed, columns: OfferColumns): Sums {
  const count = columns.offers.length
  const sums: Sums = {
    score: new Float64Array(count).fill(1),
    importance: new Float64Array(count),
    certain: new Float64Array(count),
  }
  for (const criterion of criteriaOf(need)) {
    if (criterion.score)
      scoreNumbers(sums, columns, criterion.reads, (offer) => mustHave(criterion.score)(need, offer))
    else scoreCodes(sums, columns, criterion, need)
  }
  return sums
}

/** What takes few values is judged once for each of them. */
function scoreCodes({ score, importance, certain }: Sums, columns: OfferColumns, of: Criterion, need: FullNeed) {
  const { codes, samples } = codesOf(columns, of.reads)
  const factors = new Float64Array(samples.length).fill(1)
  const weights = new Float64Array(samples.length)
  const known = new Float64Array(samples.length)
  samples.forEach((offer, code) => {
    const judged = of.judge(need, offer, 'metric')
    if (!judged) return
    factors[code] = 1 - judged.importance * (1 - (judged.fit ?? UNKNOWN_FIT))
    weights[code] = judged.importance
    known[code] = judged.importance * judged.certainty
  })
  for (let i = 0; i < codes.length; i++) {
    const code = codes[i]!
    score[i]! *= factors[code]!
    importance[i]! += weights[code]!
    certain[i]! += known[code]!
  }
}
