import { families } from '@/core/fibres/families'
import { fibres } from '@/core/fibres/catalogue'
import { burnFeatures, stateLabel } from '@/core/identify/features'
import { IRON_DOTS } from '@/core/fibres/irons'
import { type FibreId } from '@/core/vocabulary/fibres'
import { type FeatureId } from '@/core/vocabulary/observations'
import { type Vocabulary } from '@/core/vocabulary/words'
import { capitalise } from '@/core/units/format'
import { weightsOf } from '@/core/identify/weights'

/** A fibre as it is told to a person who looks it up. */
export interface FibreTold {
  id: FibreId
  name: string
  also: string
  family: string
  /** What each look at the flame most often shows. */
  burns: { id: FeatureId; title: string; usual: string }[]
  /** The commonest of each look, as it is drawn. */
  seen: Record<string, string[]>
  facts: { title: string; value: string; source: string }[]
  lookalike: string | null
}

/** Every fibre, from the tables that verdicts are made of. */
export function fibresTold(words: Vocabulary): FibreTold[] {
  return fibres.map(({ id, name, also, family, density, regain, allowance, soldSince, ironDots, lookalike }) => {
    const other = name[words === 'uk' ? 'us' : 'uk']
    const [low, high] = density.gramsPerCm3
    const celsius = IRON_DOTS[ironDots]
    return {
      id,
      name: capitalise(name[words]),
      also: [...new Set([other, ...also])].filter((word) => word !== name[words]).join(', '),
      family: families[family].name,
      burns: burnFeatures.map(({ id: feature, title }) => ({
        id: feature,
        title,
        usual: usualOf(feature, id),
      })),
      seen: Object.fromEntries(burnFeatures.map((look) => [look.id, usualStates(look.id, id).slice(0, 1)])),
      facts: [
        { title: 'Density', value: `${low === high ? low : `${low} to ${high}`} g/cm³`, source: density.source },
        ...(regain ? [{ title: 'Moisture regain', value: `${regain.percent} %`, source: regain.source }] : []),
        ...(allowance
          ? [
              {
                title: 'Conventional allowance',
                value: allowance.range ? `${allowance.range.join(' to ')} %` : `${allowance.percent} %`,
                source: allowance.source,
              },
            ]
          : []),
        {
          title: 'Iron',
          value: celsius === null ? 'do not iron' : `${'•'.repeat(ironDots)} up to ${celsius} °C`,
          source: 'ISO 3758, from memory',
        },
        ...(soldSince
          ? [
              {
                title: 'Widely sold since',
                value: `about ${soldSince}`,
                source: 'from memory of published histories',
              },
            ]
          : []),
      ],
      lookalike: lookalike && capitalise(lookalike),
    }
  })
}

/** A report that comes at least half as often as the commonest is worth a word. */
const WORTH_A_WORD = 0.5

/** What is most often reported of a fibre, in words. */
export function usualOf(feature: FeatureId, fibre: FibreId): string {
  return statesSaid(feature, usualStates(feature, fibre))
}

/** What is most often reported of a fibre, the commonest first. */
function usualStates(feature: FeatureId, fibre: FibreId): string[] {
  const weights = weightsOf({ id: feature })[fibre]
  const most = Math.max(...Object.values(weights))
  return Object.entries(weights)
    .filter(([, weight]) => weight >= most * WORTH_A_WORD)
    .sort((a, b) => b[1] - a[1])
    .map(([state]) => state)
}

/** What a look may show, in words. */
export function statesSaid(feature: string, states: readonly string[]): string {
  return states.map((state) => stateLabel(feature, state).toLowerCase()).join(' or ')
}
