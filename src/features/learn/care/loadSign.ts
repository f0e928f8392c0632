import { toleratesCare } from '@/core/fabric/toleratesCare'
import { careOf } from '@/core/fabric/care'
import { offerFrom } from '@/core/fabric/offer'
import { capitalise, type UnitSystem } from '@/core/units/format'
import { CARE_GROUP_WORDS, CARE_IDS, careSymbol } from '@/core/vocabulary/care'
import { careShape } from '@/core/vocabulary/careShapes'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { shelfOf } from '@/server/cache/shelf'
import { careOnShelves } from './onShelves'
import { foldOf } from '../../shared/stash/describe'

/** So many pieces that have it on their label are shown. */
const SHOWN = 12

/** One care symbol: what it is, which fibres bear it, and what of the stash has it. @returns undefined of none */
export async function loadSign(name: string, { units, words }: { units: UnitSystem; words: Vocabulary }) {
  const id = CARE_IDS.find((one) => one === name)
  if (!id) return undefined
  const { group, words: says } = careSymbol(id)
  const shelf = await shelfOf(await notebook(), words)
  const own = careOnShelves(shelf).of(id).toReversed()
  const fibres = FIBRE_IDS.map((fibre) => ({
    id: fibre,
    name: FIBRE_WORDS[fibre][words],
    bears: toleratesCare(id, careOf(offerFrom({ fibres: [fibre] }))),
  }))
  return {
    id,
    title: capitalise(says),
    shape: capitalise(careShape(id)),
    group: CARE_GROUP_WORDS[group],
    bearing: fibres.filter((fibre) => fibre.bears === true),
    hurt: fibres.filter((fibre) => fibre.bears === false),
    others: CARE_IDS.filter((other) => other !== id && careSymbol(other).group === group).map((other) => ({
      id: other,
      name: careSymbol(other).words,
    })),
    pieces: own.length,
    folds: own.slice(0, SHOWN).map((gist) => foldOf(gist, units, words)),
  }
}

export type OneSign = NonNullable<Awaited<ReturnType<typeof loadSign>>>
