import { Rating } from 'ts-fsrs'
import { seededRandom } from '../numbers/seededRandom'
import {
  calibrateForecast,
  foretoldAndCame,
  foretoldRight,
  replayPractice,
  signsOf,
  UNCHANGED,
  type Foretold,
  type PracticeSigns,
} from './foretold'
import { recallOf, reviewCard } from './schedule'

const AT = '2026-05-02T10:00:00.000Z'
const later = (days: number) => new Date(Date.parse(AT) + days * 86_400_000).toISOString()
const signs = (recall: number, rest: Partial<PracticeSigns> = {}): PracticeSigns => ({
  recall,
  reps: 3,
  lapses: 0,
  ...rest,
})

/** Answers that come as a memory has it which is other than the scheduler’s. */
function history(count: number, chanceOfRight: (of: PracticeSigns) => number, seed = 3): Foretold[] {
  const chance = seededRandom(seed)
  return Array.from({ length: count }, () => {
    const before = signs(0.3 + 0.69 * chance(), {
      reps: 1 + Math.floor(chance() * 9),
      lapses: Math.floor(chance() * 3),
    })
    return { before, right: chance() < chanceOfRight(before) }
  })
}

it('believes the scheduler as long as there is nothing to go by', () => {
  expect(calibrateForecast([])).toEqual(UNCHANGED)
  for (const recall of [0.2, 0.5, 0.9]) expect(foretoldRight(signs(recall), UNCHANGED)).toBeCloseTo(recall, 9)
  const few = calibrateForecast(history(4, () => 0))
  expect(foretoldRight(signs(0.9), few)).toBeGreaterThan(0.4)
})

it('learns from what came: a memory that keeps less, and one that keeps the often seen', () => {
  const poor = calibrateForecast(history(400, ({ recall }) => recall * 0.6))
  expect(foretoldRight(signs(0.9), poor)).toBeCloseTo(0.54, 1)
  const practised = calibrateForecast(history(600, ({ reps }) => Math.min(0.95, 0.3 + 0.08 * reps)))
  const of = (reps: number) => foretoldRight(signs(0.8, { reps }), practised)
  expect(of(8) - of(1)).toBeGreaterThan(0.3)
})

it('is never further off than the scheduler, on what it learned from', () => {
  const loss = (of: readonly Foretold[], weights: typeof UNCHANGED) =>
    of.reduce(
      (sum, { before, right }) => sum - Math.log(Math.abs(foretoldRight(before, weights) - (right ? 0 : 1))),
      0,
    )
  for (let seed = 1; seed <= 12; seed++) {
    const came = history(80, ({ recall, lapses }) => recall * 0.9 ** lapses, seed)
    expect(loss(came, calibrateForecast(came))).toBeLessThanOrEqual(loss(came, UNCHANGED) + 1e-9)
  }
})

it('stands answers that all went one way', () => {
  for (const right of [true, false]) {
    const weights = calibrateForecast(history(200, () => Number(right)))
    expect(weights.every(Number.isFinite)).toBe(true)
    expect(foretoldRight(signs(0.7), weights)).toBeGreaterThan(right ? 0.9 : -1)
    expect(foretoldRight(signs(0.7), weights)).toBeLessThan(right ? 2 : 0.1)
  }
})

it('asks the scheduler again, answer by answer, for all but the first', () => {
  const answers = [0, 1, 5].map((day) => ({ at: later(day), grade: Rating.Good, right: day !== 5 }) as const)
  const found = replayPractice(answers)
  expect(found.map(({ right }) => right)).toEqual([true, false])
  const first = reviewCard(null, Rating.Good, AT)
  expect(found[0]!.before).toEqual(signsOf(first, later(1)))
  expect(found[0]!.before.recall).toBeCloseTo(recallOf(first, later(1)), 9)
  expect(replayPractice(answers.slice(0, 1))).toEqual([])
})

it('says nothing of few answers, and lays the later half beside what came of it', () => {
  expect(foretoldAndCame(history(20, () => 0.5))).toEqual([])
  const all = foretoldAndCame(history(600, ({ recall }) => recall))
  expect(all).toHaveLength(3)
  expect(all.reduce((sum, { count }) => sum + count, 0)).toBe(300)
  expect(all.map(({ foretold }) => foretold)).toEqual(all.map(({ foretold }) => foretold).toSorted((a, b) => a - b))
  for (const { foretold, came } of all) expect(Math.abs(foretold - came)).toBeLessThan(0.12)
})
