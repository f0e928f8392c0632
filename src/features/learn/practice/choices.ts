import { FAMILIES, FAMILY_WORDS, FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'

/** What a specimen may be said to be; no flame is held to minerals. */
export const choicesIn = (words: Vocabulary) => ({
  families: FAMILIES.filter((id) => id !== 'mineral').map((id) => [id, FAMILY_WORDS[id].name] as const),
  fibres: FIBRE_IDS.map((id) => [id, FIBRE_WORDS[id][words]] as const),
})
