import { burnFeatures, featureById } from '@/core/identify/features'
import { type Observation } from '@/core/identify/types'
import { mustHave } from '@/core/lists/items'

/** Which yarns were burnt: all of them, or one set of a cloth whose warp and weft differ. */
export type BurntSet = 'whole' | 'warp' | 'weft'

/** What a specimen shows at each stage of the burn, in the words of the bench; warp and weft apart where they are. */
export function stagesOf(burn: readonly Observation[]) {
  const sets = [...new Set(burn.map(setOf))]
  return burnFeatures.map(({ id, title }) => {
    const shows = sets.map((set) => {
      const { states } = mustHave(burn.find((one) => one.feature === id && setOf(one) === set))
      return { set, states, says: statesWords(id, states) }
    })
    const says = shows.map(({ set, says: words }) => (set === 'whole' ? words : `${set}: ${words}`)).join('; ')
    return { feature: id, title, shows, says }
  })
}

const setOf = ({ part }: Observation): BurntSet => (part === 'warp' || part === 'weft' ? part : 'whole')

export type PracticeStage = ReturnType<typeof stagesOf>[number]

function statesWords(feature: string, states: readonly string[]): string {
  const known = featureById(feature).states
  return states.map((state) => known.find(({ id }) => id === state)?.label ?? state).join(' and ')
}
