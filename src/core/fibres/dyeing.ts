import { type Dyeing } from './types'

/** What cellulose fibres have in common in the dye bath. From memory. */
export const CELLULOSE_DYEING: Pick<Dyeing, 'dyeClass' | 'other'> = {
  dyeClass: 'reactive',
  other: { acid: 0.05, disperse: 0.03 },
}

/** The same of wool, hair and silk. */
export const PROTEIN_DYEING: Pick<Dyeing, 'dyeClass' | 'other'> = {
  dyeClass: 'acid',
  other: { reactive: 0.3, disperse: 0.15, basic: 0.4 },
}
