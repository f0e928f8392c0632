import { fullNeed } from '@/core/choose/need/need'
import { type Need } from '@/core/notebook/schemas/need'
import { drapeWords } from '@/core/vocabulary/cloth'
import { chosenWord, type Role } from '@/core/vocabulary/choosing'
import { formatWeightRange, type UnitSystem } from '@/core/units/format'

/** What a pattern asks for, in one line. */
export function needWords(need: Need, units: UnitSystem, words: 'uk' | 'us'): string {
  const { structure, gsm, body, stretchWidth, details } = fullNeed(need)
  const parts = [
    need.garment ? chosenWord(need.garment, words) : 'any garment',
    structure === 'either' ? 'woven or knit' : structure,
    formatWeightRange(gsm, units),
    ...(drapeWords(body) === 'any drape' ? [] : [drapeWords(body)]),
    ...(stretchWidth[0] > 0 ? [`at least ${stretchWidth[0]} % stretch`] : []),
    ...(details.length > 0 ? [`with ${details.map((detail) => chosenWord(detail, words)).join(', ')}`] : []),
  ]
  return parts.join('; ')
}

/** What a cloth beside the main one is asked for, in one line. */
export function partnerWords({ role, need }: { role: Role; need: Need }, units: UnitSystem): string {
  const said = [
    ...(need.structure && need.structure !== 'either' ? [need.structure] : []),
    ...(need.gsm ? [formatWeightRange(need.gsm, units)] : []),
    ...(need.called && need.called.length > 0 ? [`such as ${need.called.join(', ')}`] : []),
    ...(need.fibres && need.fibres.length > 0 ? [need.fibres.join(', ')] : []),
  ]
  return said.length > 0 ? said.join('; ') : USUAL[role]
}

/** What a role asks for where its pattern says nothing; common practice. */
const USUAL: Readonly<Record<Role, string>> = {
  main: 'as the pattern says',
  contrast: 'same as the main fabric',
  lining: 'lighter than the main fabric, smooth, and washed the same way',
  interfacing: 'no heavier than the main fabric',
  underlining: 'light and firm',
  wadding: 'thin enough to fold',
  pocket: 'firm and close',
  binding: 'light enough to fold twice',
}
