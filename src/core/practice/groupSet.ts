import { z } from 'zod'
import { type Observation } from '../identify/types'
import { FAMILIES, FIBRE_IDS, type FamilyId } from '../vocabulary/fibres'
import { writeBlindCode } from './blind'
import { judgeAnswer, type JudgedAnswer } from './judge'
import { brier } from './scoring'
import { burnOf } from './specimen'
import { PRACTICE_LEVELS, topics, type Topic } from './topics'
import { itemAt } from '../lists/items'

/** Specimens of a set: fewer say nothing, more nobody does in a lesson. */
export const [FEWEST_OF_SET, MOST_OF_SET] = [3, 20] as const

/** A set of specimens that all of a class burn alike: they follow from its seed. */
export const GroupSetSchema = z.strictObject({
  format: z.literal('rough-swatch practice set'),
  version: z.literal(1),
  title: z.string().trim().min(1, 'Please enter a title.').max(80),
  seed: z.number().int().min(0).max(1_000_000_000),
  count: z
    .number()
    .int()
    .min(FEWEST_OF_SET, 'Please choose at least three.')
    .max(MOST_OF_SET, 'Please choose twenty at most.'),
  levels: z.array(z.enum(PRACTICE_LEVELS)).min(1, 'Please choose at least one level.').max(PRACTICE_LEVELS.length),
})
export type GroupSet = z.output<typeof GroupSetSchema>

const SaidSchema = z.strictObject({
  family: z.enum(FAMILIES),
  fibres: z.array(z.enum(FIBRE_IDS)).max(3),
  sure: z.number().min(0.5).max(1),
})

/** What one person said of each specimen of a set. */
export const GroupResultsSchema = z
  .strictObject({
    format: z.literal('rough-swatch practice results'),
    version: z.literal(1),
    set: GroupSetSchema,
    by: z.string().trim().min(1, 'Please enter a name.').max(60),
    answers: z.array(SaidSchema).max(MOST_OF_SET),
  })
  .refine(({ set, answers }) => answers.length === set.count, {
    path: ['answers'],
    message: 'Each sample needs one answer.',
  })
export type GroupResults = z.output<typeof GroupResultsSchema>

export interface SetSpecimen {
  topic: Topic
  burn: Observation[]
}

/** The specimens of a set, the same on every machine. No two alike as long as its levels have as many. */
export function specimensOf({ seed, count, levels }: GroupSet): SetSpecimen[] {
  const own = topics.filter(({ level }) => levels.includes(level))
  return Array.from({ length: count }, (_, i) => {
    const round = Math.floor(i / own.length)
    const topic = itemAt(writeBlindCode(own, seed + round), i % own.length).thing
    // By the eyes and nose that all share, not by anybody's own.
    return { topic, burn: burnOf(topic, seed + 1 + i) }
  })
}

/** How one person did. */
export interface GroupScore {
  by: string
  family: number
  /** Of those in which a fibre was ventured. */
  fibre: number | null
  /** Mean square of sureness less what came: 0 the best. */
  brier: number
  each: JudgedAnswer[]
}

/** How each did, and how often each specimen was known. */
export interface Compared {
  scores: GroupScore[]
  specimens: { topic: Topic; families: { family: FamilyId; count: number }[]; right: number }[]
}

/**
 * Results of one set beside one another, who knew most first.
 * @throws RangeError where they are not of one set
 */
export function compareGroup(results: readonly GroupResults[]): Compared {
  const [first] = results
  if (!first) return { scores: [], specimens: [] }
  const key = JSON.stringify(first.set)
  const other = results.find(({ set }) => JSON.stringify(set) !== key)
  if (other) throw new RangeError(`“${other.by}” answered another set: “${other.set.title}”.`)
  const specimens = specimensOf(first.set)
  const scores = results.map((one) => scoreOf(one, specimens))
  return {
    scores: scores.toSorted((a, b) => b.family - a.family || a.brier - b.brier),
    specimens: specimens.map(({ topic }, i) => ({
      topic,
      right: scores.filter(({ each }) => itemAt(each, i).familyRight).length,
      families: tallied(results.map(({ answers }) => itemAt(answers, i).family)),
    })),
  }
}

function scoreOf({ by, answers }: GroupResults, specimens: readonly SetSpecimen[]): GroupScore {
  const each = answers.map((said, i) => judgeAnswer(itemAt(specimens, i).topic, said))
  const ventured = each.filter(({ fibreRight }) => fibreRight !== null)
  const share = (some: readonly boolean[]) => some.filter(Boolean).length / some.length
  return {
    by,
    each,
    family: share(each.map(({ familyRight }) => familyRight)),
    fibre: ventured.length === 0 ? null : share(ventured.map(({ fibreRight }) => fibreRight === true)),
    brier: brier(
      answers.map(({ sure, family }, i) => ({
        at: '',
        sure,
        familyRight: itemAt(each, i).familyRight,
        fibreRight: itemAt(each, i).fibreRight,
        was: itemAt(itemAt(specimens, i).topic.families, 0),
        said: family,
      })),
    ),
  }
}

function tallied(families: readonly FamilyId[]) {
  return FAMILIES.map((family) => ({ family, count: families.filter((one) => one === family).length }))
    .filter(({ count }) => count > 0)
    .toSorted((a, b) => b.count - a.count)
}
