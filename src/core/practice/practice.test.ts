import { Rating } from 'ts-fsrs'
import { identify } from '../identify/identify'
import { burnFeatures } from '../identify/features'
import { commonReporter } from '../identify/reporter'
import { features } from '../identify/features'
import { type FamilyId, type FibreId } from '../vocabulary/fibres'
import { judgeAnswer } from './judge'
import { gradeOf, isDue, nextTopic, recallOf, reviewCard, type Begun } from './schedule'
import {
  beforeAndAfter,
  brier,
  calibrationWords,
  confusions,
  logScore,
  reliability,
  practiceScoreOf,
  type Given,
} from './scoring'
import { burnOf } from './specimen'
import { PRACTICE_LEVELS, topicById, topics } from './topics'

const AT = '2026-05-02T10:00:00.000Z'
const later = (days: number) => new Date(Date.parse(AT) + days * 86_400_000).toISOString()
const topic = (id: string) => topicById(id)!

describe('warp and weft, finishes, and burns that mislead', () => {
  it('burns the warp and the weft of a union apart, each as its fibre', () => {
    const burn = burnOf(topic('union:silk/cotton'), 5)
    const sets = burn.map(({ part }) => part)
    expect(sets.filter((part) => part === 'warp')).toHaveLength(burnFeatures.length)
    expect(sets.filter((part) => part === 'weft')).toHaveLength(burnFeatures.length)
    const many = Array.from({ length: 150 }, (_, seed) => burnOf(topic('union:silk/cotton'), seed))
    const share = (part: 'warp' | 'weft', state: string) =>
      many.filter((one) => one.some((seen) => seen.part === part && seen.states.includes(state))).length / many.length
    expect(share('warp', 'hair-feather')).toBeGreaterThan(0.6)
    expect(share('weft', 'paper')).toBeGreaterThan(0.5)
    expect(share('weft', 'hair-feather')).toBeLessThan(0.1)
  })
  it('hides what a finish hides: flame-proofed cotton dies at once, where cotton burns on', () => {
    const OUT = ['dies-at-once', 'never-lit']
    const dies = (id: string) =>
      Array.from({ length: 100 }, (_, seed) => burnOf(topic(id), seed)).filter((burn) =>
        // What does not catch at all goes out at once as well.
        burn.some(
          ({ feature, states }) => feature === 'after-removal' && states.some((state) => OUT.includes(state)),
        ),
      ).length
    expect(dies('finish:flame-proofed')).toBeGreaterThan(60)
    expect(dies('cotton')).toBeLessThan(15)
  })
  it('misleads: the bench itself is led astray more often than by an honest burn', () => {
    const right = (id: string, family: string) =>
      Array.from({ length: 15 }, (_, seed) => identify({ observations: burnOf(topic(id), seed) })).filter(
        ({ families }) => families.toSorted((a, b) => b.present - a.present)[0]!.id === family,
      ).length
    expect(right('misleading:silk', 'protein')).toBeLessThan(right('silk', 'protein'))
    expect(right('silk', 'protein')).toBeGreaterThan(12)
  })
  it('judges either family of a union, both its fibres, and no fibre under a finish', () => {
    const of = (id: string, family: FamilyId, fibres: FibreId[]) =>
      judgeAnswer(topic(id), { family, fibres, sure: 0.8 })
    expect(of('union:cotton/wool', 'plant', ['wool', 'cotton'])).toEqual({ familyRight: true, fibreRight: true })
    expect(of('union:cotton/wool', 'protein', ['wool'])).toEqual({ familyRight: true, fibreRight: false })
    expect(of('union:cotton/wool', 'synthetic', [])).toEqual({ familyRight: false, fibreRight: null })
    expect(of('finish:flame-proofed', 'plant', ['linen'])).toEqual({ familyRight: true, fibreRight: null })
    expect(of('finish:flame-proofed', 'protein', [])).toEqual({ familyRight: false, fibreRight: null })
  })
})

describe('topics', () => {
  it('are told apart by their ids, the easiest level first', () => {
    expect(new Set(topics.map(({ id }) => id)).size).toBe(topics.length)
    const levels = topics.map(({ level }) => PRACTICE_LEVELS.indexOf(level))
    expect(levels).toEqual(levels.toSorted((a, b) => a - b))
    expect(new Set(levels).size).toBe(PRACTICE_LEVELS.length)
  })
})

describe('a specimen', () => {
  it('burns the same way for the same seed, and another way for another', () => {
    expect(burnOf(topic('silk'), 7)).toEqual(burnOf(topic('silk'), 7))
    const ways = new Set(Array.from({ length: 20 }, (_, seed) => JSON.stringify(burnOf(topic('silk'), seed))))
    expect(ways.size).toBeGreaterThan(10)
  })
  it('says something of every stage, in the words of the bench', () => {
    const burn = burnOf(topic('cotton+polyester'), 3)
    expect(burn.map(({ feature }) => feature)).toEqual(burnFeatures.map(({ id }) => id))
    expect(() => identify({ observations: burn })).not.toThrow()
  })
  it('is drawn as often as the bench reckons with', () => {
    const smell = burnFeatures.findIndex(({ id }) => id === 'smell')
    const many = 3000
    const hair = Array.from({ length: many }, (_, seed) => burnOf(topic('wool'), seed)[smell]!.states).filter(
      (states) => states.includes('hair-feather'),
    ).length
    const at = features.findIndex(({ id }) => id === 'smell')
    const state = features[at]!.states.findIndex(({ id }) => id === 'hair-feather')
    const row = commonReporter.tablesOf(topic('wool').components).probabilities[at]!
    expect(hair / many).toBeGreaterThan(row[state]! - 0.03)
    expect(hair / many).toBeLessThan(row[state]! + 0.06)
  })
  it('is mostly what the bench takes it for', () => {
    const pure = topics.filter(({ level }) => level === 'pure')
    const right = pure.flatMap((one) =>
      [1, 2, 3].map((seed) => {
        const { families } = identify({ observations: burnOf(one, seed) })
        return families.toSorted((a, b) => b.only - a.only)[0]!.id === one.families[0]
      }),
    )
    expect(right.filter(Boolean).length / right.length).toBeGreaterThan(0.85)
  })
})

describe('an answer', () => {
  it.each([
    ['silk', { family: 'protein', fibres: ['silk'] }, true, true],
    ['silk', { family: 'protein', fibres: ['wool'] }, true, false],
    ['silk', { family: 'protein', fibres: [] }, true, null],
    ['silk', { family: 'synthetic', fibres: [] }, false, null],
    ['cotton+polyester', { family: 'plant', fibres: ['polyester', 'cotton'] }, true, true],
    ['cotton+polyester', { family: 'plant', fibres: ['cotton'] }, true, false],
  ] as const)('%s said to be %j', (id, said, familyRight, fibreRight) => {
    expect(judgeAnswer(topic(id), { ...said, sure: 0.8 })).toEqual({ familyRight, fibreRight })
  })
  it.each([
    [{ familyRight: true, fibreRight: true }, 0.9, Rating.Good],
    [{ familyRight: true, fibreRight: true }, 0.5, Rating.Hard],
    [{ familyRight: true, fibreRight: null }, 0.99, Rating.Hard],
    [{ familyRight: true, fibreRight: false }, 0.9, Rating.Again],
    [{ familyRight: false, fibreRight: null }, 0.9, Rating.Again],
  ] as const)('%j at %d is graded', (right, sure, grade) => {
    expect(gradeOf(right, sure)).toBe(grade)
  })
})

describe('again next week', () => {
  it('comes later and later while it is known, and at once when it is not', () => {
    let card = reviewCard(null, Rating.Good, AT)
    let at = card.due
    const gaps: number[] = []
    for (let i = 0; i < 5; i++) {
      const next = reviewCard(card, Rating.Good, at)
      gaps.push(Date.parse(next.due) - Date.parse(at))
      card = next
      at = next.due
    }
    expect(gaps.slice(1)).toEqual(gaps.slice(1).toSorted((a, b) => a - b))
    expect(gaps.at(-1)).toBeGreaterThan(7 * 86_400_000)
    const forgotten = reviewCard(card, Rating.Again, at)
    expect(Date.parse(forgotten.due) - Date.parse(at)).toBeLessThan(86_400_000)
    const after = (days: number) => new Date(Date.parse(card.last_review!) + days * 86_400_000).toISOString()
    expect(recallOf(card, after(0.1))).toBeGreaterThan(recallOf(card, after(200)))
  })
  const begun = (id: string, due: string, right = [true, true], grade: Rating.Good | Rating.Again = Rating.Good) => {
    const card = reviewCard(reviewCard(null, Rating.Good, later(-30)), grade, later(-20))
    return { topic: id, card: { ...card, due, state: 2 }, right } satisfies Begun
  }
  it('begins with the easy ones, few at a time', () => {
    expect(topic(nextTopic([], AT, 1).id).level).toBe('pure')
    expect(nextTopic([], AT, 1)).toEqual(nextTopic([], AT, 1))
    const four = topics
      .slice(0, 4)
      .map(({ id }) => ({ ...begun(id, later(1)), card: { ...begun(id, later(1)).card, state: 1 } }))
    expect(four.map((one) => one.topic)).toContain(nextTopic(four, AT, 1).id)
  })
  it('opens a harder level once the easier is known, and not before', () => {
    const pure = topics.filter(({ level }) => level === 'pure')
    const known = pure.map(({ id }) => begun(id, later(5)))
    expect(nextTopic(known, AT, 1).level).toBe('lookalike')
    const muddled = pure.map(({ id }) => begun(id, later(5), [false, false]))
    expect(nextTopic(muddled, AT, 1).level).toBe('pure')
  })
  it('takes what is likeliest to be forgotten, where several are due', () => {
    const all = topics.map(({ id }, i) => begun(id, later(-1), [true, true], i === 5 ? Rating.Again : Rating.Good))
    expect(nextTopic(all, AT, 1).id).toBe(topics[5]!.id)
    expect(isDue({ card: all[0]!.card }, AT)).toBe(true)
    expect(isDue({ card: { ...all[0]!.card, due: later(1) } }, AT)).toBe(false)
  })
})

describe('the score', () => {
  const given = (sure: number, familyRight: boolean, more: Partial<Given> = {}): Given => ({
    at: AT,
    sure,
    familyRight,
    fibreRight: familyRight,
    was: 'protein',
    said: familyRight ? 'protein' : 'synthetic',
    ...more,
  })
  it('is Brier’s and the logarithm, as their formulas have it', () => {
    expect(brier([given(0.8, true), given(0.8, false)])).toBeCloseTo((0.04 + 0.64) / 2, 10)
    expect(logScore([given(0.5, true), given(0.5, false)])).toBeCloseTo(-1, 10)
    expect(logScore([given(1, false)])).toBeCloseTo(Math.log2(0.01), 10)
  })
  it('counts shares, of fibres only those that were ventured', () => {
    const { family, fibre } = practiceScoreOf([
      given(0.9, true),
      given(0.9, true, { fibreRight: null }),
      given(0.9, false),
    ])
    expect(family).toBeCloseTo(2 / 3, 10)
    expect(fibre).toBeCloseTo(1 / 2, 10)
    expect(practiceScoreOf([given(0.9, true, { fibreRight: null })]).fibre).toBeNull()
  })
  it('lays what was claimed beside what came', () => {
    const all = [...Array(8).fill(given(0.8, true)), ...Array(2).fill(given(0.8, false)), given(0.5, false)]
    expect(reliability(all).map(({ claimed, right, count }) => [claimed, right, count])).toEqual([
      [0.5, 0, 1],
      [0.8, 0.8, 10],
    ])
    expect(reliability(all)[0]!.sd).toBeGreaterThan(reliability(all)[1]!.sd)
  })
  it('names what is taken for what, the most frequent first', () => {
    const all = [
      given(0.8, false),
      given(0.8, false),
      given(0.8, false, { was: 'plant', said: 'protein' }),
      given(0.8, true),
    ]
    expect(confusions(all)).toEqual([
      { was: 'protein', said: 'synthetic', count: 2 },
      { was: 'plant', said: 'protein', count: 1 },
    ])
  })
  it('tells before from after by time, and says what sureness is worth', () => {
    const all = [given(0.8, true, { at: later(1) }), given(0.8, false)]
    expect(beforeAndAfter(all)).toMatchObject({ before: { family: 0 }, after: { family: 1 } })
    const of = (sure: number, right: number) =>
      calibrationWords(Array.from({ length: 20 }, (_, i) => given(sure, i < right)))
    expect(of(0.8, 16)).toMatch(/well judged/)
    expect(of(0.99, 12)).toMatch(/you are too sure/)
    expect(of(0.5, 18)).toMatch(/more than you think/)
    expect(calibrationWords([given(0.8, true)])).toMatch(/9 more answers/)
  })
})
