import { type Phrase, type TextWithId } from '../../text/text'
import { type Offer } from '../../fabric/types'

export const MIX_PURPOSES = ['garment', 'patchwork', 'bag'] as const
export type MixPurpose = (typeof MIX_PURPOSES)[number]

export const MIX_PROPERTIES = [
  'shrinkage',
  'stretch',
  'weight',
  'care',
  'colour',
  'dye',
  'structure',
  'fraying',
] as const
export type MixProperty = (typeof MIX_PROPERTIES)[number]

export type MixStatus = 'good' | 'near' | 'bad' | 'unknown'

/** Two cloths sewn to each other. */
export interface MixAsked {
  a: Offer
  b: Offer
  /** Length of the seam between them, mm. */
  seamMm: number
  /** How often it will be washed. */
  washes: number
  purpose: MixPurpose
}

export interface MixReason {
  property: MixProperty
  status: MixStatus
  id: string
  text: Phrase
  /** By how much the seam puckers, mm; null where it is no matter of length. */
  mm: number | null
  /** The remedy that puts it right, where one does. */
  remedy?: MixRemedyId
}

/** What can be done about it. Common practice. */
export const MIX_REMEDIES = {
  'wash-first': 'Wash and dry both as you will the garment, before you cut them: they shrink now.',
  'wash-apart':
    'Wash the deep colour alone until the water stays clear, and test it wet on white; otherwise ' +
    'keep them apart.',
  'stay-tape': 'Sew a stay tape into the seam on the stretchy one, so that it can’t grow against the other.',
  'gather-in': 'Ease or gather the longer into the shorter on purpose, so that it looks intended.',
  'cut-on-bias': 'Cut the firm one on the bias where they meet, so that it stretches too.',
  'underline-lighter':
    'Underline the lighter one with a fabric that makes up for its weight, and handle both as one.',
  'dry-clean': 'Treat the whole like the most delicate of them: hand wash or dry clean.',
  'wash-gently': 'Wash the whole as the more delicate one needs.',
  'bind-edges': 'Overlock or bind the edge that frays before you join them, with a wider seam allowance.',
  'dye-before': 'Dye each with its own dye before you join them, or leave the colour as it is.',
  'test-seam': 'Sew a short seam of both together, wash it as you will the garment, and look.',
} as const
export type MixRemedyId = keyof typeof MIX_REMEDIES

export interface MixAnswer {
  verdict: 'agrees' | 'with-care' | 'fights'
  reasons: MixReason[]
  remedies: TextWithId[]
}
