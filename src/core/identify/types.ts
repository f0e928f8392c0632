import { type Phrase } from '../text/text'
import { type FamilyId, type FibreId } from '../vocabulary/fibres'
import { type Asks, type Part } from '../vocabulary/observations'
import { type Share } from '../vocabulary/shares'

/** What was reported of one feature, on one specimen. */
export interface Observation {
  feature: string
  states: readonly string[]
  part?: Part
}

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
  /**
   * Fibre ids at the levels `fibre` and `blend`, family ids elsewhere; a blend whose parents are known only as
   * families names those.
   */
  ids: readonly string[]
  /** For a blend: what each side could be. One id a side where it is known. */
  sides: readonly (readonly string[])[]
  /**
   * In a group: the one of its families that is in the cloth at 0.8 or more, alone or with the other; null elsewhere.
   */
  sure: FamilyId | null
  /** The likeliest fibre or set of fibres, whether or not the evidence carries it as a verdict. */
  leaning: readonly FibreId[]
  leaningProbability: number
  probability: number
  text: Phrase
}

export type ClaimVerdict = 'supported' | 'doubtful' | 'contradicted' | 'untested'

export interface ClaimItem {
  fibre: FibreId
  percent: number
}

/** What a true claim would have shown of one thing that was looked at, beside what was seen. */
export interface ClaimSign {
  feature: string
  part: Part
  /** What true cloth most often gives. */
  expected: string
  seen: readonly string[]
  /**
   * How much likelier the claim makes what was seen than anything else does, log2; below 0 it speaks against the
   * claim.
   */
  bits: number
}

export interface ClaimAnswer {
  verdict: ClaimVerdict
  bayesFactor: number
  text: Phrase
  /** The weightiest first. */
  signs: readonly ClaimSign[]
}

/** The question that was asked, answered directly. */
export interface AskedAnswer {
  asks: Asks
  /** Probability of the likeliest answer. */
  probability: number
  text: Phrase
}

export interface NextTest {
  feature: string
  part: Part
  bits: number
  hazard: string
  text: Phrase
}

/** What a person is warned of before anything else. */
export interface Warning {
  id: string
  text: Phrase
}

export interface Conflict {
  features: readonly [string, string]
  text: Phrase
}

export interface Evidence {
  feature: string
  part: Part
  states: readonly string[]
  /** How far the answer moves the odds of each family being the only one, log2; discounts for correlation included. */
  bits: Record<FamilyId, number>
  /**
   * Where the verdict is a mixture of families: the same for that mixture, and which families it is of. What speaks for
   * one of them alone is no reason for the two together.
   */
  mixture?: { families: readonly FamilyId[]; bits: number }
}

export interface MadeBetween {
  after?: number
  before?: number
}
