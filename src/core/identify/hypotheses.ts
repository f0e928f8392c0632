import { fibreById } from '../fibres/catalogue'
import { FAMILIES, FIBRE_IDS, type FibreId } from '../vocabulary/fibres'
import { pairs, triples } from './blends'
import { MAIN_WEIGHT, SHARE_SPLIT } from './priors'
import { type Share } from '../vocabulary/shares'
import { type Component, type Hypothesis } from './types'
import { itemAt } from '../lists/items'

/** `silk`, or `cotton.main+polyester.minor`: the same mixture always gets the same id. */
function hypothesisId(components: readonly Component[]): string {
  if (components.length === 1) return itemAt(components, 0).fibre
  return components.map(({ fibre, share }) => `${fibre}.${share}`).join('+')
}

/** A mixture from fibres and weights that sum to 1, the larger share first. */
export function mixtureOf(weights: readonly (readonly [FibreId, number])[]): Component[] {
  const sorted = [...weights].sort((a, b) => b[1] - a[1] || FIBRE_IDS.indexOf(a[0]) - FIBRE_IDS.indexOf(b[0]))
  const top = itemAt(sorted, 0)[1]
  const atTop = sorted.filter(([, weight]) => top - weight < EVEN_WITHIN).length
  const word = (weight: number): Share => {
    if (sorted.length === 1) return 'all'
    if (top - weight >= EVEN_WITHIN) return 'minor'
    return atTop > 1 ? 'even' : 'main'
  }
  return sorted.map(([fibre, weight]) => ({ fibre, weight, share: word(weight) }))
}

/** Shares that differ by less than this from the largest count as even with it. */
const EVEN_WITHIN = 0.15

/** A hypothesis from its components. */
export function hypothesisOf(components: readonly Component[], prior: number): Hypothesis {
  const present = new Set(components.map(({ fibre }) => fibreById(fibre).family))
  const families = FAMILIES.filter((family) => present.has(family))
  return { id: hypothesisId(components), components, fibreSet: fibreSetKey(components), families, prior }
}

/** The fibres of a mixture as a key that ignores shares: `cotton+polyester`. */
export function fibreSetKey(components: readonly Component[]): string {
  const present = components.map(({ fibre }) => fibre)
  return FIBRE_IDS.filter((id) => present.includes(id)).join('+')
}

function catalogue(): { hypotheses: Hypothesis[]; total: number } {
  const list: { components: Component[]; weight: number }[] = FIBRE_IDS.map((fibre) => ({
    components: mixtureOf([[fibre, 1]]),
    weight: fibreById(fibre).common,
  }))
  for (const {
    fibres: [first, second],
    main,
    common,
  } of pairs) {
    if (main === 'first') {
      const minor = fibreById(second).traceWeight ?? 1 - MAIN_WEIGHT
      list.push({
        components: mixtureOf([
          [first, 1 - minor],
          [second, minor],
        ]),
        weight: common,
      })
      continue
    }
    list.push(
      {
        components: mixtureOf([
          [first, MAIN_WEIGHT],
          [second, 1 - MAIN_WEIGHT],
        ]),
        weight: common * SHARE_SPLIT.firstMain,
      },
      {
        components: mixtureOf([
          [first, 0.5],
          [second, 0.5],
        ]),
        weight: common * SHARE_SPLIT.even,
      },
      {
        components: mixtureOf([
          [second, MAIN_WEIGHT],
          [first, 1 - MAIN_WEIGHT],
        ]),
        weight: common * SHARE_SPLIT.secondMain,
      },
    )
  }
  for (const { shows, common } of triples) {
    list.push({ components: mixtureOf(Object.entries(shows) as [FibreId, number][]), weight: common })
  }
  const total = list.reduce((sum, { weight }) => sum + weight, 0)
  return { hypotheses: list.map(({ components, weight }) => hypothesisOf(components, weight / total)), total }
}

/**
 * Every pure fibre and every common blend of two or three, with priors that sum to 1; and what their parts in a
 * hundred add up to.
 */
export const { hypotheses, total: COMMON_TOTAL }: { hypotheses: readonly Hypothesis[]; total: number } = catalogue()
