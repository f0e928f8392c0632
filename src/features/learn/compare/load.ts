import { findFeature } from '@/core/identify/features'
import { tellsApart } from '@/core/identify/tellsApart'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { type AddressState } from '../../shared/address/address'
import { type compareAddress } from './compareAddress'
import { type FibreTold, fibresTold, statesSaid } from '../lookup/fibresTold'
import { mustHave } from '@/core/lists/items'

/** Two fibres side by side: what parts them, the most telling first, and their figures. */
export function loadCompared({ a: one, b: other }: AddressState<typeof compareAddress>, words: Vocabulary) {
  const told = fibresTold(words)
  const [mine, theirs] = [one, other].map((id) => mustHave(told.find((fibre) => fibre.id === id)))
  const titles = [...new Set([...mustHave(mine).facts, ...mustHave(theirs).facts].map(({ title }) => title))]
  const figure = (facts: typeof mine, title: string) =>
    mustHave(facts).facts.find((fact) => fact.title === title)?.value ?? 'not known'
  return {
    one: shownOf(mustHave(mine)),
    other: shownOf(mustHave(theirs)),
    parted: tellsApart(one, other).map((telling) => ({
      feature: telling.feature,
      title: mustHave(findFeature(telling.feature)).title,
      hazard: mustHave(findFeature(telling.feature)).hazard,
      bits: telling.bits,
      one: statesSaid(telling.feature, telling.one),
      other: statesSaid(telling.feature, telling.other),
    })),
    figures: titles.map((title) => ({ title, one: figure(mine, title), other: figure(theirs, title) })),
    fibres: FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const),
  }
}

export type ComparedData = ReturnType<typeof loadCompared>

const shownOf = ({ id, name, seen, burns }: FibreTold) => ({ id, name, seen, burns })
