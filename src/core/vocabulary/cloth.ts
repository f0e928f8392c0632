/** How a cloth falls, from the most fluid to the stiffest. */
export const BODIES = ['fluid', 'soft', 'moderate', 'crisp', 'stiff'] as const
export type Body = (typeof BODIES)[number]

/** What shows through one layer, from the most to the least. */
export const OPACITIES = ['sheer', 'semi-sheer', 'opaque'] as const
export type Opacity = (typeof OPACITIES)[number]

export const CONSTRUCTIONS = ['woven', 'knit', 'felted', 'net', 'hide', 'sheet'] as const
export type Construction = (typeof CONSTRUCTIONS)[number]

/** Each construction as a person would say it. */
export const CONSTRUCTION_WORDS: Readonly<Record<Construction, string>> = {
  woven: 'woven',
  knit: 'knitted',
  felted: 'felted',
  net: 'net or lace',
  hide: 'leather or fur',
  sheet: 'a sheet without threads (cork, foam, film, paper)',
}

/** How threads are put together, for drawing: each has a draft or a drawing of its own. */
export const INTERLACINGS = [
  'plain',
  'basket',
  'rib',
  'twill',
  'broken-twill',
  'herringbone',
  'satin',
  'sateen',
  'crepe-weave',
  'dobby',
  'jacquard',
  'leno',
  'double-cloth',
  'waffle',
  'pile',
  'pile-ribs',
  'jersey',
  'rib-knit',
  'felt',
  'mesh',
  'skin',
  'sheet',
] as const
export type Interlacing = (typeof INTERLACINGS)[number]

/** What the yarns' colours make. */
export const COLOURINGS = ['plain', 'stripe', 'check', 'print'] as const
export type Colouring = (typeof COLOURINGS)[number]

/** The two ways of a cloth: along the selvedge, and across from edge to edge. */
export const DIRECTIONS = ['length', 'width'] as const
export type Direction = (typeof DIRECTIONS)[number]
export const DIRECTION_WORDS: Readonly<Record<Direction, string>> = { length: 'lengthwise', width: 'across' }

/** How often a piece has been washed since it came: measurements of different states are never mixed. */
export const WASH_STATES = ['unwashed', 'washed', 'washed-twice', 'unknown'] as const
export type WashState = (typeof WASH_STATES)[number]
export const WASH_STATE_WORDS: Readonly<Record<WashState, string>> = {
  unwashed: 'not washed',
  washed: 'washed once',
  'washed-twice': 'washed twice or more',
  unknown: 'not known',
}

/** How sure a weight can be spoken of, from the lightest. */
export const WEIGHT_CLASSES = ['very-light', 'light', 'medium', 'heavy', 'very-heavy'] as const
export type WeightClass = (typeof WEIGHT_CLASSES)[number]

/** How a cloth behaves on the table. */
export const HANDLINGS = ['slippery', 'frays', 'curls', 'delicate', 'pile', 'sheer', 'bulky', 'coated'] as const
export type Handling = (typeof HANDLINGS)[number]

/** How a cloth came by its colour. */
export const COLOURED_HOWS = ['printed', 'yarn-dyed', 'piece-dyed', 'undyed'] as const
export type ColouredHow = (typeof COLOURED_HOWS)[number]

/** Drapes that are wanted, in words: “soft or moderate drape”, “any drape but stiff”. @param wanted at least one */
export function drapeWords(wanted: readonly Body[]): string {
  const others = BODIES.filter((body) => !wanted.includes(body))
  if (others.length === 0) return 'any drape'
  return others.length < wanted.length ? `any drape but ${others.join(' and ')}` : `${wanted.join(' or ')} drape`
}
