import { boundedCache } from '../numbers/boundedCache'
import { FIBRE_IDS, type FibreId } from '../vocabulary/fibres'
import { features, type Feature, type StateWeights } from './features'
import { type FibreWeights } from './features/types'
import { commonReporter, reporterWith, type Reporter } from './reporter'
import { type Observation } from './types'
import { weightsOf } from './weights'
import { itemAt, mustHave } from '../lists/items'

/** A known piece, burnt and answered: what this person says of a cloth that is nothing but that fibre. */
export interface ControlBurn {
  fibre: FibreId
  observations: readonly Observation[]
}

/**
 * What the common table is worth, in reports: the Dirichlet prior's total count. A person's own reports count beside
 * it.
 * Ours; chosen so that six or so consistent controls shift a row and one does not.
 */
export const COMMON_WORTH = 12

/** A person's own reports of one row never count for more than the common table does. */
export const MOST_OWN = COMMON_WORTH

/** Own reports by feature and fibre: how often each state was said. Fibres that share a row share their reports. */
export type OwnReports = ReadonlyMap<string, ReadonlyMap<StateWeights, StateWeights>>

/** Counts what was said of the controls. Several states in one report share its one count. */
export function ownReports(burns: readonly ControlBurn[]): OwnReports {
  const counts = new Map<string, Map<StateWeights, Record<string, number>>>()
  for (const { fibre, observations } of burns) {
    for (const { feature: id, states } of observations) {
      const feature = features.find((one) => one.id === id)
      if (!feature) throw new RangeError(`controls: nothing observable is called "${id}"`)
      const rows = counts.get(id) ?? new Map<StateWeights, Record<string, number>>()
      counts.set(id, rows)
      const common = weightsOf(feature)[fibre]
      const row = rows.get(common) ?? {}
      rows.set(common, row)
      for (const state of states) row[state] = (row[state] ?? 0) + 1 / states.length
    }
  }
  return counts
}

/**
 * One feature as this person reports it: the common row, worth `COMMON_WORTH` reports, plus their own (the mean of the
 * Dirichlet posterior). A count of n enters as n²/(n + 1), so that a single slip is worth half a report.
 */
export function personalFeature(feature: Feature, own: OwnReports): Feature {
  const rows = own.get(feature.id)
  if (!rows) return feature
  const bent = new Map([...rows].map(([common, counts]) => [common, bentRow(common, counts)]))
  return {
    ...feature,
    own: Object.fromEntries(
      Object.entries(weightsOf(feature)).map(([fibre, row]) => [fibre, bent.get(row) ?? row]),
    ) as FibreWeights,
  }
}

function bentRow(common: StateWeights, counts: StateWeights): StateWeights {
  const total = sum(common)
  const trusted = Object.entries(counts).map(([state, count]) => [state, count ** 2 / (count + 1)] as const)
  const said = trusted.reduce((all, [, count]) => all + count, 0)
  const scale = said > MOST_OWN ? MOST_OWN / said : 1
  const row: Record<string, number> = {}
  for (const [state, weight] of Object.entries(common)) row[state] = (weight / total) * COMMON_WORTH
  for (const [state, count] of trusted) row[state] = (row[state] ?? 0) + count * scale
  return row
}

function sum(weights: StateWeights): number {
  return Object.values(weights).reduce((all, weight) => all + weight, 0)
}

/** One way in which this person's words differ from the common ones. */
export interface OwnWay {
  feature: string
  fibres: readonly FibreId[]
  /** What they say more often than most, and how often: by the common table, and as taught. */
  says: string
  common: number
  own: number
}

/** A shift of less than this is not worth telling. */
const WORTH_TELLING = 0.08

/** Where the controls have moved the common tables most, the largest shift first. */
export function ownWays(burns: readonly ControlBurn[]): OwnWay[] {
  const own = ownReports(burns)
  return features
    .flatMap((feature) =>
      [...(own.get(feature.id) ?? [])].flatMap(([common, counts]): OwnWay[] => {
        const before = shares(common)
        const after = shares(bentRow(common, counts))
        const [says, shift] = itemAt(
          Object.entries(after)
            .map(([state, share]) => [state, share - (before[state] ?? 0)] as const)
            .sort((a, b) => b[1] - a[1]),
          0,
        )
        if (shift < WORTH_TELLING) return []
        const fibres = FIBRE_IDS.filter((fibre) => weightsOf(feature)[fibre] === common)
        return [{ feature: feature.id, fibres, says, common: before[says] ?? 0, own: mustHave(after[says]) }]
      }),
    )
    .sort((a, b) => b.own - b.common - (a.own - a.common))
}

function shares(row: StateWeights): Record<string, number> {
  const total = sum(row)
  return Object.fromEntries(Object.entries(row).map(([state, weight]) => [state, weight / total]))
}

const MOST_KEPT = 8
const taught = boundedCache<Reporter>(MOST_KEPT)

/**
 * The reporter that these controls have taught; the common one where there are none. Kept, since its tables take a
 * moment.
 */
export function reporterTaughtBy(burns: readonly ControlBurn[]): Reporter {
  const spoken = burns.filter(({ observations }) => observations.length > 0)
  if (spoken.length === 0) return commonReporter
  return taught(JSON.stringify(spoken), () => {
    const own = ownReports(spoken)
    return reporterWith(features.map((feature) => personalFeature(feature, own)))
  })
}
