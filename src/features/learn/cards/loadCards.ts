import { IRON_DOTS } from '@/core/fibres/irons'
import { fibres } from '@/core/fibres/catalogue'
import { burnFeatures, otherFeatures } from '@/core/identify/features'
import { POINT_RULES, SIZE_RULES } from '@/core/sew/needle'
import { needleSizes } from '@/core/sew/needleSizes'
import { capitalise } from '@/core/units/format'
import { FAMILIES, FAMILY_WORDS, FIBRE_WORDS, type FibreId } from '@/core/vocabulary/fibres'
import { speakId, type Vocabulary } from '@/core/vocabulary/words'
import { usualOf } from '../lookup/fibresTold'
import { mustHave } from '@/core/lists/items'

/** What of a burn fits on a card: the looks that part families, in the order of the flame. */
const ON_THE_CARD = ['approach', 'flame', 'melting', 'after-removal', 'smell', 'residue'] as const

const usOf = (nm: number) => mustHave(needleSizes.find((size) => size.nm === nm)).us

/** The cards to hang by the bench and the machine, from the records that verdicts and advice are made of. */
export function loadCards(words: Vocabulary) {
  const nameOf = (id: FibreId) => capitalise(FIBRE_WORDS[id][words])
  const looks = burnFeatures.filter(({ id }) => (ON_THE_CARD as readonly string[]).includes(id))
  return {
    looks: looks.map(({ id, title }) => ({ id, title })),
    burns: FAMILIES.map((family) => ({
      family: FAMILY_WORDS[family].name,
      fibres: fibres
        .filter((fibre) => fibre.family === family)
        .map(({ id }) => ({ id, name: nameOf(id), seen: looks.map((look) => usualOf(look.id, id)) })),
    })).filter((group) => group.fibres.length > 0),
    tests: otherFeatures.flatMap(({ id, title, minutes, guide }) =>
      guide ? [{ id, title, minutes, ...guide }] : [],
    ),
    sizes: SIZE_RULES.map(({ id, gives: [low, high], text }) => ({
      id,
      nm: low === high ? String(low) : `${low} to ${high}`,
      us: low === high ? String(usOf(low)) : `${usOf(low)} to ${usOf(high)}`,
      text,
    })),
    points: POINT_RULES.map(({ id, gives, text }) => ({ id, point: capitalise(speakId(gives)), text })),
    irons: ([3, 2, 1, 0] as const).map((dots) => ({
      dots,
      celsius: IRON_DOTS[dots],
      fibres: fibres.filter(({ ironDots }) => ironDots === dots).map(({ id }) => nameOf(id)),
    })),
  }
}

export type BenchCards = ReturnType<typeof loadCards>
