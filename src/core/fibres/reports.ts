import { FEATURE_IDS, OBSERVED_STATES, type FeatureId } from '../vocabulary/observations'
import { FIBRE_IDS, type FibreId } from '../vocabulary/fibres'
import { fibreKinds } from './kinds'
import { type Reports, type ReportRows } from './types'
import { mustHave } from '../lists/items'

/**
 * What is reported of each fibre, feature by feature: "like X, except …" told in full.
 * @throws RangeError where a fibre is like itself in the end, a feature is missing, or a feature or state is not in
 *   the vocabulary; each named
 */
export function reportsInFull(told: Readonly<Record<string, Reports>>): Record<string, ReportRows> {
  const full = new Map<string, ReportRows>()
  const resolve = (fibre: string, from: readonly string[]): ReportRows => {
    const before = full.get(fibre)
    if (before) return before
    const own = told[fibre]
    if (!own) throw new RangeError(`reports of ${from.at(-1)}: like "${fibre}", which is no fibre`)
    if (from.includes(fibre)) throw new RangeError(`reports of ${fibre}: it is like itself (${from.join(', ')})`)
    const rows = isLike(own) ? { ...resolve(own.like, [...from, fibre]), ...own.except } : own
    check(fibre, rows)
    full.set(fibre, rows)
    return rows
  }
  return Object.fromEntries(Object.keys(told).map((fibre) => [fibre, resolve(fibre, [])]))
}

function isLike(reports: Reports): reports is Extract<Reports, { like: FibreId }> {
  return 'like' in reports
}

function check(fibre: string, rows: Partial<ReportRows>): asserts rows is ReportRows {
  for (const feature of FEATURE_IDS) {
    if (!rows[feature]) throw new RangeError(`reports of ${fibre}: nothing is said of "${feature}"`)
  }
  for (const [feature, weights] of Object.entries(rows)) {
    const states: readonly string[] | undefined = OBSERVED_STATES[feature as FeatureId]
    if (!states) throw new RangeError(`reports of ${fibre}: nothing observable is called "${feature}"`)
    const unknown = Object.keys(weights).find((state) => !states.includes(state))
    if (unknown !== undefined) throw new RangeError(`reports of ${fibre}: "${unknown}" is no state of ${feature}`)
  }
}

const full = reportsInFull(Object.fromEntries(FIBRE_IDS.map((id) => [id, fibreKinds[id].reports])))

/** The weights of one feature, a row a fibre. */
export function reportsOf<F extends FeatureId>(feature: F): Record<FibreId, ReportRows[F]> {
  return Object.fromEntries(FIBRE_IDS.map((id) => [id, mustHave(full[id])[feature]])) as Record<
    FibreId,
    ReportRows[F]
  >
}
