import { idsOf, wordFor, type OneOrBoth, type Vocabulary } from './words'

/** What may be made, as it stands in a sentence. */
export const GARMENT_WORDS = {
  shirt: 'shirt',
  blouse: 'blouse',
  tunic: 'tunic',
  'woven-tee': 'woven T-shirt',
  camisole: 'camisole',
  'shirt-dress': 'shirt dress',
  'dress-fitted': 'fitted dress',
  'dress-fluid': 'fluid dress',
  'dress-fit-and-flare': 'fit-and-flare dress',
  'wrap-dress': 'wrap dress',
  'dress-bodycon': 'close knit dress',
  gown: 'gown',
  'skirt-pencil': 'pencil skirt',
  'skirt-a-line': 'A-line skirt',
  'skirt-full': 'full skirt',
  'skirt-tiered': 'tiered skirt',
  trousers: { uk: 'trousers', us: 'pants' },
  jeans: 'jeans',
  shorts: 'shorts',
  joggers: 'joggers',
  leggings: 'leggings',
  jumpsuit: 'jumpsuit',
  dungarees: { uk: 'dungarees', us: 'overalls' },
  blazer: 'blazer',
  waistcoat: { uk: 'waistcoat', us: 'vest' },
  'jacket-casual': 'casual jacket',
  'jacket-quilted': 'quilted jacket',
  coat: 'coat',
  pyjamas: { uk: 'pyjamas', us: 'pajamas' },
  'dressing-gown': { uk: 'dressing gown', us: 'robe' },
  apron: 'apron',
  'tee-knit': 'knit T-shirt',
  sweatshirt: 'sweatshirt',
  swimwear: 'swimwear',
  scarf: 'scarf',
  bag: 'bag',
  cushion: 'cushion',
  curtain: 'curtain',
  tablecloth: 'tablecloth',
  quilt: 'quilt',
  toile: { uk: 'toile', us: 'muslin (test garment)' },
  'skirt-wrap': 'wrap skirt',
  culottes: 'culottes',
  kaftan: 'kaftan',
  'kimono-jacket': 'loose jacket',
  cardigan: 'cardigan',
  hoodie: 'hooded sweatshirt',
  'vest-top': { uk: 'vest top', us: 'tank top' },
  nightdress: { uk: 'nightdress', us: 'nightgown' },
  underwear: 'underwear',
  raincoat: 'raincoat',
  cape: 'cape',
  hat: 'hat',
  pouch: 'pouch',
  rucksack: { uk: 'rucksack', us: 'backpack' },
  pillowcase: 'pillowcase',
  'duvet-cover': 'duvet cover',
  napkin: 'napkin',
  towel: 'towel',
  'roman-blind': { uk: 'Roman blind', us: 'Roman shade' },
  cloak: 'cloak',
  corset: 'corset',
  doublet: 'doublet',
  tabard: 'tabard',
  tutu: 'tutu',
  'puppet-clothes': 'puppet’s clothes',
  'stage-drape': 'stage drape',
} as const satisfies Record<string, OneOrBoth>
export type Garment = keyof typeof GARMENT_WORDS
export const GARMENTS = idsOf(GARMENT_WORDS)

/** What a pattern may have, as it stands in a sentence. */
export const DETAIL_WORDS = {
  belt: 'belt',
  gathers: 'gathers',
  tiers: 'tiers',
  pleats: 'pleats',
  ruffles: 'ruffles',
  draped: 'draping',
  'bias-cut': 'bias cut',
  'close-fit': 'close fit',
  collar: 'collar',
  lapel: 'lapel',
  cuffs: 'cuffs',
  'patch-pockets': 'patch pockets',
  buttonholes: 'buttonholes',
  zip: { uk: 'zip', us: 'zipper' },
  'pull-on': 'pull-on shape',
  'elastic-waist': 'elastic waist',
  topstitching: 'topstitching',
  'quilted-layers': 'quilted layers',
  lined: 'lined',
  unlined: 'unlined',
  yoke: 'yoke',
  darts: 'darts',
  'princess-seams': 'princess seams',
  godets: 'godets',
  peplum: 'peplum',
  'puff-sleeves': 'puff sleeves',
  'bell-sleeves': 'bell sleeves',
  'set-in-sleeves': 'set-in sleeves',
  'raglan-sleeves': 'raglan sleeves',
  waistband: 'waistband',
  drawstring: 'drawstring',
  'welt-pockets': 'welt pockets',
  'inseam-pockets': 'in-seam pockets',
  'button-loops': 'button loops',
  placket: 'placket',
  hood: 'hood',
  shirring: 'shirring',
  smocking: 'smocking',
  facings: 'facings',
  'bound-edges': 'bound edges',
  vent: 'vent',
  boning: 'boning',
  'turn-ups': { uk: 'turn-ups', us: 'cuffed hems' },
  cowl: 'cowl',
  flounces: 'flounces',
  circle: 'circle cut',
  handles: 'handles',
  eyelets: 'eyelets',
  'curtain-heading': 'curtain heading',
} as const satisfies Record<string, OneOrBoth>
export type Detail = keyof typeof DETAIL_WORDS
export const DETAILS = idsOf(DETAIL_WORDS)

/** What a cloth may be in a garment. */
export const ROLE_WORDS = {
  main: 'main',
  contrast: 'contrast',
  lining: 'lining',
  interfacing: 'interfacing',
  underlining: 'underlining',
  wadding: 'wadding',
  pocket: 'pocket',
  binding: 'binding',
} as const satisfies Record<string, OneOrBoth>
export type Role = keyof typeof ROLE_WORDS
export const ROLES = idsOf(ROLE_WORDS)

/** What the looks of a cloth may not be, as envelopes put it. */
export const AVOID_WORDS = {
  diagonals: 'obvious diagonals',
  stripes: 'stripes',
  plaids: { uk: 'checks and tartans', us: 'plaids' },
  'one-way': 'one-way designs',
  'large-print': 'large prints',
  'border-print': 'border prints',
  pile: 'pile and nap',
  stretch: 'stretch fabric',
  knits: 'knits',
  wovens: 'wovens',
  sheers: 'see-through fabric',
  heavy: 'heavy fabric',
  light: 'flimsy fabric',
  slippery: 'slippery fabric',
  stiff: 'stiff fabric',
} as const satisfies Record<string, OneOrBoth>
export type Avoid = keyof typeof AVOID_WORDS
export const AVOIDS = idsOf(AVOID_WORDS)

/** What the colour of a thing has to outlast. */
export const FASTNESS_WORDS = { light: 'the sun', washing: 'many washes' } as const
export type Fastness = keyof typeof FASTNESS_WORDS
export const FASTNESSES = idsOf(FASTNESS_WORDS)

/** How large a print may be on it. */
export const PRINT_WISH_WORDS = { none: 'no print', small: 'small prints only', any: 'any print' } as const
export type PrintWish = keyof typeof PRINT_WISH_WORDS
export const PRINT_WISHES = idsOf(PRINT_WISH_WORDS)

/** How a thing has to be looked after. */
export const CARE_WISH_WORDS = { machine: 'in the washing machine', wash: 'in water', any: 'as it comes' } as const
export type CareWish = keyof typeof CARE_WISH_WORDS
export const CARES = idsOf(CARE_WISH_WORDS)

export const SEASONS = ['hot', 'mild', 'cold'] as const
export type Season = (typeof SEASONS)[number]

const CHOSEN_WORDS = { ...GARMENT_WORDS, ...DETAIL_WORDS }

/** A garment's or detail's name as it stands in a sentence. */
export function chosenWord(id: Garment | Detail, vocabulary: Vocabulary = 'uk'): string {
  return wordFor(CHOSEN_WORDS[id], vocabulary)
}
