export const FAMILIES = ['plant', 'regenerated', 'acetate', 'protein', 'synthetic', 'mineral'] as const
export type FamilyId = (typeof FAMILIES)[number]

export const FIBRE_IDS = [
  'cotton',
  'linen',
  'hemp',
  'ramie',
  'jute',
  'viscose',
  'modal',
  'lyocell',
  'cupro',
  'acetate',
  'triacetate',
  'wool',
  'hair',
  'silk',
  'polyester',
  'nylon',
  'acrylic',
  'modacrylic',
  'polypropylene',
  'elastane',
  'glass',
  'metallic',
] as const
export type FibreId = (typeof FIBRE_IDS)[number]

/** What a fibre is, whoever sells it. */
export interface Fibre {
  id: FibreId
  family: FamilyId
  /** UK and US words; the same where there is only one. */
  name: { uk: string; us: string }
  /** Other words that people write on labels; generic, lower case. */
  also: readonly string[]
  /** Softens and melts when heated, so that it leaves something hard behind. */
  thermoplastic: boolean
  /** g/cm³, [low, high]. */
  density: readonly [number, number]
  /** Commercial moisture regain, per cent of dry mass; null where no figure is at hand. */
  regainPercent: number | null
  /** Conventional allowance, per cent of dry mass. */
  allowancePercent: number | null
  /** Year from which it was widely sold; null where older than any garment here. */
  soldSince: number | null
  /** Is there another fibre that a flame cannot part it from? Words for the verdict. */
  lookalike: string | null
}

/** Which English the person reads. */
export type Vocabulary = 'uk' | 'us'
