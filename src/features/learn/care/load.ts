import { CARE_GROUP_WORDS, CARE_GROUPS, CARE_IDS, careSymbol, type CareId } from '@/core/vocabulary/care'
import { careShape } from '@/core/vocabulary/careShapes'
import { notebook } from '@/server/database'
import { countCare } from '@/server/careCounts'

/** Every care symbol by its group, and how many pieces have it on their label. */
export async function loadCare() {
  const counts = await countCare(await notebook())
  const told = (id: CareId) => ({
    id,
    words: careSymbol(id).words,
    shape: careShape(id),
    pieces: counts.get(id) ?? 0,
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
