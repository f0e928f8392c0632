import { type FibreId } from '../fibres/types'

/** Sole plate at the most, °C, by dots (ISO 3758, from memory); no dot: not to be ironed. */
export const IRON_DOTS = { 0: null, 1: 110, 2: 150, 3: 200 } as const
export type Dots = keyof typeof IRON_DOTS

/** How hot a fibre may be ironed, dots. Common practice; where practice differs, the cooler one. */
export const ironDots: Readonly<Record<FibreId, Dots>> = {
  cotton: 3,
  linen: 3,
  hemp: 3,
  ramie: 3,
  jute: 3,
  viscose: 2,
  modal: 2,
  lyocell: 2,
  cupro: 2,
  acetate: 1,
  triacetate: 2,
  wool: 2,
  hair: 1,
  silk: 2,
  polyester: 2,
  nylon: 1,
  acrylic: 1,
  modacrylic: 1,
  polypropylene: 0,
  elastane: 1,
  glass: 0,
  metallic: 1,
}

/** Of several fibres the tenderest decides; null where none is known. */
export function ironFor(
  fibres: readonly FibreId[],
): { dots: Dots; celsius: number | null; tenderest: FibreId } | null {
  const tenderest = fibres.toSorted((a, b) => ironDots[a] - ironDots[b])[0]
  return tenderest === undefined
    ? null
    : { dots: ironDots[tenderest], celsius: IRON_DOTS[ironDots[tenderest]], tenderest }
}
