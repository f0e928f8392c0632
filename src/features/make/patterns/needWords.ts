import { fullNeed } from '@/core/choose/need'
import { type Need } from '@/core/notebook/schemas/need'
import { chosenWord } from '@/core/vocabulary/choosing'
import { formatWeightRange, type UnitSystem } from '@/core/units/format'

/** What a pattern asks for, in one line. */
export function needWords(need: Need, units: UnitSystem, words: 'uk' | 'us'): string {
  const { structure, gsm, body, stretchWidth, details } = fullNeed(need)
  const parts = [
    need.garment ? chosenWord(need.garment, words) : 'any garment',
    structure === 'either' ? 'woven or knit' : structure,
    formatWeightRange(gsm, units),
    body.join(' or '),
    ...(stretchWidth[0] > 0 ? [`at least ${stretchWidth[0]} % stretch`] : []),
    ...(details.length > 0 ? [`with ${details.map((detail) => chosenWord(detail, words)).join(', ')}`] : []),
  ]
  return parts.join('; ')
}
