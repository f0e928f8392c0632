import { namedCloths } from '@/core/cloths/catalogue'
import { findFeature, otherFeatures } from '@/core/identify/features'
import { nearestTo } from '@/core/identify/nearest'
import { capitalise, type UnitSystem } from '@/core/units/format'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { fibresTold, statesSaid, usualOf } from './fibresTold'
import { inStash } from './inStash'
import { mustHave } from '@/core/lists/items'

/** So many that are taken for it are told. */
const NEIGHBOURS = 4

/** All that is known of one fibre, from the tables that verdicts are made of. @returns undefined of none */
export async function loadFibre(name: string, preferences: { units: UnitSystem; words: Vocabulary }) {
  const id = FIBRE_IDS.find((one) => one === name)
  if (!id) return undefined
  const { words } = preferences
  return {
    ...mustHave(fibresTold(words).find((one) => one.id === id)),
    tests: otherFeatures.map((feature) => ({
      title: feature.title,
      usual: usualOf(feature.id, id),
      source: feature.source,
    })),
    neighbours: nearestTo(id)
      .slice(0, NEIGHBOURS)
      .map(({ fibre, best }) => ({
        id: fibre,
        name: capitalise(FIBRE_WORDS[fibre][words]),
        parted: best && {
          title: mustHave(findFeature(best.feature)).title,
          one: statesSaid(best.feature, best.one),
          other: statesSaid(best.feature, best.other),
        },
      })),
    cloths: namedCloths
      .filter(({ fibres }) => fibres.includes(id))
      .map((cloth) => ({ id: cloth.id, name: cloth.name[words] }))
      .toSorted((a, b) => a.name.localeCompare(b.name)),
    stash: await inStash(`fibre ${id}`, ({ fibres }) => fibres.includes(id), preferences),
  }
}

export type OneFibre = NonNullable<Awaited<ReturnType<typeof loadFibre>>>
