/** Matters on which practitioners disagree, and the sides that may be taken. */
export const SEW_SCHOOLS = {
  cutting: { sides: ['single', 'folded'], words: 'cutting limp fabric' },
  marking: { sides: ['chalk', 'tacks'], words: 'marking' },
  thread: { sides: ['polyester', 'cotton'], words: 'thread for plant fibres' },
  needle: { sides: ['sharp', 'universal'], words: 'the needle for limp viscose' },
  seam: {
    sides: ['overlocked', 'zigzag', 'french', 'flat-felled', 'bound', 'pinked'],
    words: 'the finish of a seam',
  },
  hem: { sides: ['single-blind', 'narrow-double', 'rolled'], words: 'the hem of limp fabric' },
  interfacing: { sides: ['fusible', 'sew-in'], words: 'interfacing' },
  nap: { sides: ['down', 'up'], words: 'which way pile lies' },
} as const
export type SewSchool = keyof typeof SEW_SCHOOLS
export type SewSchools = Readonly<Partial<Record<SewSchool, string>>>
