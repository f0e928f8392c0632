/** Kinds of dye that can be used at home, and none. */
export const DYE_CLASSES = ['reactive', 'acid', 'disperse', 'basic', 'none'] as const
export type DyeClass = (typeof DYE_CLASSES)[number]
export type Bath = Exclude<DyeClass, 'none'>

/** What a kind of dye is called in a shop’s words. Common practice. */
export const DYE_CLASS_WORDS: Readonly<Record<DyeClass, string>> = {
  reactive: 'fibre-reactive dye, with salt and soda ash (a direct dye works too, but washes out sooner)',
  acid: 'acid dye, with vinegar or citric acid, near the boil',
  disperse: 'disperse dye, at the boil',
  basic: 'basic (cationic) dye, near the boil; hardly sold for the home',
  none: 'no home dye',
}

/** What lies on cloth and keeps the dye out. */
export const DYE_FINISHES = ['coated', 'resin', 'waterproof'] as const
export type DyeFinish = (typeof DYE_FINISHES)[number]

/** What the seams are sewn with, which may take the dye otherwise than the cloth. */
export const DYE_THREADS = ['polyester', 'cotton', 'silk'] as const
export type DyeThread = (typeof DYE_THREADS)[number]
