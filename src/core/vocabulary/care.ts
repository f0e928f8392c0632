import { idsOf } from './words'

/** The five treatments of a care label, in their order there (ISO 3758). */
export const CARE_GROUP_WORDS = {
  wash: 'washing',
  bleach: 'bleaching',
  dry: 'drying',
  iron: 'ironing',
  professional: 'dry-cleaner’s',
} as const
export type CareGroup = keyof typeof CARE_GROUP_WORDS
export const CARE_GROUPS = idsOf(CARE_GROUP_WORDS)

interface CareSymbol {
  group: CareGroup
  words: string
  /** Highest temperature that the symbol allows, °C: of the bath, or of the iron's sole. */
  celsius?: number
  /** It forbids. */
  never?: true
}

/**
 * The symbols of a care label, as words: ISO 3758:2012, Textiles – Care labelling code using symbols, tables 1 to 5.
 * Temperatures of the iron are those of that edition.
 */
export const CARE_SYMBOLS = {
  'wash-95': { group: 'wash', words: 'machine wash, up to 95 °C', celsius: 95 },
  'wash-70': { group: 'wash', words: 'machine wash, up to 70 °C', celsius: 70 },
  'wash-60': { group: 'wash', words: 'machine wash, up to 60 °C', celsius: 60 },
  'wash-60-mild': { group: 'wash', words: 'machine wash, up to 60 °C, gentle', celsius: 60 },
  'wash-50': { group: 'wash', words: 'machine wash, up to 50 °C', celsius: 50 },
  'wash-50-mild': { group: 'wash', words: 'machine wash, up to 50 °C, gentle', celsius: 50 },
  'wash-40': { group: 'wash', words: 'machine wash, up to 40 °C', celsius: 40 },
  'wash-40-mild': { group: 'wash', words: 'machine wash, up to 40 °C, gentle', celsius: 40 },
  'wash-40-very-mild': { group: 'wash', words: 'machine wash, up to 40 °C, very gentle', celsius: 40 },
  'wash-30': { group: 'wash', words: 'machine wash, up to 30 °C', celsius: 30 },
  'wash-30-mild': { group: 'wash', words: 'machine wash, up to 30 °C, gentle', celsius: 30 },
  'wash-30-very-mild': { group: 'wash', words: 'machine wash, up to 30 °C, very gentle', celsius: 30 },
  'wash-hand': { group: 'wash', words: 'hand wash, up to 40 °C', celsius: 40 },
  'wash-never': { group: 'wash', words: 'do not wash', never: true },
  'bleach-any': { group: 'bleach', words: 'any bleach' },
  'bleach-oxygen': { group: 'bleach', words: 'oxygen bleach only, no chlorine' },
  'bleach-never': { group: 'bleach', words: 'do not bleach', never: true },
  'tumble-normal': { group: 'dry', words: 'tumble dry, normal (up to 80 °C)', celsius: 80 },
  'tumble-low': { group: 'dry', words: 'tumble dry, low (up to 60 °C)', celsius: 60 },
  'tumble-never': { group: 'dry', words: 'do not tumble dry', never: true },
  'dry-line': { group: 'dry', words: 'line dry' },
  'dry-line-drip': { group: 'dry', words: 'drip dry on a line' },
  'dry-flat': { group: 'dry', words: 'dry flat' },
  'dry-flat-drip': { group: 'dry', words: 'drip dry flat' },
  'dry-shade': { group: 'dry', words: 'dry in the shade' },
  'iron-200': { group: 'iron', words: 'iron at up to 200 °C (three dots)', celsius: 200 },
  'iron-150': { group: 'iron', words: 'iron at up to 150 °C (two dots)', celsius: 150 },
  'iron-110': { group: 'iron', words: 'iron at up to 110 °C, no steam (one dot)', celsius: 110 },
  'iron-never': { group: 'iron', words: 'do not iron', never: true },
  'clean-p': { group: 'professional', words: 'dry clean, P' },
  'clean-p-mild': { group: 'professional', words: 'dry clean, P, gentle' },
  'clean-f': { group: 'professional', words: 'dry clean, F' },
  'clean-f-mild': { group: 'professional', words: 'dry clean, F, gentle' },
  'clean-w': { group: 'professional', words: 'wet clean, W' },
  'clean-w-mild': { group: 'professional', words: 'wet clean, W, gentle' },
  'clean-w-very-mild': { group: 'professional', words: 'wet clean, W, very gentle' },
  'clean-never': { group: 'professional', words: 'do not dry clean', never: true },
} as const satisfies Record<string, CareSymbol>
export type CareId = keyof typeof CARE_SYMBOLS
export const CARE_IDS = idsOf(CARE_SYMBOLS)

/** What the care symbols say, as any of them: `never` and `celsius` may be missing. */
export const careSymbol = (id: CareId): CareSymbol => CARE_SYMBOLS[id]
