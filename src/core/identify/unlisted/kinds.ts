import { type ReportRows, type Reports } from '../../fibres/types'
import { type FibreId } from '../../vocabulary/fibres'

/** A material that nobody asks the bench to name, but that a report can point to. */
export interface UnlistedFibre {
  /** As it stands in a sentence, UK and US alike. */
  phrase: string
  /** What the person should know of it. */
  note: string
  /** Parts in a hundred, on the scale of a fibre's own `common`; from memory. */
  common: number
  reports: Extract<Reports, { like: FibreId }>
}

const like = (fibre: FibreId, except: Partial<ReportRows>): UnlistedFibre['reports'] => ({ like: fibre, except })

/** Materials outside the catalogue. How they burn is common practice; the weights are from memory. */
export const unlistedFibres = {
  'flame-proofed': {
    phrase: 'cellulose (cotton, linen or viscose) that was flame-proofed',
    note:
      'A flame-retardant finish hides the fibre, washes out in part, and proves nothing: ask whoever ' +
      'treated it.',
    common: 1.2,
    reports: like('cotton', {
      approach: { unmoved: 82, 'curls-away': 14, 'melts-back': 4 },
      ignition: { instant: 2, quick: 12, slow: 58, none: 28 },
      flame: { 'yellow-fast': 6, 'yellow-slow': 48, sputtering: 14, 'melting-small': 4, none: 28 },
      melting: { none: 96, partly: 3, melts: 1 },
      'after-removal': { 'burns-on': 1, 'burns-slowly-on': 3, 'dies-soon': 18, 'dies-at-once': 73, 'never-lit': 5 },
      afterglow: { yes: 12, no: 88 },
      smoke: { 'hardly-any': 22, pale: 48, dark: 24, 'black-sooty': 6 },
      smell: { paper: 42, none: 24, 'acrid-chemical': 17, 'wood-leaves': 15, 'rope-straw': 2 },
      residue: {
        'brittle-clinker': 30,
        'fluffy-black': 28,
        'shape-keeping-ash': 34,
        'soft-ash': 4,
        unburnt: 4,
      },
      'residue-colour': { 'pale-grey': 1, grey: 3, brown: 3, black: 93 },
      crush: { powders: 36, crumbles: 58, resists: 6 },
    }),
  },
  aramid: {
    phrase: 'a heat-resistant fibre (an aramid)',
    note: 'Protective clothing and old racing or flying kit; nobody can tell these fibres apart at home.',
    common: 0.15,
    reports: like('nylon', {
      approach: { unmoved: 78, 'curls-away': 18, 'melts-back': 4 },
      ignition: { instant: 1, quick: 3, slow: 42, none: 54 },
      flame: { 'yellow-slow': 28, sputtering: 14, 'melting-small': 6, none: 52 },
      melting: { none: 92, partly: 6, melts: 2 },
      'after-removal': { 'burns-slowly-on': 1, 'dies-soon': 8, 'dies-at-once': 70, 'never-lit': 21 },
      smoke: { 'hardly-any': 40, pale: 40, dark: 16, 'black-sooty': 4 },
      smell: { none: 36, 'acrid-chemical': 40, 'sweet-chemical': 12, 'hair-feather': 6, paper: 6 },
      residue: {
        'brittle-clinker': 44,
        'fluffy-black': 20,
        'shape-keeping-ash': 16,
        unburnt: 18,
        'crushable-bead': 2,
      },
      'residue-colour': { grey: 4, brown: 10, black: 86 },
      crush: { powders: 12, crumbles: 56, resists: 32 },
    }),
  },
  pvc: {
    phrase: 'PVC, or fabric coated with it (vinyl, faux leather)',
    note: 'Its smoke carries hydrogen chloride: do not burn it again, and air the room.',
    common: 0.5,
    reports: like('modacrylic', {
      flame: {
        'yellow-fast': 2,
        'yellow-slow': 14,
        sputtering: 12,
        'melting-small': 12,
        'black-tipped-leaping': 4,
        'green-edged': 40,
        none: 16,
      },
      melting: { none: 6, partly: 34, melts: 50, 'melts-drips': 10 },
      'after-removal': { 'burns-on': 2, 'burns-slowly-on': 5, 'dies-soon': 26, 'dies-at-once': 66, 'never-lit': 1 },
      smoke: { 'hardly-any': 1, pale: 9, dark: 34, 'black-sooty': 56 },
      smell: { 'acrid-chemical': 90, 'sweet-chemical': 4, rubbery: 4, vinegar: 2 },
      residue: { 'hard-lump': 30, 'brittle-clinker': 28, 'fluffy-black': 20, gummy: 22 },
      'yarn-break': { 'stretches-first': 70, 'soft-fuzzy': 20, 'crisp-long-ends': 6, 'snaps-back': 4 },
      'water-drop': { 'soaks-at-once': 2, 'soaks-slowly': 3, beads: 95 },
    }),
  },
  rubber: {
    phrase: 'rubber',
    note: 'Old elastic and rubberised fabric; it burns with a black, greasy smoke, so one burn is enough.',
    common: 0.3,
    reports: like('elastane', {
      ignition: { instant: 10, quick: 48, slow: 40, none: 2 },
      flame: {
        'yellow-fast': 22,
        'yellow-slow': 34,
        sputtering: 14,
        'melting-small': 10,
        'black-tipped-leaping': 20,
      },
      melting: { none: 12, partly: 50, melts: 34, 'melts-drips': 4 },
      'after-removal': { 'burns-on': 78, 'burns-slowly-on': 18, 'dies-soon': 3, 'dies-at-once': 1 },
      smoke: { pale: 2, dark: 20, 'black-sooty': 78 },
      smell: { rubbery: 88, 'acrid-chemical': 9, 'sweet-chemical': 3 },
      residue: { gummy: 62, 'fluffy-black': 22, 'brittle-clinker': 10, 'soft-ash': 6 },
      'residue-colour': { grey: 2, brown: 4, black: 94 },
    }),
  },
  'metal-film': {
    phrase: 'a bright metallic yarn: metal on a polymer film',
    note: 'It is a flat strip that melts like its film; the metal layer is too thin to find in the ash.',
    common: 0.5,
    reports: like('polyester', {
      'yarn-type': { staple: 2, filament: 98 },
      'yarn-break': { 'soft-fuzzy': 3, 'crisp-long-ends': 52, 'stretches-first': 42, 'snaps-back': 3 },
      scrunch: { 'stays-crumpled': 50, 'some-creases': 35, 'springs-out': 15 },
      lustre: { matt: 1, 'soft-sheen': 7, bright: 92 },
      'loupe-fibre': {
        'twisted-ribbon': 2,
        'cross-nodes': 1,
        scales: 1,
        'smooth-rod': 4,
        'lengthwise-lines': 1,
        'flat-strip': 91,
      },
    }),
  },
  polylactide: {
    phrase: 'PLA, a plastic made from maize',
    note: 'It burns much like polyester, with less soot and a fainter, sweetish smell; an iron melts it.',
    common: 0.15,
    reports: like('polyester', {
      smoke: { 'hardly-any': 34, pale: 50, dark: 12, 'black-sooty': 4 },
      smell: { none: 24, 'sweet-chemical': 58, paper: 10, 'acrid-chemical': 8 },
      'residue-colour': { 'pale-grey': 22, grey: 24, brown: 38, black: 16 },
    }),
  },
  kapok: {
    phrase: 'kapok, a seed hair used as filling',
    note: 'Hollow, slippery fibres that float and cannot be spun alone; they flare up in an instant.',
    common: 0.15,
    reports: like('cotton', {
      ignition: { instant: 90, quick: 9, slow: 1 },
      'loupe-fibre': {
        'twisted-ribbon': 6,
        'cross-nodes': 2,
        scales: 1,
        'smooth-rod': 86,
        'lengthwise-lines': 4,
        'flat-strip': 1,
      },
      lustre: { matt: 10, 'soft-sheen': 62, bright: 28 },
      'water-drop': { 'soaks-at-once': 4, 'soaks-slowly': 8, beads: 88 },
      float: { floats: 94, sinks: 6 },
    }),
  },
  polyethylene: {
    phrase: 'polyethylene',
    note: 'Sacking, tarpaulin, spunbonded sheet: it burns like polypropylene and melts at a lower heat.',
    common: 0.2,
    reports: like('polypropylene', {
      smell: { paraffin: 92, none: 4, 'acrid-chemical': 4 },
      touch: { cool: 30, neutral: 48, warm: 22 },
    }),
  },
  leather: {
    phrase: 'leather or another skin',
    note:
      'Look for pores, and for an edge without threads. Do not burn any more of it: its tanning ' +
      'salts stay in the ash.',
    common: 0.4,
    reports: like('wool', {
      approach: { unmoved: 12, 'curls-away': 84, 'melts-back': 4 },
      ignition: { instant: 1, quick: 5, slow: 58, none: 36 },
      flame: { 'yellow-fast': 1, 'yellow-slow': 30, sputtering: 20, 'melting-small': 3, none: 46 },
      'after-removal': { 'burns-on': 1, 'burns-slowly-on': 4, 'dies-soon': 30, 'dies-at-once': 55, 'never-lit': 10 },
      residue: { 'brittle-clinker': 56, 'hard-lump': 18, 'shape-keeping-ash': 14, unburnt: 8, 'crushable-bead': 4 },
      crush: { powders: 8, crumbles: 34, resists: 58 },
      'water-drop': { 'soaks-at-once': 6, 'soaks-slowly': 54, beads: 40 },
    }),
  },
} as const satisfies Record<string, UnlistedFibre>

export type UnlistedFibreId = keyof typeof unlistedFibres

export const UNLISTED_FIBRE_IDS = Object.keys(unlistedFibres) as UnlistedFibreId[]
