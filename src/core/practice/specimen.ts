import { burnFeatures, features } from '../identify/features'
import { commonReporter, type Reporter } from '../identify/reporter'
import { type Observation } from '../identify/types'
import { chanceOf } from '../numbers/chance'
import { type Topic } from './topics'

/**
 * One specimen of a topic, burnt once: what a person would report of it at each stage, drawn from the same tables that
 * the bench reckons by, so that it misleads as often as a real one does. The same seed burns the same way for all.
 * @param reporter whose eyes and nose; this person's own where controls taught the bench, else a careful beginner's
 * @returns one observation a feature of the burn, in the order of the flame
 */
export function burnOf({ components }: Topic, seed: number, reporter: Reporter = commonReporter): Observation[] {
  const chance = chanceOf(seed)
  const { probabilities, several } = reporter.tablesOf(components)
  return burnFeatures.map((feature) => {
    const at = features.indexOf(feature)
    const row = probabilities[at]!
    const first = drawn(row, chance())
    // Some smell two things at once, seldom of one family and often of two.
    const isTwo = feature.multi && chance() < several[at]!
    const second = isTwo ? drawn(row, chance()) : first
    const states = [...new Set([first, second])].map((state) => feature.states[state]!.id)
    return { feature: feature.id, states }
  })
}

/** The place of a row of probabilities on which a number in [0, 1) falls. */
function drawn(row: ArrayLike<number>, at: number): number {
  let sum = 0
  for (let i = 0; i < row.length; i++) {
    sum += row[i]!
    if (at < sum) return i
  }
  return row.length - 1
}
