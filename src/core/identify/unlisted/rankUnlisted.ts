import { fibreKinds } from '../../fibres/kinds'
import { reportsInFull } from '../../fibres/reports'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { features } from '../features'
import { COMMON_TOTAL } from '../hypotheses'
import { rowProbabilities } from '../mixture'
import { type ClothPosterior } from '../parts'
import { logLikelihoodUnder } from '../posterior'
import { type Grounds } from '../grounds'
import { type ReportTables } from '../reporter'
import { UNLISTED_FIBRE_IDS, unlistedFibres, type UnlistedFibreId } from './kinds'
import { floatAt, itemAt, mustHave } from '../../lists/items'

/** From this probability on a family is not claimed any more: something outside the catalogue explains it better. */
export const POINTS_OUTSIDE = 0.4

/** How likely what was seen comes from each material outside the catalogue, the likeliest first. */
export function rankUnlistedFibres(
  { evidence }: ClothPosterior,
  { hypotheses }: Grounds,
): { id: UnlistedFibreId; probability: number }[] {
  const parts = [...evidence.values()]
  if (parts.length === 0) return []
  const known = hypotheses.map(
    ({ prior }, index) =>
      Math.log(prior) + parts.reduce((sum, { logLikelihoods }) => sum + floatAt(logLikelihoods, index), 0),
  )
  const strange = UNLISTED_FIBRE_IDS.map(
    (id) =>
      Math.log(unlistedFibres[id].common / COMMON_TOTAL) +
      parts.reduce((sum, { reports }) => sum + logLikelihoodUnder(reports, tables[id]), 0),
  )
  const highest = Math.max(...known, ...strange)
  const total = [...known, ...strange].reduce((sum, log) => sum + Math.exp(log - highest), 0)
  return UNLISTED_FIBRE_IDS.map((id, index) => ({
    id,
    probability: Math.exp(itemAt(strange, index) - highest) / total,
  })).sort((a, b) => b.probability - a.probability)
}

/** Each material's tables, as a careful beginner would report it. */
const tables = tablesOfAll()

/** What a careful beginner would report of a material outside the catalogue. */
export function unlistedFibreTables(id: UnlistedFibreId): ReportTables {
  return tables[id]
}

function tablesOfAll(): Record<UnlistedFibreId, ReportTables> {
  const told = Object.fromEntries(FIBRE_IDS.map((id) => [id, fibreKinds[id].reports]))
  const full = reportsInFull({ ...told, ...mapped((id) => unlistedFibres[id].reports) })
  return mapped((id): ReportTables => {
    const probabilities = features.map((feature) => rowProbabilities(feature, mustHave(full[id])[feature.id]))
    return {
      probabilities,
      logs: probabilities.map((row) => row.map(Math.log)),
      several: features.map(({ several }) => several?.alone ?? 0),
    }
  })
}

function mapped<T>(of: (id: UnlistedFibreId) => T): Record<UnlistedFibreId, T> {
  return Object.fromEntries(UNLISTED_FIBRE_IDS.map((id) => [id, of(id)])) as Record<UnlistedFibreId, T>
}
