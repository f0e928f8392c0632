/** Where the figures of the fibres come from. */
export const MORTON_HEARLE = 'Morton & Hearle, Physical Properties of Textile Fibres'
export const ASTM_D1909 = 'ASTM D1909'
export const EU_1007_ANNEX_IX = 'Regulation (EU) 1007/2011, Annex IX'
export const FROM_MEMORY = 'from memory of handbooks'
