import { pairs } from '../identify/blends'
import { fibreSetKey, mixtureOf } from '../identify/hypotheses'
import { MAIN_WEIGHT } from '../identify/priors'
import { type Component } from '../identify/types'
import { fibreById } from '../fibres/catalogue'
import { FAMILIES, FIBRE_IDS, type FamilyId, type FibreId } from '../vocabulary/fibres'

/** How hard a specimen is, from the easiest. */
export const PRACTICE_LEVELS = ['pure', 'lookalike', 'blend', 'trace'] as const
export type PracticeLevel = (typeof PRACTICE_LEVELS)[number]

/** Something to know again: a fibre, or fibres together. */
export interface Topic {
  id: string
  level: PracticeLevel
  components: readonly Component[]
  families: readonly FamilyId[]
}

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
]

const byId = new Map(topics.map((topic) => [topic.id, topic]))

export function topicById(id: string): Topic | undefined {
  return byId.get(id)
}
