/** How a seam is sewn and its edges kept from fraying. */
export const SEAM_WORDS = {
  french: 'French seam',
  'flat-felled': 'Flat-felled seam',
  overlocked: 'Plain seam, overlocked',
  zigzag: 'Plain seam, zigzagged',
  bound: 'Plain seam, edges bound',
  pinked: 'Plain seam, pinked',
  plain: 'Plain seam, edges left raw',
  lapped: 'Lapped and topstitched',
} as const
export type SeamId = keyof typeof SEAM_WORDS

/** How an edge is hemmed. */
export const HEM_WORDS = {
  rolled: 'Rolled hem',
  'narrow-double': 'Narrow double hem',
  'single-blind': 'Single turn, finished and blind-stitched',
  double: 'Double hem, topstitched',
  'deep-hand': 'Deep hem by hand',
  faced: 'Faced hem',
  'twin-needle': 'Single turn with a twin needle',
  'single-topstitched': 'Single turn, topstitched',
  raw: 'Edge left raw',
  banded: 'A band sewn on',
  elastic: 'Turned over elastic, zigzagged',
} as const
export type HemId = keyof typeof HEM_WORDS
