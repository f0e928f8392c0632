import { sharedBy, type FeatureReports } from './evidence'
import { type Grounds } from './grounds'
import { floatAt, itemAt } from '../lists/items'

/** The tables of every hypothesis, turned: of one feature, a column over the hypotheses for each of its answers. */
interface FeatureColumns {
  /** Per state: its natural log-probability under each hypothesis. */
  states: Float64Array[]
  /** Natural log-probability of naming several states, and of naming one only. */
  several: Float64Array
  single: Float64Array
}

const kept = new WeakMap<Grounds['reporter'], WeakMap<Grounds['hypotheses'], FeatureColumns[]>>()

/**
 * Natural log-likelihood of one feature's reports under each hypothesis, in their order. The same sums as
 * `logLikelihood` makes for one mixture, taken column by column: a burn is weighed against every hypothesis at once.
 */
export function logLikelihoodsOf({ feature, column, reports }: FeatureReports, grounds: Grounds): Float64Array {
  const { states: columns, several, single } = columnsOf(grounds, column)
  const sums = new Float64Array(grounds.hypotheses.length)
  for (const states of reports) {
    for (const state of states) add(sums, itemAt(columns, state))
    if (feature.multi) add(sums, states.length > 1 ? several : single)
  }
  const divisor = sharedBy(feature, reports.length)
  if (divisor !== 1) for (let i = 0; i < sums.length; i++) sums[i] = floatAt(sums, i) / divisor
  return sums
}

function add(sums: Float64Array, column: Float64Array): void {
  for (let i = 0; i < sums.length; i++) sums[i] = floatAt(sums, i) + floatAt(column, i)
}

function columnsOf({ reporter, hypotheses }: Grounds, column: number): FeatureColumns {
  let ofReporter = kept.get(reporter)
  if (!ofReporter) kept.set(reporter, (ofReporter = new WeakMap()))
  let features = ofReporter.get(hypotheses)
  if (!features) ofReporter.set(hypotheses, (features = []))
  return (features[column] ??= turned({ reporter, hypotheses }, column))
}

function turned({ reporter, hypotheses }: Grounds, column: number): FeatureColumns {
  const tables = hypotheses.map(reporter.tables)
  const columnOf = (value: (table: (typeof tables)[number]) => number) => Float64Array.from(tables, value)
  return {
    states: Array.from(itemAt(itemAt(tables, 0).logs, column), (_, state) =>
      columnOf(({ logs }) => floatAt(itemAt(logs, column), state)),
    ),
    several: columnOf(({ several }) => Math.log(itemAt(several, column))),
    single: columnOf(({ several }) => Math.log(1 - itemAt(several, column))),
  }
}
