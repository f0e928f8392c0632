import { seededRandom } from '@/core/numbers/seededRandom'
import { type JudgedAnswer } from '@/core/practice/judge'
import { topics, type Topic } from '@/core/practice/topics'

/**
 * Somebody who learns, modelled apart from the trainer: each topic has a half-life of its own, which grows when it is
 * known again after a while and shrinks when it is not; what is forgotten is guessed, families more often rightly than
 * fibres. From memory of the literature on forgetting (exponential, with a spacing effect); the figures are ours.
 */
export interface Learner {
  /** Chance that the family, and that the fibre of a topic are said rightly at a time, days. */
  knows(topic: Topic, day: number): { family: number; fibre: number }
  /** Answers once, and is told. */
  answers(topic: Topic, day: number): JudgedAnswer & { sure: number }
  /** Chance of recall itself, without luck; undefined of what was never seen. */
  recalls(topic: Topic, day: number): number | undefined
}

interface Trace {
  halfLife: number
  seen: number
}

/** Days after a first sight until it is known as often as not, by how hard a level is. */
const FIRST_HALF_LIFE = 1.6
const HARDER = 0.85
/** Grows by so much at most when it comes back after a half-life, and by little when it comes back at once. */
const GROWS = 2.6
const SHRINKS = 0.6
/** Luck without knowledge: one family of five, one fibre of a dozen. */
const [LUCK_FAMILY, LUCK_FIBRE] = [0.35, 0.08]
/** Even of what is known some burns mislead the nose. */
const MISLED = { family: 0.04, fibre: 0.12 }

export function learnerOf(seed: number): Learner {
  const chance = seededRandom(seed)
  const traces = new Map<string, Trace>()
  // Some have a better memory.
  const gift = 0.7 + 0.6 * chance()
  const levelOf = ({ level }: Topic) => topics.findIndex((one) => one.level === level) / topics.length
  const recallOf = ({ id }: Topic, day: number) => {
    const trace = traces.get(id)
    return trace && 2 ** (-(day - trace.seen) / trace.halfLife)
  }
  const knows = (topic: Topic, day: number) => {
    const recall = recallOf(topic, day) ?? 0
    const of = (luck: number, misled: number) => (recall + (1 - recall) * luck) * (1 - misled)
    return { family: of(LUCK_FAMILY, MISLED.family), fibre: of(LUCK_FIBRE, MISLED.fibre) }
  }
  return {
    knows,
    recalls: recallOf,
    answers(topic, day) {
      const { family, fibre } = knows(topic, day)
      const at = chance()
      const judged = { familyRight: at < family, fibreRight: at < fibre }
      const recall = recallOf(topic, day)
      const before = traces.get(topic.id)
      const first = FIRST_HALF_LIFE * gift * (1 - (1 - HARDER) * levelOf(topic) * 4)
      const isKnown = judged.fibreRight
      // After long it does most good: at once it does next to none.
      const halfLife =
        before === undefined
          ? first
          : isKnown
            ? before.halfLife * (1 + (GROWS - 1) * (1 - recall!) ** 0.5)
            : Math.max(first, before.halfLife * SHRINKS)
      traces.set(topic.id, { halfLife, seen: day })
      return { ...judged, sure: Math.min(0.95, Math.max(0.5, 0.5 + 0.45 * (recall ?? 0))) }
    },
  }
}
