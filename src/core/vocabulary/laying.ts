/**
 * Width of the woven edge that is not used, mm, where nobody measured it: about ½ in each side, which envelopes reckon
 * off already. Common practice.
 */
export const USUAL_SELVEDGE_MM = 13

/** How cloth can lie to be cut. */
export const LAYERS = ['single', 'folded-lengthwise', 'folded-crosswise'] as const
export type Layers = (typeof LAYERS)[number]

/** How many lengths of cloth lie over one another along it: what is used is so much longer than it looks. */
export function lengthsTaken(layers: Layers): 1 | 2 {
  return layers === 'folded-crosswise' ? 2 : 1
}

export const LAYERS_WORDS: Readonly<Record<Layers | 'best', string>> = {
  best: 'Whichever needs least',
  single: 'Single layer',
  'folded-lengthwise': 'Folded lengthwise',
  'folded-crosswise': 'Folded crosswise',
}

/** Along which edge of the cloth a border print runs, the length of the cloth going up. */
export const BORDER_SIDES = ['left', 'right', 'both'] as const
export type BorderSide = (typeof BORDER_SIDES)[number]

export const BORDER_WORDS: Readonly<Record<BorderSide, string>> = {
  left: 'Along the left selvedge',
  right: 'Along the right selvedge',
  both: 'Along both selvedges',
}

/** Which way a piece may be turned from its grain: not at all, head for foot, or anyhow. */
export const TURNS = ['none', 'half', 'any'] as const
export type Turn = (typeof TURNS)[number]

export const TURN_WORDS: Readonly<Record<Turn, string>> = {
  none: 'One way only',
  half: 'Either way up',
  any: 'Any way round (no grain)',
}

/** Where an outline came from. */
export const OUTLINE_FROM = ['file', 'measures', 'points', 'photograph'] as const

/** Marks of a piece beside its notches: a hole to be marked through, a dart by its feet and point, any other line. */
export const MARK_KINDS = ['drill', 'dart', 'line'] as const
export type MarkKind = (typeof MARK_KINDS)[number]
