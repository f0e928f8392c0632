import { type Need } from '../../notebook/schemas/need'
import { type RankedOffer } from '../rank'
import { scoreColumns } from './scoreColumns'
import { type StashColumns } from './stashColumns'
import { floatAt, itemAt } from '../../lists/items'

/** The best cloths of a stash for a need, the best first. @param most so many of them */
export function bestOfColumns(need: Need, columns: StashColumns, most: number): RankedOffer[] {
  const { scores, certainties } = scoreColumns(need, columns)
  const { ids } = columns
  const least = leastOfBest(scores, most)
  const places: number[] = []
  for (let at = 0; at < scores.length; at++) if (floatAt(scores, at) >= least) places.push(at)
  // Sorted as `byRank` sorts: the score first, then what is better known, then what is older.
  places.sort(
    (a, b) =>
      floatAt(scores, b) - floatAt(scores, a) ||
      floatAt(certainties, b) - floatAt(certainties, a) ||
      (itemAt(ids, a) < itemAt(ids, b) ? -1 : 1),
  )
  return places
    .slice(0, most)
    .map((at) => ({ id: itemAt(ids, at), score: floatAt(scores, at), certainty: floatAt(certainties, at) }))
}

/** The score that the last of the best has; those alike in it are told apart afterwards. */
function leastOfBest(scores: Float64Array, most: number): number {
  if (most <= 0) return Infinity
  return scores.length <= most ? -Infinity : floatAt(Float64Array.from(scores).sort(), scores.length - most)
}
