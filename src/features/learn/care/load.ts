import { CARE_GROUP_WORDS, CARE_GROUPS, CARE_IDS, careSymbol, type CareId } from '@/core/vocabulary/care'
import { careShape } from '@/core/vocabulary/careShapes'
import { type Vocabulary } from '@/core/vocabulary/words'
import { notebook } from '@/server/database'
import { careOnShelves } from './onShelves'
import { shelfOf } from '@/server/cache/shelf'

/** Every care symbol by its group, and how many pieces have it on their label. */
export async function loadCare(words: Vocabulary) {
  const pieces = careOnShelves(await shelfOf(await notebook(), words))
  const told = (id: CareId) => ({
    id,
    words: careSymbol(id).words,
    shape: careShape(id),
    pieces: pieces.of(id).length,
  })
  return {
    groups: CARE_GROUPS.map((group) => ({
      group,
      title: CARE_GROUP_WORDS[group],
      symbols: CARE_IDS.filter((id) => careSymbol(id).group === group).map(told),
    })),
  }
}
export type CareData = Awaited<ReturnType<typeof loadCare>>
