import { type FibreId } from '@/core/vocabulary/fibres'

/**
 * What a fibre does, as physical tendencies from 0 to 1, from memory of how they burn and behave. Nothing here is
 * read off the program's tables: there a fibre is a row of report probabilities, here it is a handful of properties
 * from which every report follows through thresholds that specimen and person shift.
 */
export interface Substance {
  /** How much of it turns liquid, and how readily that drips. */
  melts: number
  drips: number
  /** Rolls back from heat without melting. */
  curls: number
  catches: number
  /** Goes on burning by itself; below 0 it never lit. */
  sustains: number
  lively: number
  glows: number
  soot: number
  /** What is left: how hard, how dark, how much it holds together. */
  hard: number
  dark: number
  holds: number
  /** Which words its smell calls for, in parts; order of `SMELLS`. */
  smell: readonly number[]
  absorbs: number
  /** Strength wet against dry, −1 … 1. */
  wetGain: number
  /** How the yarn parts: length of ends, stretch before, spring. */
  longEnds: number
  stretch: number
  filament: number
  creases: number
  shine: number
  warm: number
}

/** In the order of the vocabulary: paper, wood, rope, hair, vinegar, celery, sweet, acrid, paraffin, rubber, none. */
type Row = readonly [FibreId, readonly number[], readonly number[], readonly number[]]

const rows: readonly Row[] = [
  // melts drip curl  catch sust  live  glow  soot  hard  dark holds  smell: pa wo ro ha vi ce sw ac wx ru no
  // absorb wet  long stre filam creas shine warm
  [
    'cotton',
    [0, 0, 0.04, 0.78, 1.0, 0.8, 0.75, 0.2, 0.02, 0.22, 0.31],
    [8, 1.5, 0.5, 0, 0, 0, 0, 0.1, 0, 0, 0.5],
    [0.75, 0.35, 0.1, 0.1, 0.02, 0.6, 0.15, 0.35],
  ],
  [
    'linen',
    [0, 0, 0.04, 0.6, 0.92, 0.5, 0.68, 0.22, 0.03, 0.28, 0.45],
    [6, 1.6, 2.4, 0, 0, 0, 0, 0.1, 0, 0, 0.4],
    [0.82, 0.4, 0.85, 0.08, 0.02, 0.9, 0.35, 0.12],
  ],
  [
    'hemp',
    [0, 0, 0.04, 0.58, 0.92, 0.5, 0.66, 0.24, 0.03, 0.3, 0.43],
    [4.5, 1.8, 3.7, 0, 0, 0, 0, 0.1, 0, 0, 0.4],
    [0.82, 0.4, 0.85, 0.08, 0.02, 0.88, 0.3, 0.15],
  ],
  [
    'ramie',
    [0, 0, 0.04, 0.6, 0.92, 0.55, 0.65, 0.22, 0.03, 0.28, 0.43],
    [6, 2, 2, 0, 0, 0, 0, 0.1, 0, 0, 0.4],
    [0.82, 0.4, 0.85, 0.08, 0.02, 0.88, 0.55, 0.13],
  ],
  [
    'jute',
    [0, 0, 0.04, 0.68, 0.95, 0.62, 0.8, 0.28, 0.03, 0.32, 0.41],
    [2.2, 2.3, 5.2, 0, 0, 0, 0, 0.1, 0, 0, 0.3],
    [0.8, 0.3, 0.8, 0.06, 0.02, 0.75, 0.35, 0.35],
  ],
  [
    'viscose',
    [0, 0, 0.06, 0.76, 0.97, 0.72, 0.48, 0.18, 0.02, 0.22, 0.26],
    [7, 2.4, 0.4, 0, 0, 0, 0, 0.1, 0, 0, 0.6],
    [0.8, -0.75, 0.3, 0.3, 0.35, 0.62, 0.45, 0.2],
  ],
  [
    'modal',
    [0, 0, 0.06, 0.74, 0.97, 0.72, 0.46, 0.18, 0.02, 0.22, 0.26],
    [7, 2.2, 0.4, 0, 0, 0, 0, 0.1, 0, 0, 0.6],
    [0.8, -0.5, 0.2, 0.3, 0.05, 0.5, 0.35, 0.28],
  ],
  [
    'lyocell',
    [0, 0, 0.06, 0.72, 0.97, 0.7, 0.46, 0.18, 0.02, 0.22, 0.34],
    [7, 2.4, 0.4, 0, 0, 0, 0, 0.1, 0, 0, 0.6],
    [0.8, -0.28, 0.3, 0.28, 0.05, 0.5, 0.38, 0.22],
  ],
  [
    'cupro',
    [0, 0, 0.06, 0.76, 0.97, 0.72, 0.46, 0.18, 0.02, 0.22, 0.26],
    [7, 2.2, 0.4, 0, 0, 0, 0, 0.1, 0, 0, 0.6],
    [0.8, -0.68, 0.3, 0.35, 0.88, 0.5, 0.65, 0.2],
  ],
  [
    'acetate',
    [0.82, 0.3, 0.3, 0.6, 0.8, 0.5, 0.08, 0.5, 0.72, 0.86, 0.1],
    [1.4, 0.4, 0, 0, 6.4, 0, 0.5, 1.4, 0, 0.1, 0.2],
    [0.35, -0.5, 0.3, 0.4, 0.88, 0.4, 0.85, 0.28],
  ],
  [
    'triacetate',
    [0.84, 0.32, 0.3, 0.6, 0.8, 0.5, 0.08, 0.52, 0.78, 0.86, 0.1],
    [1.1, 0.3, 0, 0, 5, 0, 0.8, 2.6, 0, 0.1, 0.2],
    [0.25, -0.22, 0.3, 0.4, 0.88, 0.25, 0.75, 0.33],
  ],
  [
    'wool',
    [0.05, 0, 0.85, 0.22, 0.2, 0.3, 0.08, 0.45, 0.26, 0.84, 0.2],
    [0, 0, 0, 9.2, 0, 0, 0, 0.4, 0, 0, 0.2],
    [0.15, -0.35, 0.08, 0.62, 0.02, 0.1, 0.12, 0.88],
  ],
  [
    'hair',
    [0.05, 0, 0.85, 0.22, 0.2, 0.3, 0.08, 0.45, 0.25, 0.84, 0.2],
    [0, 0, 0, 9.2, 0, 0, 0, 0.4, 0, 0, 0.2],
    [0.15, -0.35, 0.08, 0.6, 0.02, 0.1, 0.4, 0.88],
  ],
  [
    'silk',
    [0.06, 0, 0.85, 0.4, 0.28, 0.36, 0.1, 0.38, 0.18, 0.76, 0.22],
    [0.3, 0.3, 0, 8.2, 0, 0, 0, 0.4, 0, 0, 0.6],
    [0.35, -0.2, 0.45, 0.5, 0.75, 0.35, 0.65, 0.5],
  ],
  [
    'polyester',
    [1, 0.9, 0.25, 0.4, 0.5, 0.45, 0.03, 0.85, 1, 0.74, 0.02],
    [0, 0, 0, 0, 0, 0.2, 6.2, 2.4, 0.4, 0.4, 0.2],
    [0.15, 0, 0.2, 0.6, 0.6, 0.1, 0.45, 0.45],
  ],
  [
    'nylon',
    [1, 0.88, 0.25, 0.3, 0.36, 0.3, 0.03, 0.42, 1, 0.5, 0.02],
    [0, 0, 0, 0.1, 0, 5.4, 1.4, 2.5, 0.3, 0.3, 0.2],
    [0.2, -0.05, 0.15, 0.72, 0.85, 0.1, 0.45, 0.38],
  ],
  [
    'acrylic',
    [0.8, 0.3, 0.3, 0.75, 0.92, 0.9, 0.03, 0.92, 0.86, 0.92, 0.05],
    [0, 0, 0, 0.1, 0.1, 0, 1.8, 7, 0.3, 0.5, 0.1],
    [0.15, 0, 0.08, 0.45, 0.05, 0.1, 0.2, 0.78],
  ],
  [
    'modacrylic',
    [0.72, 0.28, 0.3, 0.15, 0.03, 0.2, 0.03, 0.65, 0.84, 0.92, 0.05],
    [0, 0, 0, 0, 0.2, 0, 1.2, 7.2, 0.2, 0.5, 0.2],
    [0.15, 0, 0.08, 0.45, 0.05, 0.1, 0.35, 0.75],
  ],
  [
    'polypropylene',
    [1, 0.92, 0.2, 0.46, 0.85, 0.45, 0.03, 0.4, 0.97, 0.4, 0.02],
    [0, 0, 0, 0, 0, 0.2, 0.9, 1.2, 7, 0.4, 0.2],
    [0.06, 0, 0.2, 0.6, 0.6, 0.1, 0.2, 0.58],
  ],
  [
    'elastane',
    [0.8, 0.5, 0.15, 0.45, 0.7, 0.45, 0.03, 0.68, 0.5, 0.86, 0.1],
    [0, 0, 0, 0, 0, 0.1, 1.8, 3.4, 0.3, 4, 0.3],
    [0.1, 0, 0.02, 0.1, 0.97, 0.03, 0.2, 0.58],
  ],
  [
    'glass',
    [0.06, 0, 0.02, 0.02, -0.5, 0, 0.1, 0.03, 0.92, 0.2, 0.9],
    [0, 0, 0, 0, 0, 0, 0, 0.3, 0, 0, 9.4],
    [0.1, -0.05, 0.9, 0.02, 0.87, 0.3, 0.7, 0.12],
  ],
  [
    'metallic',
    [0.12, 0.1, 0.08, 0.08, -0.4, 0.05, 0.12, 0.12, 0.9, 0.35, 0.85],
    [0, 0, 0, 0, 0, 0, 0.6, 1.2, 0, 0, 7.8],
    [0.08, 0, 0.6, 0.3, 0.97, 0.8, 0.95, 0.12],
  ],
]

/** Every fibre that the simulator knows. */
export const substances: ReadonlyMap<FibreId, Substance> = new Map(
  rows.map(
    ([
      id,
      [melts, drips, curls, catches, sustains, lively, glows, soot, hard, dark, holds],
      smell,
      [absorbs, wetGain, longEnds, stretch, filament, creases, shine, warm],
    ]) => [
      id,
      {
        melts,
        drips,
        curls,
        catches,
        sustains,
        lively,
        glows,
        soot,
        hard,
        dark,
        holds,
        smell,
        absorbs,
        wetGain,
        longEnds,
        stretch,
        filament,
        creases,
        shine,
        warm,
      } as Substance,
    ],
  ),
)

/**
 * What a fibre does in water, acetone and chlorine bleach and under a lens: how far acetone and bleach take it (0 …
 * 1), which way it turns as it dries (−1 anticlockwise … 1 clockwise), density in g/cm³, and how a lens shows it, in
 * parts, in the order of the vocabulary (ribbon, nodes, scales, rod, lines, strip). From memory, apart from the
 * program's tables.
 */
export interface Makeup {
  acetone: number
  bleach: number
  twist: number
  density: number
  view: readonly number[]
}

const RIBBON = [9, 0.3, 0, 0.6, 0.2, 0.2],
  NODES = [0.3, 8, 0, 0.5, 0.8, 0],
  SCALES = [0, 0.1, 9, 0.4, 0.2, 0],
  ROD = [0.1, 0.1, 0, 9, 0.5, 0.1],
  LINES = [0.1, 0.1, 0, 1.4, 8, 0.2],
  EITHER = [0.2, 0.1, 0, 4.5, 4.5, 0.2],
  STRIP = [0.2, 0, 0, 0.4, 0.1, 9]

const makeupRows: readonly (readonly [FibreId, number, number, number, number, readonly number[]])[] = [
  ['cotton', 0, 0.03, 0, 1.53, RIBBON],
  ['linen', 0, 0.04, 0.8, 1.5, NODES],
  ['hemp', 0, 0.04, -0.8, 1.48, NODES],
  ['ramie', 0, 0.04, 0.75, 1.52, NODES],
  ['jute', 0, 0.1, -0.75, 1.46, NODES],
  ['viscose', 0, 0.04, 0, 1.52, LINES],
  ['modal', 0, 0.04, 0, 1.52, EITHER],
  ['lyocell', 0, 0.03, 0, 1.51, ROD],
  ['cupro', 0, 0.04, 0, 1.53, ROD],
  ['acetate', 0.95, 0.03, 0, 1.31, LINES],
  ['triacetate', 0.5, 0.03, 0, 1.3, LINES],
  ['wool', 0, 0.97, 0, 1.31, SCALES],
  ['hair', 0, 0.97, 0, 1.3, SCALES],
  ['silk', 0, 0.93, 0, 1.34, ROD],
  ['polyester', 0, 0, 0, 1.38, ROD],
  ['nylon', 0, 0.05, 0, 1.14, ROD],
  ['acrylic', 0.02, 0, 0, 1.18, EITHER],
  ['modacrylic', 0.5, 0, 0, 1.33, EITHER],
  ['polypropylene', 0, 0, 0, 0.91, ROD],
  ['elastane', 0.08, 0.1, 0, 1.2, ROD],
  ['glass', 0, 0, 0, 2.55, ROD],
  ['metallic', 0.1, 0, 0, 1.5, STRIP],
]

export const makeups: ReadonlyMap<FibreId, Makeup> = new Map(
  makeupRows.map(([id, acetone, bleach, twist, density, view]) => [id, { acetone, bleach, twist, density, view }]),
)
