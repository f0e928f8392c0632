import { type Grade } from 'ts-fsrs'
import { solveLinear } from '../numbers/solveLinear'
import { recallOf, reviewCard, type KeptCard } from './schedule'
import { itemAt } from '../lists/items'

/** One answer to a topic that had been seen before: what was known beforehand, and whether it was right. */
export interface Foretold {
  before: PracticeSigns
  right: boolean
}

/** What tells beforehand whether a topic will be known. */
export interface PracticeSigns {
  /** Probability of recall by the scheduler, 0 … 1. */
  recall: number
  /** How often it was seen, and how often forgotten. */
  reps: number
  lapses: number
}

/** What was answered of one topic, the earliest first. */
export interface AnsweredOnce {
  /** ISO 8601 */
  at: string
  grade: Grade
  right: boolean
}

/** What is known of a card at a time, ISO 8601. */
export function signsOf(card: KeptCard, at: string): PracticeSigns {
  return { recall: recallOf(card, at), reps: card.reps, lapses: card.lapses }
}

/** What was known before each answer but the first: the scheduler is asked again, answer by answer. */
export function replayPractice(answers: readonly AnsweredOnce[]): (Foretold & { at: string })[] {
  let card: KeptCard | null = null
  return answers.flatMap(({ at, grade, right }) => {
    const before = card
    card = reviewCard(before, grade, at)
    return before === null ? [] : [{ at, before: signsOf(before, at), right }]
  })
}

/** Of so many answers’ weight the scheduler is believed as it is. */
const BELIEVED = 12
/** A recall is kept so far from sure and from hopeless, so that its log-odds are finite. */
const EDGE = 0.02
const ROUNDS = 20

/** How this person’s answers follow from the signs: what each multiplies, on the scale of log-odds. */
export type Calibration = readonly [shift: number, recall: number, reps: number, lapses: number]

/** The scheduler as it is. */
export const UNCHANGED: Calibration = [0, 1, 0, 0]

/** Probability that it is answered rightly now. */
export function foretoldRight(signs: PracticeSigns, weights: Calibration): number {
  const x = rowOf(signs)
  return 1 / (1 + Math.exp(-weights.reduce((sum, weight, i) => sum + weight * itemAt(x, i), 0)))
}

function rowOf({ recall, reps, lapses }: PracticeSigns): number[] {
  const p = Math.min(1 - EDGE, Math.max(EDGE, recall))
  return [1, Math.log(p / (1 - p)), Math.log1p(reps), Math.log1p(lapses)]
}

/**
 * The weights that fit what came to what was foretold (logistic regression; of one sign Platt 1999, from memory),
 * drawn towards the scheduler as it is while there is little to go by.
 */
export function calibrateForecast(history: readonly Foretold[]): Calibration {
  let now = UNCHANGED
  let loss = lossOf(now, history)
  for (let round = 0; round < ROUNDS; round++) {
    const step = stepFrom(now, history)
    let share = 1
    let next = now
    let nextLoss = loss
    // A step that overshoots is halved until it does some good.
    for (; share > LEAST_STEP; share /= 2) {
      const moved = (i: 0 | 1 | 2 | 3) => now[i] - share * (step[i] ?? 0)
      next = [moved(0), moved(1), moved(2), moved(3)]
      nextLoss = lossOf(next, history)
      if (nextLoss < loss) break
    }
    if (share <= LEAST_STEP) break
    now = next
    loss = nextLoss
  }
  return now
}

const LEAST_STEP = 1 / 64
/** As strongly as so many answers at even odds would pull towards the scheduler as it is. */
const PULL = BELIEVED / 4

function lossOf(weights: Calibration, history: readonly Foretold[]): number {
  const drawn = weights.reduce((sum, weight, i) => sum + (PULL / 2) * (weight - itemAt(UNCHANGED, i)) ** 2, 0)
  return history.reduce((sum, { before, right }) => {
    const p = foretoldRight(before, weights)
    return sum - Math.log(Math.max(1e-9, right ? p : 1 - p))
  }, drawn)
}

/** Newton’s step for every weight. */
function stepFrom(weights: Calibration, history: readonly Foretold[]): number[] {
  const n = weights.length
  // Each row the second derivatives, and at its end the first.
  const rows = weights.map((weight, i) => {
    const row = Array.from({ length: n + 1 }, (_, j) => (i === j ? PULL : 0))
    row[n] = PULL * (weight - itemAt(UNCHANGED, i))
    return row
  })
  for (const { before, right } of history) {
    const x = rowOf(before)
    const p = foretoldRight(before, weights)
    for (let i = 0; i < n; i++) {
      for (let j = 0; j < n; j++) itemAt(rows, i)[j]! += p * (1 - p) * itemAt(x, i) * itemAt(x, j)
      itemAt(rows, i)[n]! += (p - (right ? 1 : 0)) * itemAt(x, i)
    }
  }
  return solveLinear(rows)
}

/** What was foretold of some answers beside what came. */
export interface Came {
  /** Mean of what was foretold, and the share that was right. */
  foretold: number
  came: number
  count: number
}

/** Answers of either half, at least, before anything is said. */
const ENOUGH = 12
const GROUPS = 3

/**
 * How well it is foretold what this person knows: by what came of the earlier half of the answers the later half is
 * foretold, and laid beside what came of it, from what was foretold least surely on.
 * @param history in the order in which it came
 */
export function foretoldAndCame(history: readonly Foretold[]): Came[] {
  const half = history.length >> 1
  if (half < ENOUGH) return []
  const weights = calibrateForecast(history.slice(0, half))
  const later = history
    .slice(half)
    .map(({ before, right }) => ({ foretold: foretoldRight(before, weights), right }))
    .sort((a, b) => a.foretold - b.foretold)
  return Array.from({ length: GROUPS }, (_, i) => {
    const own = later.slice(Math.floor((i * later.length) / GROUPS), Math.floor(((i + 1) * later.length) / GROUPS))
    const mean = (of: (one: (typeof own)[number]) => number) =>
      own.reduce((sum, one) => sum + of(one), 0) / own.length
    return { foretold: mean((one) => one.foretold), came: mean(({ right }) => Number(right)), count: own.length }
  })
}
