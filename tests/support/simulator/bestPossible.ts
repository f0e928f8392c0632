import { featureById } from '@/core/identify/features'
import { type Observation } from '@/core/identify/types'
import { dice } from '../seen'
import { type Cloth } from './cloths'
import { drawCase, type Case } from './specimens'

/**
 * The best that anybody could do who knew the simulator itself: the posterior over cloths by averaging the exact likelihood
 * of the reports over very many draws of cloth, person and circumstance (importance sampling from the prior).
 */
export function bestPossible(draws: number, seed: number): (observations: readonly Observation[], test: (cloth: Cloth) => boolean) => number {
  const chance = dice(seed)
  const cases = Array.from({ length: draws }, () => drawCase(chance))
  return (observations, test) => {
    let all = 0
    let passing = 0
    for (const one of cases) {
      const mass = likelihood(one, observations)
      all += mass
      if (test(one.cloth)) passing += mass
    }
    return passing / all
  }
}

function likelihood({ reports, person }: Case, observations: readonly Observation[]): number {
  let product = 1
  for (const { feature: id, states } of observations) {
    const { states: known, multi } = featureById(id)
    const at = (state: string) => reports[id]![known.findIndex((one) => one.id === state)]!
    const [first, second] = states
    const one = at(first!)
    // Two draws that agree are one report.
    if (second) product *= 2 * person.second * one * at(second)
    else product *= multi ? one * (1 - person.second) + person.second * one * one : one
  }
  return product
}
