import { type FamilyId, type FibreId } from '../fibres/types'

export const PARTS = ['whole', 'warp', 'weft', 'pile'] as const
export type Part = (typeof PARTS)[number]

/** What was reported of one feature, on one specimen. */
export interface Observation {
  feature: string
  states: readonly string[]
  part?: Part
}

export type Share = 'all' | 'main' | 'even' | 'minor'

/** One fibre's place in a mixture; `weight` is its share of what burns, in (0, 1], all of them summing to 1. */
export interface Component {
  fibre: FibreId
  share: Share
  weight: number
}

/** One thing that the cloth could be. */
export interface Hypothesis {
  id: string
  /** The larger share first. */
  components: readonly Component[]
  /** The fibres alone, whatever their shares: `cotton+polyester`. */
  fibreSet: string
  /** The families present, in the order of the vocabulary. */
  families: readonly FamilyId[]
  /** Prior probability; the hypotheses' priors sum to 1. */
  prior: number
}

export interface Scored {
  hypothesis: Hypothesis
  probability: number
}

export type Level = 'fibre' | 'blend' | 'family' | 'group' | 'undecided'

export interface Verdict {
  level: Level
  /** Fibre ids at the levels `fibre` and `blend`, family ids elsewhere; a blend whose parents are known only as families names those. */
  ids: readonly string[]
  /** For a blend: what each side could be. One id a side where it is known. */
  sides: readonly (readonly string[])[]
  /** The likeliest fibre or set of fibres, whether or not the evidence carries it as a verdict. */
  leaning: readonly FibreId[]
  leaningProbability: number
  probability: number
  text: string
}

export type ClaimVerdict = 'supported' | 'doubtful' | 'contradicted' | 'untested'

export interface ClaimItem {
  fibre: FibreId
  percent: number
}

export interface ClaimAnswer {
  verdict: ClaimVerdict
  bayesFactor: number
  text: string
}

export interface NextTest {
  feature: string
  part: Part
  bits: number
  hazard: string
  text: string
}

export interface Conflict {
  features: readonly [string, string]
  text: string
}

export interface Evidence {
  feature: string
  part: Part
  states: readonly string[]
  /** How far the answer moves the odds of each family being the only one, log2; discounts for correlation included. */
  bits: Record<FamilyId, number>
}

export interface Made {
  after?: number
  before?: number
}
