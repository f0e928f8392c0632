import { idsOf, type OneOrBoth } from './words'

/** How the seams of a garment are made, as one sees it from inside. */
export const SEAM_MAKE_WORDS = {
  overlocked: { uk: 'overlocked: edges bound by loops of thread', us: 'serged: edges bound by loops of thread' },
  'flat-felled': 'flat-felled: folded in, two rows of stitches outside',
  plain: 'plain: pressed open or to one side, with a seam allowance',
  linked: 'linked: a chain joins knitted edges, nothing was cut',
  coverstitched: 'coverstitched: two rows outside, a chain inside',
  unknown: 'not known',
} as const satisfies Record<string, OneOrBoth>
export type SeamMake = keyof typeof SEAM_MAKE_WORDS
export const SEAM_MAKES = idsOf(SEAM_MAKE_WORDS)

/** Where a garment may be worn through. */
export const WORN_PLACE_WORDS = {
  knees: 'knees',
  underarms: 'underarms',
  collar: 'collar or neck',
  seat: 'seat',
  elbows: 'elbows',
  hem: 'hem',
} as const satisfies Record<string, OneOrBoth>
export type WornPlace = keyof typeof WORN_PLACE_WORDS
export const WORN_PLACES = idsOf(WORN_PLACE_WORDS)

/** How a place on a garment is; what is not said is good. */
export const CONDITION_WORDS = {
  worn: 'worn thin',
  stained: 'stained',
  torn: 'torn or holed',
  faded: { uk: 'faded: good fabric of another colour', us: 'faded: good fabric of another color' },
} as const satisfies Record<string, OneOrBoth>
export type Condition = keyof typeof CONDITION_WORDS
export const CONDITIONS = idsOf(CONDITION_WORDS)

/** How a knitted thing is joined. */
export const KNIT_SEAM_WORDS = {
  linked: 'linked: a chain along whole edges',
  overlocked: { uk: 'overlocked cut edges', us: 'serged cut edges' },
  'cut-and-sewn': 'cut and sewn',
  unknown: 'not known',
} as const satisfies Record<string, OneOrBoth>
export type KnitSeams = keyof typeof KNIT_SEAM_WORDS
export const KNIT_SEAMS = idsOf(KNIT_SEAM_WORDS)

export const YARN_SURFACE_WORDS = {
  plain: 'smooth or a little hairy',
  fuzzy: 'fuzzy',
  felted: 'felted',
  metallic: 'with a metal strand',
  multicolour: { uk: 'of many colours', us: 'of many colors' },
} as const satisfies Record<string, OneOrBoth>
export type YarnSurface = keyof typeof YARN_SURFACE_WORDS
export const YARN_SURFACES = idsOf(YARN_SURFACE_WORDS)

/** What lies in a notions box. */
export const NOTION_WORDS = {
  buttons: 'buttons',
  zip: { uk: 'zip', us: 'zipper' },
  hooks: 'hooks and eyes',
  snaps: { uk: 'press studs', us: 'snaps' },
  elastic: 'elastic',
  drawstring: 'drawstring or cord',
  tape: 'tape or ribbon',
  binding: 'binding',
  lace: 'lace or trimming',
  pads: 'shoulder pads',
  wires: 'underwires or boning',
  buckles: 'buckles, rings and eyelets',
  labels: 'labels',
  interfacing: 'interfacing',
  thread: 'thread',
  needles: 'needles',
  marking: 'chalk and pens',
  other: 'something else',
} as const satisfies Record<string, OneOrBoth>
export type NotionKind = keyof typeof NOTION_WORDS
export const NOTION_KINDS = idsOf(NOTION_WORDS)
