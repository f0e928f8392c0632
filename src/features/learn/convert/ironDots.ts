import { fibreById } from '@/core/fibres/catalogue'
import { IRON_DOTS } from '@/core/fibres/irons'
import { FIBRE_IDS, FIBRE_WORDS } from '@/core/vocabulary/fibres'
import { type Vocabulary } from '@/core/vocabulary/words'
import { type Dots } from './ConvertPage'

/** Dots of the iron with the fibres that bear no more. */
export function ironDots(words: Vocabulary): Dots[] {
  return ([1, 2, 3] as const).map((dots) => ({
    dots,
    celsius: IRON_DOTS[dots],
    fibres: FIBRE_IDS.filter((id) => fibreById(id).ironDots === dots)
      .map((id) => FIBRE_WORDS[id][words])
      .join(', '),
  }))
}
