export const ROLES = [
  'main',
  'contrast',
  'lining',
  'interfacing',
  'underlining',
  'wadding',
  'pocket',
  'binding',
] as const
export type Role = (typeof ROLES)[number]

export const GARMENTS = [
  'shirt',
  'blouse',
  'tunic',
  'woven-tee',
  'camisole',
  'shirt-dress',
  'dress-fitted',
  'dress-fluid',
  'dress-fit-and-flare',
  'wrap-dress',
  'dress-bodycon',
  'gown',
  'skirt-pencil',
  'skirt-a-line',
  'skirt-full',
  'skirt-tiered',
  'trousers',
  'jeans',
  'shorts',
  'joggers',
  'leggings',
  'jumpsuit',
  'dungarees',
  'blazer',
  'waistcoat',
  'jacket-casual',
  'jacket-quilted',
  'coat',
  'pyjamas',
  'dressing-gown',
  'apron',
  'tee-knit',
  'sweatshirt',
  'swimwear',
  'scarf',
  'bag',
  'cushion',
  'curtain',
  'tablecloth',
  'quilt',
  'toile',
] as const
export type Garment = (typeof GARMENTS)[number]

export const DETAILS = [
  'belt',
  'gathers',
  'tiers',
  'pleats',
  'ruffles',
  'draped',
  'bias-cut',
  'close-fit',
  'collar',
  'lapel',
  'cuffs',
  'patch-pockets',
  'buttonholes',
  'zip',
  'pull-on',
  'elastic-waist',
  'topstitching',
  'quilted-layers',
  'lined',
  'unlined',
] as const
export type Detail = (typeof DETAILS)[number]

export const SEASONS = ['hot', 'mild', 'cold'] as const
export type Season = (typeof SEASONS)[number]

/** UK and US words where they differ; elsewhere the id with spaces. */
const words: Partial<Record<Garment | Detail, { uk: string; us: string }>> = {
  trousers: { uk: 'trousers', us: 'pants' },
  dungarees: { uk: 'dungarees', us: 'overalls' },
  waistcoat: { uk: 'waistcoat', us: 'vest' },
  pyjamas: { uk: 'pyjamas', us: 'pajamas' },
  'dressing-gown': { uk: 'dressing gown', us: 'robe' },
  toile: { uk: 'toile', us: 'muslin (test garment)' },
  'tee-knit': { uk: 'knit T-shirt', us: 'knit T-shirt' },
  'woven-tee': { uk: 'woven T-shirt', us: 'woven T-shirt' },
  'dress-fitted': { uk: 'fitted dress', us: 'fitted dress' },
  'dress-fluid': { uk: 'fluid dress', us: 'fluid dress' },
  'dress-fit-and-flare': { uk: 'fit-and-flare dress', us: 'fit-and-flare dress' },
  'dress-bodycon': { uk: 'close knit dress', us: 'close knit dress' },
  'shirt-dress': { uk: 'shirt dress', us: 'shirt dress' },
  'skirt-pencil': { uk: 'pencil skirt', us: 'pencil skirt' },
  'skirt-a-line': { uk: 'A-line skirt', us: 'A-line skirt' },
  'skirt-full': { uk: 'full skirt', us: 'full skirt' },
  'skirt-tiered': { uk: 'tiered skirt', us: 'tiered skirt' },
  'jacket-casual': { uk: 'casual jacket', us: 'casual jacket' },
  'jacket-quilted': { uk: 'quilted jacket', us: 'quilted jacket' },
  zip: { uk: 'zip', us: 'zipper' },
  draped: { uk: 'draping', us: 'draping' },
  'pull-on': { uk: 'pull-on shape', us: 'pull-on shape' },
}

/** A garment's or detail's name as it stands in a sentence. */
export function chosenWord(id: Garment | Detail, vocabulary: 'uk' | 'us' = 'uk'): string {
  return words[id]?.[vocabulary] ?? id.replaceAll('-', ' ')
}
