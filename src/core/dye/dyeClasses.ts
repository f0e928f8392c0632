import { type FibreId } from '../vocabulary/fibres'

/** Kinds of dye that can be used at home, and none. */
export const DYE_CLASSES = ['reactive', 'acid', 'disperse', 'basic', 'none'] as const
export type DyeClass = (typeof DYE_CLASSES)[number]
export type Bath = Exclude<DyeClass, 'none'>

/** What a kind of dye is called in a shop’s words. Common practice. */
export const DYE_CLASS_WORDS: Readonly<Record<DyeClass, string>> = {
  reactive: 'fibre-reactive dye, with salt and soda ash (a direct dye does too, less fast)',
  acid: 'acid dye, with vinegar or citric acid, near the boil',
  disperse: 'disperse dye, at the boil',
  basic: 'basic (cationic) dye, near the boil; hardly sold for the home',
  none: 'no dye that is used at home',
}

interface Dyeing {
  dyeClass: DyeClass
  /** Share of a full shade that it takes of its own kind of dye, at home, 0 … 1. */
  own: number
  /** The same of other kinds of dye, where it takes any worth speaking of. */
  other?: Partial<Record<Bath, number>>
  text: string
}

const CELLULOSE: Pick<Dyeing, 'dyeClass' | 'other'> = { dyeClass: 'reactive', other: { acid: 0.05, disperse: 0.03 } }
const PROTEIN: Pick<Dyeing, 'dyeClass' | 'other'> = {
  dyeClass: 'acid',
  other: { reactive: 0.3, disperse: 0.15, basic: 0.4 },
}

/**
 * How each fibre takes dye. The classes: every handbook of dyeing, from memory (cellulose reactive or direct; wool,
 * silk and nylon acid; polyester and acetate disperse; acrylic basic). The shares, at home and not in a dyehouse under
 * pressure: common practice, from memory.
 */
export const DYEING: Readonly<Record<FibreId, Dyeing>> = {
  cotton: { ...CELLULOSE, own: 0.95, text: 'takes it fully; mercerised cotton deeper still' },
  linen: { ...CELLULOSE, own: 0.9, text: 'takes it well; a little uneven where its yarns are' },
  hemp: { ...CELLULOSE, own: 0.85, text: 'takes it well' },
  ramie: { ...CELLULOSE, own: 0.9, text: 'takes it well' },
  jute: { ...CELLULOSE, own: 0.75, other: { acid: 0.3, basic: 0.5 }, text: 'takes it, and fades in the light' },
  viscose: { ...CELLULOSE, own: 0.95, text: 'takes it deeper than cotton; weak while it is wet' },
  modal: { ...CELLULOSE, own: 0.95, text: 'takes it fully' },
  lyocell: { ...CELLULOSE, own: 0.95, text: 'takes it fully; rubbed when wet it gets hairy' },
  cupro: { ...CELLULOSE, own: 0.95, text: 'takes it fully; delicate while it is wet' },
  acetate: {
    dyeClass: 'disperse',
    own: 0.6,
    text: 'takes it half-way; above 80 °C it goes dull and creases for good',
  },
  triacetate: { dyeClass: 'disperse', own: 0.22, text: 'takes little without a dyehouse’s heat' },
  wool: { ...PROTEIN, own: 0.95, text: 'takes it fully; sudden heat and stirring felt it' },
  hair: { ...PROTEIN, own: 0.9, text: 'takes it well; felts as wool does' },
  silk: {
    ...PROTEIN,
    own: 0.95,
    other: { ...PROTEIN.other, reactive: 0.6 },
    text: 'takes it fully; not above 85 °C',
  },
  polyester: {
    dyeClass: 'disperse',
    own: 0.2,
    text: 'takes little: pale to middling at a rolling boil, deep only under pressure in a dyehouse',
  },
  nylon: { dyeClass: 'acid', own: 0.9, other: { disperse: 0.6, reactive: 0.25 }, text: 'takes it well' },
  acrylic: {
    dyeClass: 'basic',
    own: 0.2,
    other: { disperse: 0.12 },
    text: 'takes little of what is sold for the home',
  },
  modacrylic: {
    dyeClass: 'basic',
    own: 0.12,
    other: { disperse: 0.08 },
    text: 'takes little, and shrinks in the heat',
  },
  polypropylene: { dyeClass: 'none', own: 0, text: 'takes none: its colour was put in before it was spun' },
  elastane: {
    dyeClass: 'none',
    own: 0.1,
    other: { acid: 0.3, disperse: 0.3 },
    text: 'is stained at most, and heat and bleach spoil its stretch',
  },
  glass: { dyeClass: 'none', own: 0, text: 'takes none' },
  metallic: { dyeClass: 'none', own: 0, text: 'takes none, and hot water may dull it' },
}

/** Share of a full shade that a fibre takes in a bath of a kind of dye, 0 … 1. */
export function uptakeIn(fibre: FibreId, bath: DyeClass): number {
  const { dyeClass, own, other = {} } = DYEING[fibre]
  if (bath === 'none') return 0
  return dyeClass === bath ? own : (other[bath] ?? 0.02 * own)
}
