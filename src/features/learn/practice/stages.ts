import { burnFeatures, featureById } from '@/core/identify/features'
import { type Observation } from '@/core/identify/types'

/** What a specimen shows at each stage of the burn, in the words of the bench. */
export function stagesOf(burn: readonly Observation[]) {
  return burnFeatures.map(({ id, title }) => {
    const { states } = burn.find(({ feature }) => feature === id)!
    return { feature: id, title, states, says: statesWords(id, states) }
  })
}
export type Stage = ReturnType<typeof stagesOf>[number]

function statesWords(feature: string, states: readonly string[]): string {
  const known = featureById(feature).states
  return states.map((state) => known.find(({ id }) => id === state)?.label ?? state).join(' and ')
}
