import { features } from '@/core/identify/features'
import { techniques } from '@/core/sew/techniques'
import { QUANTITIES, type QuantityId } from '@/core/units/convert'
import { capitalise } from '@/core/units/format'
import { CARE_GROUP_WORDS, CARE_IDS, careSymbol } from '@/core/vocabulary/care'
import { FAMILY_WORDS, FIBRE_IDS, FIBRE_WORDS, type FibreId } from '@/core/vocabulary/fibres'
import { fibreById } from '@/core/fibres/catalogue'
import { termHref } from '@/core/vocabulary/markTerms'
import { TERM_WORDS, type Term, type TermId } from '@/core/vocabulary/terms'
import { TERMS_TOLD } from '@/core/vocabulary/termsTold'
import { careShape } from '@/core/vocabulary/careShapes'
import { asPlainText } from '@/core/text/render'
import { phrase } from '@/core/text/text'

/** Something to look up: where it is told, and what it is found by. */
export interface HelpReference {
  href: string
  title: string
  about: string
  also: string
}

const fibreTold = (id: FibreId): HelpReference => {
  const { uk, us, also } = FIBRE_WORDS[id]
  return {
    href: `/learn/fibres/${id}`,
    title: uk === us ? uk : `${uk} (US ${us})`,
    about: `${FAMILY_WORDS[fibreById(id).family].phrase}: how it burns, its figures, what it is ` + 'confused with',
    also: also.join(' '),
  }
}

/** Everything that is told at length somewhere, from the same tables as the computation. */
export const references: readonly HelpReference[] = [
  ...FIBRE_IDS.map(fibreTold),
  ...techniques.map(({ id, name, for: goodFor, what }) => ({
    href: `/learn/techniques/${id}`,
    title: name,
    about: asPlainText(phrase`for ${goodFor}`),
    also: `${what} sew drawn`,
  })),
  ...features.map(({ id, title, kind }) => ({
    href: `/learn/tests/${id}`,
    title,
    about:
      kind === 'burn'
        ? 'a question of the burn test: what each answer points to, and what it tells apart'
        : 'a test without a flame: how to do it, and what it tells apart',
    also: kind === 'burn' ? 'burn' : 'test',
  })),
  ...(Object.keys(QUANTITIES) as QuantityId[]).flatMap((quantity) =>
    QUANTITIES[quantity].units.map(({ id, words }) => ({
      href: `/learn/units/${id}`,
      title: words,
      about: `a unit of ${QUANTITIES[quantity].title.toLowerCase()}`,
      also: `${id} unit convert`,
    })),
  ),
  ...(Object.keys(TERM_WORDS) as TermId[]).map((id) => {
    const { word, also = [] }: Term = TERM_WORDS[id]
    const [uk, us] = typeof word === 'string' ? [word, word] : [word.uk, word.us]
    return {
      href: termHref(id),
      title: capitalise(uk === us ? uk : `${uk} (US ${us})`),
      about: TERMS_TOLD[id],
      also: [...also, 'word meaning'].join(' '),
    }
  }),
  ...CARE_IDS.map((id) => ({
    href: `/learn/care/${id}`,
    title: capitalise(careSymbol(id).words),
    about: `care symbol: ${careShape(id)}`,
    also: `${CARE_GROUP_WORDS[careSymbol(id).group]} label symbol laundry`,
  })),
]
