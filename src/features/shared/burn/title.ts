import { families } from '@/core/fibres/families'
import { FAMILIES, FIBRE_IDS, type FamilyId } from '@/core/vocabulary/fibres'
import { type Verdict } from '@/core/identify/types'
import { capitalise } from '@/core/units/format'
import { fibreName } from '@/core/identify/words'
import { type Vocabulary } from '@/core/vocabulary/words'
import { itemAt } from '@/core/lists/items'

/** The title of a verdict, a few words. */
export function verdictTitle({ verdict }: { verdict: Verdict }, words: Vocabulary): string {
  switch (verdict.level) {
    case 'fibre':
      return capitalise(fibreName(itemAt(verdict.leaning, 0), words))
    case 'blend':
      return capitalise(verdict.sides.map((side) => side.map((id) => nameOf(id, words)).join(' or ')).join(', with '))
    case 'family':
      return `${families[verdict.ids[0] as FamilyId].name} fibre`
    case 'group':
      if (verdict.sure)
        return `${families[verdict.sure].name} fibre, alone or with ${verdict.ids
          .filter((id) => id !== verdict.sure)
          .map((id) => nameOf(id, words))
          .join(' or ')}`
      return `${capitalise(verdict.ids.map((id) => nameOf(id, words)).join(' or '))} fibre`
    case 'undecided':
      return 'Not clear yet'
  }
}

function nameOf(id: string, words: Vocabulary): string {
  const family = FAMILIES.find((one) => one === id)
  const fibre = FIBRE_IDS.find((one) => one === id)
  return family ? families[family].name.toLowerCase() : fibre ? fibreName(fibre, words) : id
}
