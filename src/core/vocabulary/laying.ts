/** How cloth can lie to be cut. */
export const LAYERS = ['single', 'folded-lengthwise', 'folded-crosswise'] as const
export type Layers = (typeof LAYERS)[number]

export const LAYERS_WORDS: Readonly<Record<Layers | 'best', string>> = {
  best: 'Whichever takes least',
  single: 'Open, a single layer',
  'folded-lengthwise': 'Folded lengthwise',
  'folded-crosswise': 'Folded crosswise',
}

/** Which way a piece may be turned from its grain: not at all, head for foot, or anyhow. */
export const TURNS = ['none', 'half', 'any'] as const
export type Turn = (typeof TURNS)[number]

export const TURN_WORDS: Readonly<Record<Turn, string>> = {
  none: 'One way only',
  half: 'Head or foot up',
  any: 'Any way round (no grain)',
}

/** Where an outline came from. */
export const OUTLINE_FROM = ['file', 'measures', 'points', 'photograph'] as const
