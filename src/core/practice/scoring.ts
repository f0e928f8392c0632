import { type FamilyId } from '../vocabulary/fibres'

/** One answer that was given, for scoring. */
export interface Given {
  /** ISO 8601. */
  at: string
  sure: number
  familyRight: boolean
  fibreRight: boolean | null
  was: FamilyId
  said: FamilyId
}

/** Answers of one sureness beside how often they were right: a point of a reliability diagram. */
export interface Reliability {
  /** Mean of what was claimed. */
  claimed: number
  /** Share that was right, with its doubt (the posterior mean and deviation under a flat prior). */
  right: number
  sd: number
  count: number
}

/** Nothing is as sure as never to be wrong: so much the log score allows at most. */
const LEAST = 0.01

const mean = (all: readonly number[]) => (all.length === 0 ? 0 : all.reduce((sum, one) => sum + one, 0) / all.length)

/** Mean square of what was claimed less what came (Brier, 1950): 0 the best, 0.25 for always "half". */
export function brier(all: readonly Given[]): number {
  return mean(all.map(({ sure, familyRight }) => (sure - Number(familyRight)) ** 2))
}

/** Mean of the logarithm of what was given to what came, to base 2: 0 the best, −1 for always "half". */
export function logScore(all: readonly Given[]): number {
  return mean(all.map(({ sure, familyRight }) => Math.log2(Math.max(LEAST, familyRight ? sure : 1 - sure))))
}

/** How sure somebody was beside how often they were right, by what they claimed. */
export function reliability(all: readonly Given[]): Reliability[] {
  const claims = [...new Set(all.map(({ sure }) => sure))].sort((a, b) => a - b)
  return claims.map((claimed) => {
    const own = all.filter(({ sure }) => sure === claimed)
    const good = own.filter(({ familyRight }) => familyRight).length
    const count = own.length
    const right = (good + 1) / (count + 2)
    return { claimed, right: good / count, sd: Math.sqrt((right * (1 - right)) / (count + 3)), count }
  })
}

/** Which families were taken for which, the most frequent first; what was right is left out. */
export function confusions(all: readonly Given[]): { was: FamilyId; said: FamilyId; count: number }[] {
  const counts = new Map<string, { was: FamilyId; said: FamilyId; count: number }>()
  for (const { was, said, familyRight } of all) {
    if (familyRight) continue
    const key = `${was} ${said}`
    const before = counts.get(key) ?? { was, said, count: 0 }
    counts.set(key, { ...before, count: before.count + 1 })
  }
  return [...counts.values()].sort((a, b) => b.count - a.count)
}

export interface Score {
  count: number
  /** Shares that were right; of fibres, of those that were ventured. */
  family: number
  fibre: number | null
  brier: number
  log: number
}

export function practiceScoreOf(all: readonly Given[]): Score {
  const ventured = all.filter(({ fibreRight }) => fibreRight !== null)
  return {
    count: all.length,
    family: mean(all.map(({ familyRight }) => Number(familyRight))),
    fibre: ventured.length === 0 ? null : mean(ventured.map(({ fibreRight }) => Number(fibreRight))),
    brier: brier(all),
    log: logScore(all),
  }
}

/** What somebody was at first, and is now: the first and the second half of their answers in the order of time. */
export function beforeAndAfter(all: readonly Given[]): { before: Score; after: Score } {
  const inOrder = all.toSorted((a, b) => (a.at < b.at ? -1 : 1))
  const half = Math.floor(inOrder.length / 2)
  return { before: practiceScoreOf(inOrder.slice(0, half)), after: practiceScoreOf(inOrder.slice(half)) }
}

/** What somebody’s sureness is worth, in a sentence. */
export function calibrationWords(all: readonly Given[]): string {
  if (all.length < FEW)
    return `After ${FEW - all.length} more answers we can say how well you judge your own certainty.`
  const claimed = mean(all.map(({ sure }) => sure))
  const { family } = practiceScoreOf(all)
  const [says, is] = [claimed, family].map((one) => `${Math.round(one * 100)} %`)
  if (Math.abs(claimed - family) <= CALIBRATED)
    return `You say ${says} on average and are right in ${is}: well judged.`
  return claimed > family
    ? `You say ${says} on average and are right in ${is}: you are too sure.`
    : `You say ${says} on average and are right in ${is}: you know more than you think.`
}

/** Fewer answers than these say nothing; and how near is well judged. */
const FEW = 10
const CALIBRATED = 0.07
