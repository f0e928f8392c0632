import { families } from '@/core/fibres/families'
import { FAMILIES, type FamilyId } from '@/core/vocabulary/fibres'
import { featureById, stateLabel } from '@/core/identify/features'
import { type Evidence } from '@/core/identify/types'
import { type Part } from '@/core/vocabulary/observations'
import { itemAt, lastOf } from '@/core/lists/items'

/** Bits from which an answer speaks loudly, clearly, a little; ours. One bit doubles the odds. */
const LOUD = 3
const CLEAR = 1
const FAINT = 0.3

/** What an answer said: what was seen, what that speaks for, and how strongly, bits. */
interface Said {
  seen: string
  says: string
  strength: number
}

/** What one answer said, in words: for the mixture where the verdict is one, else for a family, and against which. */
export function evidenceWords({ feature, part, states, bits, mixture }: Evidence): Said {
  const seen =
    `${whyTitleOf({ feature, part })}: ` +
    `${states.map((state) => stateLabel(feature, state).toLowerCase()).join(', ')}`
  return { seen, ...(mixture ? forMixture(bits, mixture) : forFamilies(bits)) }
}

/** A mixture is seen by what rules each of its sides out alone, and by what one side does in it. */
function forMixture(
  bits: Evidence['bits'],
  { families: mixed, bits: own }: NonNullable<Evidence['mixture']>,
): Omit<Said, 'seen'> {
  const ruledOut = FAMILIES.filter((id) => bits[id] <= -CLEAR).sort((a, b) => bits[a] - bits[b])
  const shown = mixed.filter((id) => bits[id] >= FAINT)
  const says =
    own >= FAINT
      ? `${loudness(own)} for the blend`
      : own <= -CLEAR
        ? 'speaks against the blend'
        : shown.length > 0
          ? `is what ${phrases(shown)} in it would give`
          : ''
  const [sides, others] = [ruledOut.filter((id) => mixed.includes(id)), ruledOut.filter((id) => !mixed.includes(id))]
  const against = [
    ...(sides.length > 0 ? [`against ${phrases(sides)} alone`] : []),
    ...(sides.length === 0 && others.length > 0 ? [`against ${joined(others)}`] : []),
  ]
  const strength = Math.max(Math.abs(own), ...ruledOut.map((id) => -bits[id]), 0)
  return { says: [says, ...against].filter(Boolean).join(', ') || 'says little', strength }
}

function forFamilies(bits: Evidence['bits']): Omit<Said, 'seen'> {
  const ranked = [...FAMILIES].sort((a, b) => bits[b] - bits[a])
  const [best, worst] = [itemAt(ranked, 0), lastOf(ranked)]
  const strength = Math.max(bits[best], -bits[worst])
  const speaksFor =
    bits[best] >= FAINT
      ? `${loudness(bits[best])} for ${joined(ranked.filter((id) => bits[id] >= FAINT && bits[id] > bits[best] - 0.5))}`
      : ''
  const speaksAgainst =
    bits[worst] <= -CLEAR
      ? `against ${joined([...ranked].reverse().filter((id) => bits[id] <= -CLEAR && bits[id] < bits[worst] + 1))}`
      : ''
  return { says: [speaksFor, speaksAgainst].filter(Boolean).join(', ') || 'says little', strength }
}

function loudness(bits: number): string {
  return bits >= LOUD ? 'speaks loudly' : bits >= CLEAR ? 'speaks clearly' : 'speaks a little'
}

const phrases = (ids: readonly FamilyId[]) => ids.map((id) => families[id].phrase).join(' or ')

function joined(ids: readonly FamilyId[]): string {
  return ids
    .slice(0, 3)
    .map((id) => families[id].name.toLowerCase())
    .join(' and ')
}

/** What an answer did to the odds of one family: `×4`, `÷8`, or `·` where next to nothing. */
export function timesWords(bits: number): string {
  const times = 2 ** Math.abs(bits)
  if (times < 1.15) return '·'
  const shown = times >= 10 ? Math.round(times) : Number(times.toFixed(1))
  return `${bits > 0 ? '×' : '÷'}${shown > 999 ? '999+' : shown}`
}

/** What was looked at, and on which part where that is not the whole cloth. */
export function whyTitleOf({ feature, part = 'whole' }: { feature: string; part?: Part }): string {
  return `${featureById(feature).title}${part === 'whole' ? '' : `, ${part}`}`
}
