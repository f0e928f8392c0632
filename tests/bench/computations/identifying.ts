import { features } from '@/core/identify/features'
import { hypotheses } from '@/core/identify/hypotheses'
import { identify } from '@/core/identify/identify'
import { commonReporter } from '@/core/identify/reporter'
import { type Observation } from '@/core/identify/types'
import { demoBurns } from '@/demo/burns'
import { seen } from '../../support/seen'
import { compare } from '../tools/processor'
import { type Figure } from '../tools/report'
import { ratioFigure } from '../tools/words'
import { itemAt, mustHave } from '@/core/lists/items'

const burn: Observation[] = demoBurns.cottony.map(
  ({ feature, states }) => ({ feature, states: [...states] }) as never,
)

/** The table of each feature, the logarithms of all hypotheses for one state after those for another. */
const tables = features.map(({ states }, column) => {
  const table = new Float64Array(states.length * hypotheses.length)
  hypotheses.forEach((hypothesis, h) => {
    const rows = mustHave(commonReporter.tables(hypothesis).logs[column])
    states.forEach((_, state) => (table[state * hypotheses.length + h] = rows[state] as number))
  })
  return table
})
const priors = Float64Array.from(hypotheses, ({ prior }) => Math.log(prior))
const columnOf = new Map<string, number>(features.map(({ id }, column) => [id, column]))
const masses = new Float64Array(hypotheses.length)

/** Bayes' rule over typed columns, and nothing else. */
function flatPosterior(observations: readonly Observation[]): Float64Array {
  masses.set(priors)
  for (const { feature, states } of observations) {
    const column = mustHave(columnOf.get(feature))
    const table = itemAt(tables, column)
    for (const state of states) {
      const from = itemAt(features, column).states.findIndex(({ id }) => id === state) * masses.length
      for (let h = 0; h < masses.length; h++) masses[h] = (masses[h] as number) + (table[from + h] as number)
    }
  }
  let highest = -Infinity
  for (const log of masses) highest = Math.max(highest, log)
  let total = 0
  for (let h = 0; h < masses.length; h++) total += masses[h] = Math.exp((masses[h] as number) - highest)
  for (let h = 0; h < masses.length; h++) masses[h] = (masses[h] as number) / total
  return masses
}

/** The same, what every feature would tell next, and the hypotheses in order: what any answer at all takes. */
function flatAnswer(observations: readonly Observation[]): { told: number[]; order: Int32Array } {
  const shares = flatPosterior(observations)
  const told = tables.map((table, column) => {
    let bits = 0
    for (let state = 0; state < itemAt(features, column).states.length; state++) {
      let overall = 0
      for (let h = 0; h < shares.length; h++)
        overall += (shares[h] as number) * Math.exp(table[state * shares.length + h] as number)
      bits -= overall > 0 ? overall * Math.log2(overall) : 0
    }
    return bits
  })
  const order = Int32Array.from(shares, (_, h) => h).sort((a, b) => (shares[b] as number) - (shares[a] as number))
  return { told, order }
}

export async function benchIdentifying(): Promise<Figure[]> {
  const apart = [
    ...seen({ smell: 'paper', crush: 'powders' }, 'warp'),
    ...seen({ smell: 'hair-feather', crush: 'crumbles' }, 'weft'),
  ]
  const claim = [{ fibre: 'cotton' as const, percent: 100 }]
  const three = () => {
    for (let i = 0; i < 3; i++) flatPosterior(burn)
  }
  return [
    ratioFigure(
      'identify, everything',
      'a flat posterior over typed columns',
      await compare(
        () => identify({ observations: burn }),
        () => flatPosterior(burn),
      ),
      15,
    ),
    ratioFigure(
      'identify, everything',
      'the same, the information of all features and a sort',
      await compare(
        () => identify({ observations: burn }),
        () => flatAnswer(burn),
      ),
      2,
    ),
    ratioFigure(
      'warp, weft and a claim',
      'three flat posteriors',
      await compare(() => identify({ observations: apart, claim }), three),
      20,
    ),
  ]
}
