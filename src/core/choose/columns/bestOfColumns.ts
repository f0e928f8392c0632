import { type Need } from '../../notebook/schemas/need'
import { matchScore } from '../match'
import { byRank, type RankedOffer } from '../rank'
import { scoreColumns } from './scoreColumns'
import { type StashColumns } from './stashColumns'
import { floatAt, itemAt } from '../../lists/items'

/** The best cloths of a stash for a need, the best first; only they are given a verdict. @param most so many of them */
export function bestOfColumns(need: Need, columns: StashColumns, most: number): RankedOffer[] {
  const { scores, certainties } = scoreColumns(need, columns)
  const places = Array.from({ length: scores.length }, (_, index) => index)
  const { ids, offers } = columns
  // Sorted as `byRank` sorts: the score first, then what is better known, then what is older.
  places.sort(
    (a, b) =>
      floatAt(scores, b) - floatAt(scores, a) ||
      floatAt(certainties, b) - floatAt(certainties, a) ||
      (itemAt(ids, a) < itemAt(ids, b) ? -1 : 1),
  )
  return places
    .slice(0, most)
    .map((at) => ({ id: itemAt(ids, at), ...matchScore(need, itemAt(offers, at)) }))
    .sort(byRank)
}
