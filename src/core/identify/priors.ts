import { type FibreId } from '../fibres/types'

/**
 * How often a cloth from a shop, a charity shop or a stash is made of one fibre alone: parts in a hundred, before
 * blends.
 * From memory of what is sold and given away; no survey stands behind it. Fibres that a flame cannot part are
 * never told apart by these figures alone: the verdict rule asks the evidence as well.
 */
export const purePrior: Record<FibreId, number> = {
  cotton: 24,
  linen: 5,
  hemp: 1.2,
  ramie: 0.8,
  jute: 0.8,
  viscose: 8,
  modal: 1.2,
  lyocell: 1.8,
  cupro: 0.8,
  acetate: 3,
  triacetate: 0.8,
  wool: 7,
  hair: 2,
  silk: 4,
  polyester: 21,
  nylon: 4,
  acrylic: 4,
  modacrylic: 0.6,
  polypropylene: 1,
  elastane: 0.6,
  glass: 0.3,
  metallic: 0.3,
}

/** Which of the two may be the main fibre: either, or the first only. */
export type BlendKind = 'either' | 'first-main'

/** Two fibres that are sold together: parts in a hundred on the scale of `purePrior`. From memory; common practice. */
export const blendPrior: readonly (readonly [FibreId, FibreId, number, BlendKind])[] = [
  ['cotton', 'polyester', 9, 'either'],
  ['viscose', 'polyester', 3, 'either'],
  ['linen', 'polyester', 0.5, 'either'],
  ['lyocell', 'polyester', 0.2, 'either'],
  ['modal', 'polyester', 0.2, 'either'],
  ['cotton', 'nylon', 0.7, 'either'],
  ['viscose', 'nylon', 0.5, 'either'],
  ['linen', 'nylon', 0.1, 'first-main'],
  ['cotton', 'acrylic', 0.6, 'either'],
  ['viscose', 'acrylic', 0.2, 'either'],
  ['cotton', 'modacrylic', 0.2, 'either'],
  ['cotton', 'polypropylene', 0.2, 'either'],
  ['cotton', 'elastane', 4, 'first-main'],
  ['viscose', 'elastane', 1, 'first-main'],
  ['modal', 'elastane', 0.4, 'first-main'],
  ['lyocell', 'elastane', 0.15, 'first-main'],
  ['linen', 'elastane', 0.1, 'first-main'],
  ['polyester', 'elastane', 2, 'first-main'],
  ['nylon', 'elastane', 1.5, 'first-main'],
  ['acrylic', 'elastane', 0.2, 'first-main'],
  ['wool', 'elastane', 0.4, 'first-main'],
  ['silk', 'elastane', 0.2, 'first-main'],
  ['acetate', 'elastane', 0.1, 'first-main'],
  ['hair', 'elastane', 0.05, 'first-main'],
  ['hemp', 'elastane', 0.05, 'first-main'],
  ['cupro', 'elastane', 0.05, 'first-main'],
  ['polypropylene', 'elastane', 0.05, 'first-main'],
  ['linen', 'cotton', 1.5, 'either'],
  ['hemp', 'cotton', 0.5, 'either'],
  ['ramie', 'cotton', 0.4, 'either'],
  ['jute', 'cotton', 0.2, 'either'],
  ['linen', 'viscose', 1.5, 'either'],
  ['linen', 'lyocell', 0.3, 'either'],
  ['cotton', 'viscose', 1, 'either'],
  ['cotton', 'modal', 0.6, 'either'],
  ['cotton', 'lyocell', 0.5, 'either'],
  ['viscose', 'acetate', 0.4, 'either'],
  ['cotton', 'acetate', 0.1, 'either'],
  ['nylon', 'acetate', 0.2, 'either'],
  ['polyester', 'acetate', 0.2, 'either'],
  ['polyester', 'triacetate', 0.2, 'either'],
  ['wool', 'polyester', 2.5, 'either'],
  ['wool', 'nylon', 1.5, 'either'],
  ['wool', 'acrylic', 1.3, 'either'],
  ['wool', 'viscose', 0.8, 'either'],
  ['wool', 'cotton', 1.2, 'either'],
  ['wool', 'linen', 0.1, 'either'],
  ['wool', 'silk', 0.4, 'either'],
  ['wool', 'hair', 0.7, 'either'],
  ['hair', 'nylon', 0.3, 'either'],
  ['hair', 'acrylic', 0.3, 'either'],
  ['hair', 'polyester', 0.15, 'either'],
  ['hair', 'silk', 0.2, 'either'],
  ['silk', 'cotton', 1, 'either'],
  ['silk', 'viscose', 0.5, 'either'],
  ['silk', 'linen', 0.2, 'either'],
  ['silk', 'polyester', 0.3, 'either'],
  ['silk', 'nylon', 0.15, 'either'],
  ['acrylic', 'polyester', 0.5, 'either'],
  ['acrylic', 'nylon', 0.4, 'either'],
  ['polyester', 'nylon', 0.6, 'either'],
  ['polyester', 'modacrylic', 0.1, 'either'],
  ['polyester', 'metallic', 0.3, 'first-main'],
  ['nylon', 'metallic', 0.3, 'first-main'],
  ['silk', 'metallic', 0.1, 'first-main'],
  ['cotton', 'metallic', 0.1, 'first-main'],
]

/**
 * Three fibres that are sold together, with the weight at which each shows (summing to 1): parts in a hundred on the
 * scale of `purePrior`. From memory of labels; common practice. A trace is of `traceWeight`.
 */
export const threePrior: readonly (readonly [shares: readonly (readonly [FibreId, number])[], weight: number])[] = [
  [
    [
      ['cotton', 0.6],
      ['polyester', 0.3],
      ['elastane', 0.1],
    ],
    1.6,
  ],
  [
    [
      ['polyester', 0.5],
      ['viscose', 0.4],
      ['elastane', 0.1],
    ],
    1.4,
  ],
  [
    [
      ['viscose', 0.6],
      ['polyester', 0.3],
      ['elastane', 0.1],
    ],
    0.5,
  ],
  [
    [
      ['viscose', 0.6],
      ['nylon', 0.3],
      ['elastane', 0.1],
    ],
    0.7,
  ],
  [
    [
      ['cotton', 0.6],
      ['nylon', 0.3],
      ['elastane', 0.1],
    ],
    0.4,
  ],
  [
    [
      ['cotton', 0.5],
      ['modal', 0.4],
      ['elastane', 0.1],
    ],
    0.4,
  ],
  [
    [
      ['cotton', 0.5],
      ['viscose', 0.4],
      ['elastane', 0.1],
    ],
    0.3,
  ],
  [
    [
      ['linen', 0.5],
      ['viscose', 0.4],
      ['elastane', 0.1],
    ],
    0.2,
  ],
  [
    [
      ['linen', 0.5],
      ['cotton', 0.4],
      ['elastane', 0.1],
    ],
    0.15,
  ],
  [
    [
      ['wool', 0.5],
      ['polyester', 0.4],
      ['elastane', 0.1],
    ],
    0.6,
  ],
  [
    [
      ['wool', 0.6],
      ['nylon', 0.3],
      ['elastane', 0.1],
    ],
    0.15,
  ],
  [
    [
      ['silk', 0.5],
      ['cotton', 0.4],
      ['elastane', 0.1],
    ],
    0.08,
  ],
  [
    [
      ['polyester', 0.5],
      ['wool', 0.4],
      ['elastane', 0.1],
    ],
    0.3,
  ],
  [
    [
      ['acetate', 0.5],
      ['nylon', 0.4],
      ['elastane', 0.1],
    ],
    0.1,
  ],
  [
    [
      ['polyester', 0.5],
      ['acetate', 0.4],
      ['elastane', 0.1],
    ],
    0.08,
  ],
  [
    [
      ['cotton', 0.4],
      ['polyester', 0.35],
      ['viscose', 0.25],
    ],
    0.8,
  ],
  [
    [
      ['linen', 0.45],
      ['viscose', 0.35],
      ['cotton', 0.2],
    ],
    0.3,
  ],
  [
    [
      ['linen', 0.4],
      ['cotton', 0.3],
      ['polyester', 0.3],
    ],
    0.15,
  ],
  [
    [
      ['linen', 0.4],
      ['viscose', 0.3],
      ['polyester', 0.3],
    ],
    0.2,
  ],
  [
    [
      ['wool', 0.45],
      ['viscose', 0.3],
      ['nylon', 0.25],
    ],
    0.4,
  ],
  [
    [
      ['wool', 0.45],
      ['polyester', 0.35],
      ['viscose', 0.2],
    ],
    0.4,
  ],
  [
    [
      ['wool', 0.4],
      ['acrylic', 0.35],
      ['nylon', 0.25],
    ],
    0.5,
  ],
  [
    [
      ['acrylic', 0.5],
      ['wool', 0.3],
      ['polyester', 0.2],
    ],
    0.4,
  ],
  [
    [
      ['wool', 0.4],
      ['acrylic', 0.3],
      ['hair', 0.3],
    ],
    0.3,
  ],
  [
    [
      ['wool', 0.5],
      ['hair', 0.25],
      ['nylon', 0.25],
    ],
    0.4,
  ],
  [
    [
      ['wool', 0.4],
      ['silk', 0.3],
      ['hair', 0.3],
    ],
    0.12,
  ],
  [
    [
      ['wool', 0.4],
      ['cotton', 0.3],
      ['nylon', 0.3],
    ],
    0.15,
  ],
  [
    [
      ['acrylic', 0.4],
      ['nylon', 0.3],
      ['hair', 0.3],
    ],
    0.3,
  ],
  [
    [
      ['cotton', 0.5],
      ['acrylic', 0.3],
      ['polyester', 0.2],
    ],
    0.2,
  ],
  [
    [
      ['silk', 0.4],
      ['viscose', 0.35],
      ['nylon', 0.25],
    ],
    0.08,
  ],
  [
    [
      ['viscose', 0.5],
      ['polyester', 0.38],
      ['metallic', 0.12],
    ],
    0.1,
  ],
  [
    [
      ['cotton', 0.5],
      ['polyester', 0.38],
      ['metallic', 0.12],
    ],
    0.1,
  ],
]

/** How a pair's prior is divided where either may be the main fibre: first main, even, second main. */
export const SHARE_SPLIT = { firstMain: 0.42, even: 0.23, secondMain: 0.35 } as const

/** Share of the main fibre in a mixture where nothing else is known. */
export const MAIN_WEIGHT = 0.7

/** Fibres that are sold only as a trace in something else, and their usual weight in what is seen: a trace
 * shows above its few per cent by mass. From memory; common practice. */
export const traceWeight: Partial<Record<FibreId, number>> = { elastane: 0.1, metallic: 0.12 }

/** Prior probability that warp, weft and pile are all of the same stuff; from memory. */
export const SAME_THROUGHOUT = 0.85
