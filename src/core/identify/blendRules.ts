import { type FamilyId } from '../vocabulary/fibres'

/** How much of the mixture is the fibre that a rule is about. */
export type BlendShare = 'main' | 'even' | 'minor' | 'trace'

/**
 * What a mixture shows that neither of its fibres shows alone: of one that melts with one that does not, or of hair
 * with cellulose. `strength` is how far the rule replaces the plain mixture of the two tables.
 */
export interface BlendRule {
  feature: string
  /** What the shares are of: everything that melts, or the protein beside cellulose. */
  of: 'melting' | 'protein'
  /** Families of the other fibre. */
  with: readonly FamilyId[]
  strength: number
  weights: Record<BlendShare, Readonly<Record<string, number>>>
  source: string
}

const cellulose: readonly FamilyId[] = ['plant', 'regenerated']
const unmelting: readonly FamilyId[] = ['plant', 'regenerated', 'protein']

export const blendRules: readonly BlendRule[] = [
  {
    feature: 'melting',
    of: 'melting',
    with: unmelting,
    strength: 0.8,
    source:
      'common practice: the part that does not melt holds the melt, so that it seldom drips; weights from memory',
    weights: {
      main: { none: 4, partly: 53, melts: 33, 'melts-drips': 10 },
      even: { none: 11, partly: 64, melts: 20, 'melts-drips': 5 },
      minor: { none: 38, partly: 54, melts: 6, 'melts-drips': 2 },
      trace: { none: 64, partly: 33, melts: 2, 'melts-drips': 1 },
    },
  },
  {
    feature: 'residue',
    of: 'melting',
    with: cellulose,
    strength: 0.8,
    source: 'common practice: hard specks in the ash; weights from memory',
    weights: {
      main: {
        'hard-specks-in-ash': 32,
        'hard-lump': 28,
        'hard-bead': 17,
        'brittle-clinker': 9,
        'soft-ash': 6,
        'fluffy-black': 4,
        gummy: 2,
        'crushable-bead': 2,
      },
      even: {
        'hard-specks-in-ash': 46,
        'hard-lump': 15,
        'hard-bead': 9,
        'soft-ash': 16,
        'brittle-clinker': 7,
        'fluffy-black': 5,
        'shape-keeping-ash': 2,
      },
      minor: {
        'hard-specks-in-ash': 45,
        'soft-ash': 38,
        'shape-keeping-ash': 6,
        'hard-lump': 4,
        'hard-bead': 2,
        'fluffy-black': 5,
      },
      trace: { 'hard-specks-in-ash': 21, 'soft-ash': 57, 'shape-keeping-ash': 7, gummy: 8, 'fluffy-black': 7 },
    },
  },
  {
    feature: 'residue',
    of: 'melting',
    with: ['protein'],
    strength: 0.8,
    source: 'common practice: hard specks in crushable ash; weights from memory',
    weights: {
      main: {
        'hard-specks-in-ash': 34,
        'hard-bead': 24,
        'hard-lump': 16,
        'crushable-bead': 13,
        'brittle-clinker': 10,
      },
      even: { 'hard-specks-in-ash': 44, 'crushable-bead': 24, 'hard-bead': 13, 'hard-lump': 8, 'brittle-clinker': 9 },
      minor: {
        'hard-specks-in-ash': 42,
        'crushable-bead': 41,
        'brittle-clinker': 11,
        'hard-bead': 3,
        'hard-lump': 2,
      },
      trace: { 'hard-specks-in-ash': 12, 'crushable-bead': 58, 'brittle-clinker': 20, gummy: 6, 'fluffy-black': 4 },
    },
  },
  {
    feature: 'crush',
    of: 'melting',
    with: unmelting,
    strength: 0.8,
    source: 'common practice; weights from memory',
    weights: {
      main: { powders: 5, crumbles: 35, resists: 60 },
      even: { powders: 14, crumbles: 50, resists: 36 },
      minor: { powders: 38, crumbles: 44, resists: 18 },
      trace: { powders: 74, crumbles: 21, resists: 5 },
    },
  },
  {
    feature: 'residue-colour',
    of: 'melting',
    with: cellulose,
    strength: 0.6,
    source: 'common practice: melt blackens the ash; weights from memory',
    weights: {
      main: { 'pale-grey': 4, grey: 12, brown: 18, black: 66 },
      even: { 'pale-grey': 8, grey: 26, brown: 12, black: 54 },
      minor: { 'pale-grey': 24, grey: 38, brown: 9, black: 29 },
      trace: { 'pale-grey': 46, grey: 38, brown: 4, black: 12 },
    },
  },
  {
    feature: 'after-removal',
    of: 'melting',
    with: cellulose,
    strength: 0.7,
    source:
      'scaffolding effect in the flammability literature: cellulose holds the melt like a wick and it burns ' +
      'on; weights from memory',
    weights: {
      main: { 'burns-on': 60, 'burns-slowly-on': 26, 'dies-soon': 10, 'dies-at-once': 3, 'never-lit': 1 },
      even: { 'burns-on': 74, 'burns-slowly-on': 18, 'dies-soon': 5, 'dies-at-once': 2, 'never-lit': 1 },
      minor: { 'burns-on': 81, 'burns-slowly-on': 14, 'dies-soon': 3, 'dies-at-once': 1, 'never-lit': 1 },
      trace: { 'burns-on': 82, 'burns-slowly-on': 13, 'dies-soon': 3, 'dies-at-once': 1, 'never-lit': 1 },
    },
  },
  {
    feature: 'after-removal',
    of: 'protein',
    with: cellulose,
    strength: 0.7,
    source: 'common practice: cellulose carries the flame through the hair beside it; weights from memory',
    weights: {
      main: { 'burns-on': 35, 'burns-slowly-on': 35, 'dies-soon': 22, 'dies-at-once': 7, 'never-lit': 1 },
      even: { 'burns-on': 60, 'burns-slowly-on': 28, 'dies-soon': 9, 'dies-at-once': 2, 'never-lit': 1 },
      minor: { 'burns-on': 74, 'burns-slowly-on': 19, 'dies-soon': 5, 'dies-at-once': 1, 'never-lit': 1 },
      trace: { 'burns-on': 82, 'burns-slowly-on': 13, 'dies-soon': 3, 'dies-at-once': 1, 'never-lit': 1 },
    },
  },
  {
    feature: 'residue',
    of: 'protein',
    with: cellulose,
    strength: 0.7,
    source: 'common practice: black that crumbles, between ash and bead; weights from memory',
    weights: {
      main: {
        'brittle-clinker': 36,
        'crushable-bead': 26,
        'fluffy-black': 14,
        'soft-ash': 14,
        'shape-keeping-ash': 9,
      },
      even: {
        'brittle-clinker': 32,
        'fluffy-black': 18,
        'soft-ash': 27,
        'shape-keeping-ash': 12,
        'crushable-bead': 11,
      },
      minor: {
        'soft-ash': 47,
        'brittle-clinker': 20,
        'fluffy-black': 15,
        'shape-keeping-ash': 14,
        'crushable-bead': 4,
      },
      trace: {
        'soft-ash': 66,
        'shape-keeping-ash': 15,
        'fluffy-black': 9,
        'brittle-clinker': 8,
        'crushable-bead': 2,
      },
    },
  },
  {
    feature: 'residue-colour',
    of: 'protein',
    with: cellulose,
    strength: 0.6,
    source: 'common practice: the hair’s part is black; weights from memory',
    weights: {
      main: { 'pale-grey': 4, grey: 14, brown: 8, black: 74 },
      even: { 'pale-grey': 8, grey: 24, brown: 6, black: 62 },
      minor: { 'pale-grey': 20, grey: 34, brown: 6, black: 40 },
      trace: { 'pale-grey': 40, grey: 38, brown: 4, black: 18 },
    },
  },
  {
    feature: 'crush',
    of: 'protein',
    with: cellulose,
    strength: 0.6,
    source: 'common practice; weights from memory',
    weights: {
      main: { powders: 44, crumbles: 52, resists: 4 },
      even: { powders: 47, crumbles: 50, resists: 3 },
      minor: { powders: 62, crumbles: 36, resists: 2 },
      trace: { powders: 84, crumbles: 14, resists: 2 },
    },
  },
]
