import { absorptionOf } from './kubelkaMunk'
import { type DyeClass } from '../vocabulary/dyes'
import { spectrumReflectance } from './spectrum'

/** How deep a shade is, from pale to black, by its strongest absorption. */
export const DEPTHS = ['pale', 'medium', 'deep', 'black'] as const
export type Depth = (typeof DEPTHS)[number]

/** K/S up to which a shade is of each depth; ours, by the depths of a dyer’s card. */
const DEPTH_UP_TO: readonly (readonly [Depth, number])[] = [
  ['pale', 1.2],
  ['medium', 8],
  ['deep', 45],
]

export function depthOf(hex: string): Depth {
  const strongest = Math.max(...absorptionOf(spectrumReflectance(hex)))
  return DEPTH_UP_TO.find(([, upTo]) => strongest < upTo)?.[0] ?? 'black'
}

/** Dye powder, per cent of the weight of the dry goods. Common practice; the packet’s own figures come first. */
const DYE_PERCENT: Readonly<Record<Depth, readonly [number, number]>> = {
  pale: [0.3, 1],
  medium: [1, 2.5],
  deep: [2.5, 5],
  black: [5, 10],
}
/** Water over goods, litres a kilogram: so much that they move freely. Common practice. */
const LITRES_PER_KG = 20
/** Reactive dye: salt and soda ash (anhydrous sodium carbonate), grams a litre. Common practice. */
const SALT_PER_LITRE: Readonly<Record<Depth, number>> = { pale: 20, medium: 40, deep: 60, black: 80 }
const SODA_PER_LITRE: Readonly<Record<Depth, number>> = { pale: 8, medium: 10, deep: 15, black: 20 }
/** White vinegar (5 %), ml a gram of goods, for acid dyes; less only sets the water right for disperse and basic. */
const VINEGAR_PER_GRAM: Readonly<Partial<Record<DyeClass, number>>> = { acid: 0.5, disperse: 0.1, basic: 0.2 }

/**
 * Soda crystals that hold as much sodium carbonate as soda ash: 286.14 over 105.99 g/mol (Na₂CO₃·10 H₂O, Na₂CO₃; IUPAC
 * standard atomic weights).
 */
const CRYSTALS_PER_ASH = 286.14 / 105.99

/** g of soda crystals for so many g of soda ash. */
export const crystalsFor = (ashGrams: number) => ashGrams * CRYSTALS_PER_ASH

export interface Amounts {
  dyeGrams: [low: number, high: number]
  waterLitres: number
  /** g of common salt; null where the dye wants none. */
  salt: number | null
  /** g of soda ash (anhydrous sodium carbonate). */
  alkali: number | null
  /** g of soda crystals (the decahydrate, sold for laundry) that do the same. */
  alkaliCrystals: number | null
  /** ml of white vinegar of 5 %. */
  acid: number | null
}

const NONE: Amounts = { dyeGrams: [0, 0], waterLitres: 0, salt: null, alkali: null, alkaliCrystals: null, acid: null }

/** What goes into the bath. @param grams of dry goods */
export function amountsFor(grams: number, bath: DyeClass, depth: Depth): Amounts {
  if (bath === 'none') return NONE
  const litres = (grams / 1000) * LITRES_PER_KG
  const isReactive = bath === 'reactive'
  const vinegar = VINEGAR_PER_GRAM[bath]
  return {
    dyeGrams: DYE_PERCENT[depth].map((percent) => round((grams * percent) / 100)) as [number, number],
    waterLitres: round(litres),
    salt: isReactive ? round(litres * SALT_PER_LITRE[depth]) : null,
    alkali: isReactive ? round(litres * SODA_PER_LITRE[depth]) : null,
    alkaliCrystals: isReactive ? round(crystalsFor(litres * SODA_PER_LITRE[depth])) : null,
    acid: vinegar === undefined ? null : round(grams * vinegar),
  }
}

/** To two figures: nobody weighs dye finer than that. */
const round = (value: number) => Number(value.toPrecision(2))
