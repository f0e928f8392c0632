import { featureById } from '@/core/identify/features'
import { type Observation } from '@/core/identify/types'
import { dice } from '../seen'
import { type Cloth } from './cloths'
import { drawCase, type Case } from './specimens'

/**
 * The best that anybody could do who knew the simulator itself: the posterior over cloths by averaging the exact
 * likelihood of the reports over very many draws of cloth, person and circumstance (importance sampling from the
 * prior).
 */
export function bestPossible(draws: number, seed: number): (observations: readonly Observation[]) => Best {
  const chance = dice(seed)
  const cases = Array.from({ length: draws }, () => drawCase(chance))
  return (observations) => {
    const columns = observations.map(({ feature: id, states }) => {
      const { states: known, multi } = featureById(id)
      return { id, multi, states: states.map((state) => known.findIndex((one) => one.id === state)) }
    })
    const masses = cases.map((one) => likelihood(one, columns))
    const all = masses.reduce((sum, mass) => sum + mass, 0)
    return {
      where: (test) => cases.reduce((sum, { cloth }, index) => sum + (test(cloth) ? masses[index]! : 0), 0) / all,
      likeliest(key) {
        const byKey = new Map<string, number>()
        cases.forEach(({ cloth }, index) => byKey.set(key(cloth), (byKey.get(key(cloth)) ?? 0) + masses[index]!))
        return [...byKey].sort((a, b) => b[1] - a[1])[0]![0]
      },
    }
  }
}

/** Belief of one who knows the simulator. */
export interface Best {
  /** Probability that the cloth is so. */
  where(test: (cloth: Cloth) => boolean): number
  /** The likeliest value of something that a cloth has. */
  likeliest(key: (cloth: Cloth) => string): string
}

interface Column {
  id: string
  multi: boolean
  states: readonly number[]
}

function likelihood({ reports, person }: Case, columns: readonly Column[]): number {
  let product = 1
  for (const { id, multi, states } of columns) {
    const row = reports[id]!
    const [first, second] = states
    const one = row[first!]!
    // Two draws that agree are one report.
    if (second !== undefined) product *= 2 * person.second * one * row[second]!
    else product *= multi ? one * (1 - person.second) + person.second * one * one : one
  }
  return product
}
