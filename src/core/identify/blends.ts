import { type FibreId } from '../vocabulary/fibres'

/** Two fibres that are sold together; either may be the main one, or only the first. */
export interface BlendPair {
  fibres: readonly [FibreId, FibreId]
  main: 'either' | 'first'
  /** Parts in a hundred, on the scale of a fibre's own `common`. */
  common: number
}

/** Blends of two. From memory of labels; common practice. */
export const pairs: readonly BlendPair[] = [
  { fibres: ['cotton', 'polyester'], main: 'either', common: 9 },
  { fibres: ['viscose', 'polyester'], main: 'either', common: 3 },
  { fibres: ['linen', 'polyester'], main: 'either', common: 0.5 },
  { fibres: ['lyocell', 'polyester'], main: 'either', common: 0.2 },
  { fibres: ['modal', 'polyester'], main: 'either', common: 0.2 },
  { fibres: ['cotton', 'nylon'], main: 'either', common: 0.7 },
  { fibres: ['viscose', 'nylon'], main: 'either', common: 0.5 },
  { fibres: ['linen', 'nylon'], main: 'first', common: 0.1 },
  { fibres: ['cotton', 'acrylic'], main: 'either', common: 0.6 },
  { fibres: ['viscose', 'acrylic'], main: 'either', common: 0.2 },
  { fibres: ['cotton', 'modacrylic'], main: 'either', common: 0.2 },
  { fibres: ['cotton', 'polypropylene'], main: 'either', common: 0.2 },
  { fibres: ['cotton', 'elastane'], main: 'first', common: 4 },
  { fibres: ['viscose', 'elastane'], main: 'first', common: 1 },
  { fibres: ['modal', 'elastane'], main: 'first', common: 0.4 },
  { fibres: ['lyocell', 'elastane'], main: 'first', common: 0.15 },
  { fibres: ['linen', 'elastane'], main: 'first', common: 0.1 },
  { fibres: ['polyester', 'elastane'], main: 'first', common: 2 },
  { fibres: ['nylon', 'elastane'], main: 'first', common: 1.5 },
  { fibres: ['acrylic', 'elastane'], main: 'first', common: 0.2 },
  { fibres: ['wool', 'elastane'], main: 'first', common: 0.4 },
  { fibres: ['silk', 'elastane'], main: 'first', common: 0.2 },
  { fibres: ['acetate', 'elastane'], main: 'first', common: 0.1 },
  { fibres: ['hair', 'elastane'], main: 'first', common: 0.05 },
  { fibres: ['hemp', 'elastane'], main: 'first', common: 0.05 },
  { fibres: ['cupro', 'elastane'], main: 'first', common: 0.05 },
  { fibres: ['polypropylene', 'elastane'], main: 'first', common: 0.05 },
  { fibres: ['linen', 'cotton'], main: 'either', common: 1.5 },
  { fibres: ['hemp', 'cotton'], main: 'either', common: 0.5 },
  { fibres: ['ramie', 'cotton'], main: 'either', common: 0.4 },
  { fibres: ['jute', 'cotton'], main: 'either', common: 0.2 },
  { fibres: ['linen', 'viscose'], main: 'either', common: 1.5 },
  { fibres: ['linen', 'lyocell'], main: 'either', common: 0.3 },
  { fibres: ['cotton', 'viscose'], main: 'either', common: 1 },
  { fibres: ['cotton', 'modal'], main: 'either', common: 0.6 },
  { fibres: ['cotton', 'lyocell'], main: 'either', common: 0.5 },
  { fibres: ['viscose', 'acetate'], main: 'either', common: 0.4 },
  { fibres: ['cotton', 'acetate'], main: 'either', common: 0.1 },
  { fibres: ['nylon', 'acetate'], main: 'either', common: 0.2 },
  { fibres: ['polyester', 'acetate'], main: 'either', common: 0.2 },
  { fibres: ['polyester', 'triacetate'], main: 'either', common: 0.2 },
  { fibres: ['wool', 'polyester'], main: 'either', common: 2.5 },
  { fibres: ['wool', 'nylon'], main: 'either', common: 1.5 },
  { fibres: ['wool', 'acrylic'], main: 'either', common: 1.3 },
  { fibres: ['wool', 'viscose'], main: 'either', common: 0.8 },
  { fibres: ['wool', 'cotton'], main: 'either', common: 1.2 },
  { fibres: ['wool', 'linen'], main: 'either', common: 0.1 },
  { fibres: ['wool', 'silk'], main: 'either', common: 0.4 },
  { fibres: ['wool', 'hair'], main: 'either', common: 0.7 },
  { fibres: ['hair', 'nylon'], main: 'either', common: 0.3 },
  { fibres: ['hair', 'acrylic'], main: 'either', common: 0.3 },
  { fibres: ['hair', 'polyester'], main: 'either', common: 0.15 },
  { fibres: ['hair', 'silk'], main: 'either', common: 0.2 },
  { fibres: ['silk', 'cotton'], main: 'either', common: 1 },
  { fibres: ['silk', 'viscose'], main: 'either', common: 0.5 },
  { fibres: ['silk', 'linen'], main: 'either', common: 0.2 },
  { fibres: ['silk', 'polyester'], main: 'either', common: 0.3 },
  { fibres: ['silk', 'nylon'], main: 'either', common: 0.15 },
  { fibres: ['acrylic', 'polyester'], main: 'either', common: 0.5 },
  { fibres: ['acrylic', 'nylon'], main: 'either', common: 0.4 },
  { fibres: ['polyester', 'nylon'], main: 'either', common: 0.6 },
  { fibres: ['polyester', 'modacrylic'], main: 'either', common: 0.1 },
  // Fake fur; jumpers; linings and dresses.
  { fibres: ['acrylic', 'modacrylic'], main: 'either', common: 0.5 },
  { fibres: ['cotton', 'hair'], main: 'either', common: 0.2 },
  { fibres: ['cupro', 'polyester'], main: 'either', common: 0.2 },
  { fibres: ['ramie', 'acrylic'], main: 'either', common: 0.2 },
  { fibres: ['polyester', 'metallic'], main: 'first', common: 0.3 },
  { fibres: ['nylon', 'metallic'], main: 'first', common: 0.3 },
  { fibres: ['silk', 'metallic'], main: 'first', common: 0.1 },
  { fibres: ['cotton', 'metallic'], main: 'first', common: 0.1 },
]

/** Three fibres that are sold together, with the weight at which each shows (they sum to 1), the largest first. */
export interface Triple {
  shows: Readonly<Partial<Record<FibreId, number>>>
  /** Parts in a hundred, on the scale of a fibre's own `common`. */
  common: number
}

/** Blends of three. From memory of labels; common practice. */
export const triples: readonly Triple[] = [
  { shows: { cotton: 0.6, polyester: 0.3, elastane: 0.1 }, common: 1.6 },
  { shows: { polyester: 0.5, viscose: 0.4, elastane: 0.1 }, common: 1.4 },
  { shows: { viscose: 0.6, polyester: 0.3, elastane: 0.1 }, common: 0.5 },
  { shows: { viscose: 0.6, nylon: 0.3, elastane: 0.1 }, common: 0.7 },
  { shows: { cotton: 0.6, nylon: 0.3, elastane: 0.1 }, common: 0.4 },
  { shows: { cotton: 0.5, modal: 0.4, elastane: 0.1 }, common: 0.4 },
  { shows: { cotton: 0.5, viscose: 0.4, elastane: 0.1 }, common: 0.3 },
  { shows: { linen: 0.5, viscose: 0.4, elastane: 0.1 }, common: 0.2 },
  { shows: { linen: 0.5, cotton: 0.4, elastane: 0.1 }, common: 0.15 },
  { shows: { wool: 0.5, polyester: 0.4, elastane: 0.1 }, common: 0.6 },
  { shows: { wool: 0.6, nylon: 0.3, elastane: 0.1 }, common: 0.15 },
  { shows: { silk: 0.5, cotton: 0.4, elastane: 0.1 }, common: 0.08 },
  { shows: { polyester: 0.5, wool: 0.4, elastane: 0.1 }, common: 0.3 },
  { shows: { acetate: 0.5, nylon: 0.4, elastane: 0.1 }, common: 0.1 },
  { shows: { polyester: 0.5, acetate: 0.4, elastane: 0.1 }, common: 0.08 },
  { shows: { cotton: 0.4, polyester: 0.35, viscose: 0.25 }, common: 0.8 },
  { shows: { linen: 0.45, viscose: 0.35, cotton: 0.2 }, common: 0.3 },
  { shows: { linen: 0.4, cotton: 0.3, polyester: 0.3 }, common: 0.15 },
  { shows: { linen: 0.4, viscose: 0.3, polyester: 0.3 }, common: 0.2 },
  { shows: { wool: 0.45, viscose: 0.3, nylon: 0.25 }, common: 0.4 },
  { shows: { wool: 0.45, polyester: 0.35, viscose: 0.2 }, common: 0.4 },
  { shows: { wool: 0.4, acrylic: 0.35, nylon: 0.25 }, common: 0.5 },
  { shows: { acrylic: 0.5, wool: 0.3, polyester: 0.2 }, common: 0.4 },
  { shows: { wool: 0.4, acrylic: 0.3, hair: 0.3 }, common: 0.3 },
  { shows: { wool: 0.5, hair: 0.25, nylon: 0.25 }, common: 0.4 },
  { shows: { wool: 0.4, silk: 0.3, hair: 0.3 }, common: 0.12 },
  { shows: { wool: 0.4, cotton: 0.3, nylon: 0.3 }, common: 0.15 },
  { shows: { acrylic: 0.4, nylon: 0.3, hair: 0.3 }, common: 0.3 },
  { shows: { cotton: 0.5, acrylic: 0.3, polyester: 0.2 }, common: 0.2 },
  { shows: { silk: 0.4, viscose: 0.35, nylon: 0.25 }, common: 0.08 },
  { shows: { viscose: 0.5, polyester: 0.38, metallic: 0.12 }, common: 0.1 },
  { shows: { cotton: 0.5, polyester: 0.38, metallic: 0.12 }, common: 0.1 },
]
