import { type Offer } from '../../fabric/types'
import {
  careReason,
  colourReason,
  dyeReason,
  frayingReason,
  stretchReason,
  structureReason,
  weightReason,
} from './rules'
import { shrinkageReason } from './shrinkage'
import {
  MIX_REMEDIES,
  type MixAnswer,
  type MixAsked,
  type MixProperty,
  type MixReason,
  type MixRemedyId,
} from './types'

const RULES: Readonly<Record<MixProperty, (asked: MixAsked) => MixReason>> = {
  shrinkage: shrinkageReason,
  stretch: stretchReason,
  weight: weightReason,
  care: careReason,
  colour: colourReason,
  dye: dyeReason,
  structure: structureReason,
  fraying: frayingReason,
}

/** What only matters if something else is done, or is a matter of course: alone it makes no mix risky. */
const ASIDE: readonly MixProperty[] = ['dye', 'fraying']
/** Unknown of these, nobody can say that two cloths agree. */
const DECIDE: readonly MixProperty[] = ['shrinkage', 'care']
/** So many things that are bad at once are a fight, even where each could be put right. */
const TOO_MANY = 3
/** The worst first. */
const ORDER = ['bad', 'near', 'unknown', 'good'] as const

/** Whether two cloths go together in one thing, and what to do where they do not. Common practice; limits ours. */
export function mixFabrics(asked: MixAsked): MixAnswer {
  const reasons = Object.values(RULES)
    .map((rule) => rule(asked))
    .sort((one, other) => ORDER.indexOf(one.status) - ORDER.indexOf(other.status))
  return { verdict: verdictOf(reasons), reasons, remedies: remediesOf(reasons) }
}

function verdictOf(reasons: readonly MixReason[]): MixAnswer['verdict'] {
  const bad = reasons.filter(({ status }) => status === 'bad')
  if (bad.some(({ remedy }) => remedy === undefined) || bad.length >= TOO_MANY) return 'fights'
  const open = reasons.filter(
    ({ status, property }) =>
      (status === 'near' && !ASIDE.includes(property)) || (status === 'unknown' && DECIDE.includes(property)),
  )
  return bad.length + open.length > 0 ? 'with-care' : 'agrees'
}

function remediesOf(reasons: readonly MixReason[]): MixAnswer['remedies'] {
  const own = reasons.flatMap(({ remedy }) => remedy ?? [])
  const isDoubted = reasons.some(({ status }) => status === 'bad' || status === 'unknown')
  const ids: MixRemedyId[] = [...new Set([...own, ...(isDoubted ? ['test-seam' as const] : [])])]
  if (reasons.some(({ property, status }) => property === 'shrinkage' && status === 'bad')) ids.push('gather-in')
  return ids.map((id) => ({ id, text: MIX_REMEDIES[id] }))
}

/** Every pair of several cloths, for a patchwork’s table, and which of them goes together worst. */
export function mixTable(cloths: readonly Offer[], how: Omit<MixAsked, 'a' | 'b'>) {
  const pairs = cloths.flatMap((a, i) =>
    cloths.slice(i + 1).map((b, j) => ({ of: [i, i + 1 + j] as const, ...mixFabrics({ a, b, ...how }) })),
  )
  const weightOf = ({ reasons }: MixAnswer) =>
    reasons.reduce((sum, { status }) => sum + (status === 'bad' ? 3 : status === 'near' ? 1 : 0), 0)
  const verdicts = ['agrees', 'with-care', 'fights']
  const worst = pairs.toSorted(
    (one, other) =>
      verdicts.indexOf(other.verdict) - verdicts.indexOf(one.verdict) || weightOf(other) - weightOf(one),
  )[0]
  return { pairs, worst: worst && worst.verdict !== 'agrees' ? worst.of : null }
}
