import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs'
import { z } from 'zod'
import { seededRandom } from '../numbers/seededRandom'
import { type JudgedAnswer } from './judge'
import { PRACTICE_LEVELS, topics, type Topic } from './topics'
import { itemAt } from '../lists/items'

const scheduler = fsrs({ enable_fuzz: false })

/** A card of the scheduler as it is kept. */
export const CardSchema = z.strictObject({
  due: z.iso.datetime(),
  stability: z.number().min(0).max(1e6),
  difficulty: z.number().min(0).max(10),
  elapsed_days: z.number().min(0).max(1e5),
  scheduled_days: z.number().min(0).max(1e5),
  learning_steps: z.number().min(0).max(100),
  reps: z.number().int().min(0).max(100_000),
  lapses: z.number().int().min(0).max(100_000),
  state: z.number().int().min(0).max(3),
  last_review: z.iso.datetime().nullable(),
})
export type KeptCard = z.infer<typeof CardSchema>

function asKept({ due, last_review, ...rest }: Card): KeptCard {
  return CardSchema.parse({
    ...rest,
    due: due.toISOString(),
    last_review: last_review ? last_review.toISOString() : null,
  })
}

/** From here a right answer counts as known. */
const SURE = 0.75

/** How an answer is rated: right and sure, right by luck, or wrong. */
export function gradeOf({ familyRight, fibreRight }: JudgedAnswer, sure: number): Grade {
  const isRight = familyRight && fibreRight !== false
  if (!isRight) return Rating.Again
  if (fibreRight === null || sure < SURE) return Rating.Hard
  return Rating.Good
}

/**
 * The card after an answer; a topic’s first answer makes it. Scheduling: FSRS, by ts-fsrs.
 * @param at ISO 8601
 */
export function reviewCard(card: KeptCard | null, grade: Grade, at: string): KeptCard {
  return asKept(scheduler.next(card ?? createEmptyCard(at), at, grade).card)
}

/** Probability that it would be known again now, 0 … 1. */
export function recallOf(card: KeptCard, at: string): number {
  return scheduler.get_retrievability(card, at, false)
}

/** A topic that was begun. */
export interface Begun {
  topic: string
  card: KeptCard
  /** Whether its latest answers were right, the latest last. */
  right: readonly boolean[]
}

export const isDue = ({ card }: Pick<Begun, 'card'>, at: string) => card.due <= at

/** Of so many latest answers of a level so many must be right before a harder one is begun. */
const LATEST = 10
const ENOUGH_RIGHT = 0.7
/** New topics that are learned at once: more of them are muddled up. */
const MOST_NEW = 4

/**
 * What to practise next: what is likeliest to be forgotten of what is due; else something new; else what comes due
 * soonest.
 * @param fresh ids of what may be begun, the first first; @param at ISO 8601
 * @param seed of the choice between new ones
 * @returns its id; undefined where nothing was begun and nothing may be
 */
export function nextOf(
  begun: readonly Begun[],
  fresh: readonly string[],
  at: string,
  seed: number,
): string | undefined {
  const due = begun.filter((one) => isDue(one, at)).toSorted((a, b) => recallOf(a.card, at) - recallOf(b.card, at))
  const learning = begun.filter(({ card }) => card.state !== REVIEWING).length
  if (due[0] && (due.length >= MOST_NEW || fresh.length === 0 || learning >= MOST_NEW)) return due[0].topic
  if (fresh.length > 0 && learning < MOST_NEW) {
    const some = fresh.slice(0, MOST_NEW)
    return itemAt(some, Math.floor(seededRandom(seed)() * some.length))
  }
  return (due[0] ?? begun.toSorted((a, b) => (a.card.due < b.card.due ? -1 : 1))[0])?.topic
}

/** The next of things that are begun one after the other. @param inOrder their ids, what is begun first first */
export function nextInOrder(
  begun: readonly Begun[],
  inOrder: readonly string[],
  at: string,
  seed: number,
): string | undefined {
  const known = new Set(begun.map(({ topic }) => topic))
  const fresh = inOrder.filter((id) => !known.has(id))
  return nextOf(begun, fresh, at, seed)
}

const REVIEWING = 2

/** The next specimen to practise on, no harder than skill allows. @param at ISO 8601 */
export function nextTopic(begun: readonly Begun[], at: string, seed: number): Topic {
  const fresh = freshTopics(begun).map(({ id }) => id)
  const id = nextOf(begun, fresh, at, seed)
  return topics.find((topic) => topic.id === id) ?? itemAt(topics, 0)
}

/** Topics that were not begun yet, of the hardest level that is open. */
function freshTopics(begun: readonly Begun[]): Topic[] {
  const known = new Set(begun.map(({ topic }) => topic))
  for (const level of PRACTICE_LEVELS) {
    const own = topics.filter((topic) => topic.level === level)
    const fresh = own.filter(({ id }) => !known.has(id))
    if (fresh.length > 0) return fresh
    const latest = begun
      .filter(({ topic }) => own.some(({ id }) => id === topic))
      .flatMap(({ right }) => right.slice(-2))
    const share = latest.slice(-LATEST).filter(Boolean).length / Math.max(1, Math.min(LATEST, latest.length))
    if (share < ENOUGH_RIGHT) return []
  }
  return []
}
