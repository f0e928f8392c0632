import { pairs } from '../identify/blends'
import { type UnlistedFibreId } from '../identify/unlisted/kinds'
import { fibreSetKey, mixtureOf } from '../identify/hypotheses'
import { MAIN_WEIGHT } from '../identify/priors'
import { type Component } from '../identify/types'
import { fibreById } from '../fibres/catalogue'
import { FAMILIES, FIBRE_IDS, type FamilyId, type FibreId } from '../vocabulary/fibres'

/** How hard a specimen is, from the easiest. */
export const PRACTICE_LEVELS = ['pure', 'lookalike', 'blend', 'trace', 'union', 'finish', 'misleading'] as const
export type PracticeLevel = (typeof PRACTICE_LEVELS)[number]

/** Something to know again: a fibre, or fibres together. */
export interface Topic {
  id: string
  level: PracticeLevel
  components: readonly Component[]
  families: readonly FamilyId[]
  /** What its weft is of, where its warp and its weft are burnt apart: the components are the warp’s then. */
  weft?: readonly Component[]
  /** It burns as this material does: a finish or a coat hides the fibre. */
  finish?: UnlistedFibreId
  /** It is burnt so that it looks like something else, as one burn in many does. */
  isMisleading?: true
}

/** Fibres that are woven with one another, warp and weft. Common practice. */
const UNIONS: readonly (readonly [warp: FibreId, weft: FibreId])[] = [
  ['cotton', 'linen'],
  ['cotton', 'wool'],
  ['linen', 'wool'],
  ['silk', 'wool'],
  ['silk', 'cotton'],
  ['polyester', 'viscose'],
  ['acetate', 'viscose'],
]

/** What a finish hides, and the families that are right then. */
const FINISHED: readonly { finish: UnlistedFibreId; fibre: FibreId; families: readonly FamilyId[] }[] = [
  { finish: 'flame-proofed', fibre: 'cotton', families: ['plant', 'regenerated'] },
  { finish: 'pvc', fibre: 'modacrylic', families: ['synthetic'] },
]

/** One of each family to begin with: what a home meets most. */
const FIRST: readonly FibreId[] = [
  'cotton',
  'wool',
  'polyester',
  'silk',
  'nylon',
  'viscose',
  'linen',
  'acrylic',
  'acetate',
]
/** What hardly anybody has at home, or what no flame is held to. */
const LEFT_OUT: readonly FibreId[] = ['glass', 'metallic', 'elastane']
/** Blends that are met often enough to be worth knowing, parts in a hundred of all cloth. */
const COMMON_FROM = 0.5

function topicOf(level: PracticeLevel, components: readonly Component[]): Topic {
  const present = new Set(components.map(({ fibre }) => fibreById(fibre).family))
  return { id: fibreSetKey(components), level, components, families: FAMILIES.filter((id) => present.has(id)) }
}

function blendOf([first, second]: readonly [FibreId, FibreId], trace: number | undefined): Topic {
  const minor = trace ?? 1 - MAIN_WEIGHT
  const level = trace === undefined ? 'blend' : 'trace'
  return topicOf(
    level,
    mixtureOf([
      [first, 1 - minor],
      [second, minor],
    ]),
  )
}

/** Every topic, the easiest first; within a level what is met most first. */
export const topics: readonly Topic[] = [
  ...FIRST.map((fibre) => topicOf('pure', mixtureOf([[fibre, 1]]))),
  ...FIBRE_IDS.filter((id) => !FIRST.includes(id) && !LEFT_OUT.includes(id))
    .toSorted((a, b) => fibreById(b).common - fibreById(a).common)
    .map((fibre) => topicOf('lookalike', mixtureOf([[fibre, 1]]))),
  ...pairs
    .filter(({ common }) => common >= COMMON_FROM)
    .toSorted((a, b) => b.common - a.common)
    .map(({ fibres, main }) => blendOf(fibres, main === 'first' ? fibreById(fibres[1]).traceWeight : undefined))
    .toSorted((a, b) => PRACTICE_LEVELS.indexOf(a.level) - PRACTICE_LEVELS.indexOf(b.level)),
  ...UNIONS.map(([warp, weft]): Topic => {
    const [own, other] = [topicOf('union', mixtureOf([[warp, 1]])), topicOf('union', mixtureOf([[weft, 1]]))]
    const families = FAMILIES.filter((id) => own.families.includes(id) || other.families.includes(id))
    return { ...own, id: `union:${warp}/${weft}`, families, weft: other.components }
  }),
  ...FINISHED.map(({ finish, fibre, families }): Topic => ({
    ...topicOf('finish', mixtureOf([[fibre, 1]])),
    id: `finish:${finish}`,
    finish,
    families,
  })),
  ...FIRST.map((fibre): Topic => ({
    ...topicOf('misleading', mixtureOf([[fibre, 1]])),
    id: `misleading:${fibre}`,
    isMisleading: true,
  })),
]

const byId = new Map(topics.map((topic) => [topic.id, topic]))

export function topicById(id: string): Topic | undefined {
  return byId.get(id)
}
