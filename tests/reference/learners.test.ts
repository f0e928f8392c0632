import { seededRandom } from '@/core/numbers/seededRandom'
import { calibrateForecast, foretoldRight, signsOf, type Foretold } from '@/core/practice/foretold'
import { gradeOf, nextTopic, reviewCard, type Begun, type KeptCard } from '@/core/practice/schedule'
import { topics, type Topic } from '@/core/practice/topics'
import { learnerOf, type Learner } from '../support/learner'

// Learners whose memory was modelled apart from the trainer: twenty cards a day.
const PER_DAY = 20
const START = Date.parse('2026-05-02T10:00:00.000Z')
const at = (day: number) => new Date(START + day * 86_400_000).toISOString()
const SEEDS = [1, 2, 3, 4]

interface Run {
  learner: Learner
  /** Answers to what had been seen before. */
  history: Foretold[]
  count: number
}

/** @param until that the learner is asked after every fifth card; @param most cards */
function practise(
  seed: number,
  how: 'trainer' | 'random',
  most: number,
  until: (run: Run, day: number) => boolean,
): Run {
  const chance = seededRandom(seed + 99)
  const run: Run = { learner: learnerOf(seed), history: [], count: 0 }
  const cards = new Map<string, { card: KeptCard; right: boolean[] }>()
  const next = (day: number): Topic => {
    if (how === 'random') return topics[Math.floor(chance() * topics.length)]!
    const begun = [...cards].map(([topic, one]): Begun => ({ topic, ...one }))
    return nextTopic(begun, at(day), Math.floor(chance() * 1e9))
  }
  while (run.count < most) {
    const day = Math.floor(run.count / PER_DAY) + (run.count % PER_DAY) / 1440
    const topic = next(day)
    const known = cards.get(topic.id)
    const { sure, ...judged } = run.learner.answers(topic, day)
    const right = judged.familyRight && judged.fibreRight !== false
    if (known) run.history.push({ before: signsOf(known.card, at(day)), right })
    const card = reviewCard(known?.card ?? null, gradeOf(judged, sure), at(day))
    cards.set(topic.id, { card, right: [...(known?.right ?? []), right] })
    run.count++
    if (run.count % 5 === 0 && until(run, day)) break
  }
  return run
}

const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length

/** Nine families and three quarters of the fibres of all that is practised, luck and misled noses counted. */
function isThere({ learner }: Run, day: number): boolean {
  const share = (of: 'family' | 'fibre') => mean(topics.map((topic) => learner.knows(topic, day)[of]))
  return share('family') >= 0.9 && share('fibre') >= 0.75
}

it('brings learners to nine families of ten and three fibres of four in three fifths of a random order’s cards', () => {
  const counts = (how: 'trainer' | 'random') => SEEDS.map((seed) => practise(seed, how, 4000, isThere).count)
  const [trained, random] = [counts('trainer'), counts('random')]
  expect(Math.max(...random)).toBeLessThan(4000)
  expect(mean(trained) / mean(random)).toBeLessThanOrEqual(0.6)
})

it('foretells what a learner knows to within a twentieth, once it has seen them answer', () => {
  const later = SEEDS.flatMap((seed) => {
    const { history } = practise(seed, 'trainer', 1200, () => false)
    const half = history.length >> 1
    const weights = calibrateForecast(history.slice(0, half))
    return history.slice(half).map(({ before, right }) => ({ said: foretoldRight(before, weights), right }))
  }).sort((a, b) => a.said - b.said)
  const groups = Array.from({ length: 8 }, (_, i) =>
    later.slice((i * later.length) / 8, ((i + 1) * later.length) / 8).map(({ said, right }) => [said, Number(right)]),
  )
  const off = groups.map((group) =>
    Math.abs(mean(group.map(([said]) => said!)) - mean(group.map(([, right]) => right!))),
  )
  expect(mean(off)).toBeLessThan(0.05)
  expect(Math.abs(mean(later.map(({ said }) => said)) - mean(later.map(({ right }) => Number(right))))).toBeLessThan(
    0.05,
  )
})
