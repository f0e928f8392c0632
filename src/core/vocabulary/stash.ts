import { idsOf, type OneOrBoth } from './words'

/** What a piece of the stash is: cloth off a bolt, what was left over, or made up already. */
export const THING_WORDS = {
  cloth: 'length of fabric',
  offcut: { uk: 'offcut', us: 'scrap' },
  'sheet-single': { uk: 'single sheet', us: 'twin sheet' },
  'sheet-double': { uk: 'double sheet', us: 'full sheet' },
  'duvet-cover-single': { uk: 'single duvet cover', us: 'twin duvet cover' },
  'duvet-cover-double': { uk: 'double duvet cover', us: 'full duvet cover' },
  pillowcase: 'pillowcase',
  curtain: { uk: 'curtain', us: 'drape panel' },
  tablecloth: 'tablecloth',
  napkin: 'napkin',
  towel: 'bath towel',
  'tea-towel': { uk: 'tea towel', us: 'dish towel' },
  blanket: 'blanket',
  bedspread: 'bedspread',
  shirt: 'shirt',
  't-shirt': 'T-shirt',
  jumper: { uk: 'jumper', us: 'sweater' },
  cardigan: 'cardigan',
  trousers: { uk: 'trousers', us: 'pants' },
  jeans: 'jeans',
  skirt: 'skirt',
  dress: 'dress',
  jacket: 'jacket',
  coat: 'coat',
  'dressing-gown': { uk: 'dressing gown', us: 'robe' },
  scarf: 'scarf',
} as const satisfies Record<string, OneOrBoth>
export type Thing = keyof typeof THING_WORDS
export const THINGS = idsOf(THING_WORDS)

/** What is to become of a piece, where somebody sorted it. */
export const SORTING_WORDS = {
  keep: 'keep',
  'give-away': 'give away',
  test: 'test',
  'cut-up': 'cut up',
} as const
export type Sorting = keyof typeof SORTING_WORDS
export const SORTINGS = idsOf(SORTING_WORDS)

/** How a size came to be known, from the surest. */
export const SIZE_HOW_WORDS = {
  measured: 'with a tape',
  spans: 'in arm spans',
  guessed: 'by eye',
  usual: 'usual size',
} as const
export type SizeHow = keyof typeof SIZE_HOW_WORDS
export const SIZE_HOWS = idsOf(SIZE_HOW_WORDS)

/** How fabric is sold where lengths are metres, and where they are yards. */
export const SOLD_BY = { metric: 'metre', imperial: 'yard' } as const

/** What a price was paid for. */
export const PRICE_PER_WORDS = {
  all: 'all of it',
  metre: 'per metre',
  yard: 'per yard',
  kilogram: 'per kilogram',
} as const
export type PricePer = keyof typeof PRICE_PER_WORDS
export const PRICE_PERS = idsOf(PRICE_PER_WORDS)

/** How a piece is known to be made of what it is said to be, from nothing to a test. */
export const KNOWING_WORDS = {
  untested: 'untested',
  unsettled: 'not known',
  contradicted: 'label is wrong',
  label: 'from the label',
  likely: 'probable, from a test',
  supported: 'from the label, tested',
  tested: 'from a test',
} as const
export type Knowing = keyof typeof KNOWING_WORDS
export const KNOWINGS = idsOf(KNOWING_WORDS)

/** What is still to be done to a piece before it can be chosen by. */
export const TODO_WORDS = {
  identify: 'not identified',
  weigh: 'weight not known',
  measure: 'size not known',
  wash: 'not washed',
  name: 'name not recognised',
} as const
export type Todo = keyof typeof TODO_WORDS
export const TODOS = idsOf(TODO_WORDS)

/** Ways of sorting a stash into heaps that may be chosen, in the order in which they stand; as in its address. */
export const FACET_IDS = [
  'todo',
  'knowing',
  'family',
  'fibre',
  'weight',
  'made',
  'thing',
  'washed',
  'sorting',
  'age',
  'place',
  'tag',
] as const
export type FacetId = (typeof FACET_IDS)[number]
