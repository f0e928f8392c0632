import { features } from '@/core/identify/features'
import { type Observation } from '@/core/identify/types'
import { drawCloth, type Cloth } from './cloths'
import { drawCircumstance, drawPerson, type Person } from './people'
import { reportsOf, type Reports } from './reports'

/** One imaginary cloth at one imaginary table. */
export interface Case {
  cloth: Cloth
  person: Person
  reports: Reports
}

/** Features that the simulator answers, in the order of the vocabulary. */
export const ANSWERED_FEATURES = features.filter(
  ({ id }) =>
    id in
    reportsOf(
      [['cotton', 1]],
      { dye: 0, finish: 0, tightness: 0, heat: 0, lean: 0 },
      drawPerson(() => 0.5),
    ),
)

/**
 * A cloth, a person and the distributions of all that this person would report of it; another specimen shares cloth
 * and person.
 */
export function drawCase(chance: () => number, cloth = drawCloth(chance), person = drawPerson(chance)): Case {
  return { cloth, person, reports: reportsOf(cloth, drawCircumstance(chance), person) }
}

/** One report of a feature; undefined where it went by unseen. */
export function report({ reports, person }: Case, feature: string, chance: () => number): Observation | undefined {
  const { states, multi } = features.find(({ id }) => id === feature)!
  if (chance() < person.misses) return undefined
  const pick = () => {
    let left = chance()
    const row = reports[feature]!
    const index = row.findIndex((part) => (left -= part) < 0)
    return states[index < 0 ? row.length - 1 : index]!.id
  }
  const first = pick()
  const second = multi && chance() < person.second ? pick() : first
  return { feature, states: first === second ? [first] : [first, second] }
}

/** Everything that was noticed of some features. */
export function reportAll(one: Case, list: readonly string[], chance: () => number): Observation[] {
  return list.flatMap((feature) => report(one, feature, chance) ?? [])
}
