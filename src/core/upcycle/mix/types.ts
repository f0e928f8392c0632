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
  text: string
  /** By how much the seam puckers, mm; null where it is no matter of length. */
  mm: number | null
  /** The remedy that puts it right, where one does. */
  remedy?: MixRemedyId
}

/** What can be done about it. Common practice. */
export const MIX_REMEDIES = {
  'wash-first': 'Wash and dry both as the thing will be, before they are cut: what shrinks, shrinks now.',
  'wash-apart':
    'Wash the deep one by itself until the water stays clear, and try it wet on white; else keep them apart.',
  'stay-tape': 'Sew a stay tape into the seam on the one that gives, so that it cannot grow against the other.',
  'gather-in': 'Ease or gather the longer into the shorter on purpose, so that what moves looks meant.',
  'cut-on-bias': 'Cut the firm one on the bias where they meet, so that it gives too.',
  'underline-lighter': 'Underline the lighter one with a cloth that makes up its weight, and handle both as one.',
  'dry-clean': 'Treat the whole as the tenderest of them: by hand or to the dry-cleaner.',
  'wash-gently': 'Wash the whole as the tenderer of them asks.',
  'bind-edges': 'Overlock or bind the edge that frays before they are joined, with a wider seam allowance.',
  'dye-before': 'Dye each with its own dye before they are joined, or leave the colour as it is.',
  'test-seam': 'Sew a hand’s length of both together, wash it as the thing will be, and look.',
} as const
export type MixRemedyId = keyof typeof MIX_REMEDIES

export interface MixAnswer {
  verdict: 'agrees' | 'with-care' | 'fights'
  reasons: MixReason[]
  remedies: { id: string; text: string }[]
}
