import { burnFeatures, otherFeatures } from '@/core/identify/features'
import { identify, type Answer } from '@/core/identify/identify'
import { fibreById } from '@/core/fibres/catalogue'
import { type Observation } from '@/core/identify/types'
import { dice } from '../support/seen'
import { bestPossible } from '../support/simulator/bestPossible'
import { type Cloth } from '../support/simulator/cloths'
import { calibrationOf, hasFamily, isRight, UNSEEN, type Calibration, type Said } from '../support/simulator/judging'
import { drawCase, report, reportAll, type Case } from '../support/simulator/specimens'

const BURN = burnFeatures.map(({ id }) => id)
const ALL = [...BURN, ...otherFeatures.map(({ id }) => id)]

export interface Accuracy {
  what: string
  cases: number
  verdicts: Calibration
  families: Calibration
  fibres: Calibration
  /** By level: how many verdicts, and how many of them right. */
  levels: Record<string, { said: number; right: number }>
  /** Share of cases whose likeliest answer is right, beside the best that anybody could do. */
  top: Record<'plastic' | 'families' | 'fibres', { ours: number; best: number }>
}

/** Fibres that are more than a trace, as a key. */
const fibreKey = (cloth: Cloth) =>
  cloth
    .filter(([, share]) => share > UNSEEN)
    .map(([fibre]) => fibre)
    .sort()
    .join('+')
const familyKey = (cloth: Cloth) =>
  [...new Set(cloth.filter(([, share]) => share > UNSEEN).map(([fibre]) => fibreById(fibre).family))].sort().join('+')

/** The likeliest value of a key under the program's answer; a trace beside loud fibres does not count. */
function likeliest(answer: Answer, key: (cloth: Cloth) => string): string {
  const masses = new Map<string, number>()
  for (const { fibres, probability } of answer.hypotheses) {
    const loud = fibres.filter(
      ({ id, share }) =>
        share === 'all' || share === 'even' || share === 'main' || !['elastane', 'metallic'].includes(id),
    )
    const one = key(loud.map(({ id }) => [id, 1] as const))
    masses.set(one, (masses.get(one) ?? 0) + probability)
  }
  return [...masses].sort((a, b) => b[1] - a[1])[0]![0]
}

/** Calibration and accuracy over `count` imaginary cloths, each burnt once and answered in full. */
export function accuracyOver(
  what: string,
  list: readonly string[],
  count: number,
  seed: number,
  best?: ReturnType<typeof bestPossible>,
): Accuracy {
  const chance = dice(seed)
  const said: Record<'verdicts' | 'families' | 'fibres', Said[]> = { verdicts: [], families: [], fibres: [] }
  const levels: Accuracy['levels'] = {}
  const hits = { plastic: { ours: 0, best: 0 }, families: { ours: 0, best: 0 }, fibres: { ours: 0, best: 0 } }
  for (let i = 0; i < count; i++) {
    const one = drawCase(chance)
    const observations = reportAll(one, list, chance)
    const answer = identify({ observations })
    const right = isRight(answer.verdict, one.cloth)
    const level = (levels[answer.verdict.level] ??= { said: 0, right: 0 })
    level.said += 1
    if (right) level.right += 1
    if (answer.verdict.level !== 'undecided')
      said.verdicts.push({ probability: answer.verdict.probability, so: right })
    for (const { id, present } of answer.families)
      said.families.push({ probability: present, so: hasFamily(one.cloth, id) })
    for (const { id, present } of answer.fibres)
      said.fibres.push({ probability: present, so: one.cloth.some(([fibre]) => fibre === id) })
    const plastic = hasFamily(one.cloth, 'synthetic')
    const ours = answer.families.find(({ id }) => id === 'synthetic')!.present
    if (ours > 0.5 === plastic) hits.plastic.ours += 1
    if (likeliest(answer, familyKey) === familyKey(one.cloth)) hits.families.ours += 1
    if (likeliest(answer, fibreKey) === fibreKey(one.cloth)) hits.fibres.ours += 1
    if (best) {
      const masses = best(observations)
      if (masses.where((cloth) => hasFamily(cloth, 'synthetic')) > 0.5 === plastic) hits.plastic.best += 1
      if (masses.likeliest(familyKey) === familyKey(one.cloth)) hits.families.best += 1
      if (masses.likeliest(fibreKey) === fibreKey(one.cloth)) hits.fibres.best += 1
    }
  }
  const share = ({ ours, best: most }: { ours: number; best: number }) => ({ ours: ours / count, best: most / count })
  return {
    what,
    cases: count,
    levels,
    verdicts: calibrationOf(said.verdicts),
    families: calibrationOf(said.families),
    fibres: calibrationOf(said.fibres),
    top: { plastic: share(hits.plastic), families: share(hits.families), fibres: share(hits.fibres) },
  }
}

/**
 * How many tests each order takes to the first verdict of 0.8, and to a right one; the length of the list where none
 * comes.
 */
export function testsNeeded(
  count: number,
  seed: number,
): { fixed: number[]; suggested: number[]; wrong: { fixed: number; suggested: number } } {
  const chance = dice(seed)
  const fixed: number[] = []
  const suggested: number[] = []
  const wrong = { fixed: 0, suggested: 0 }
  for (let i = 0; i < count; i++) {
    const one = drawCase(chance)
    const plain = untilVerdict(one, (_, step) => ALL[step], chance)
    const advised = untilVerdict(
      one,
      (answer, _, asked) =>
        answer.next.find(({ feature }) => !asked.has(feature))?.feature ?? ALL.find((id) => !asked.has(id)),
      chance,
    )
    fixed.push(plain.steps)
    suggested.push(advised.steps)
    if (!plain.right) wrong.fixed += 1
    if (!advised.right) wrong.suggested += 1
  }
  return { fixed, suggested, wrong }
}

function untilVerdict(
  one: Case,
  choose: (answer: Answer, step: number, asked: ReadonlySet<string>) => string | undefined,
  chance: () => number,
): { steps: number; right: boolean } {
  const observations: Observation[] = []
  const asked = new Set<string>()
  for (let step = 0; ; step++) {
    const answer = identify({ observations })
    if (answer.verdict.level !== 'undecided') return { steps: step, right: isRight(answer.verdict, one.cloth) }
    const feature = choose(answer, step, asked)
    if (feature === undefined) return { steps: ALL.length, right: true }
    asked.add(feature)
    const seen = report(one, feature, chance)
    if (seen) observations.push(seen)
  }
}

export const median = (list: readonly number[]) => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!

/** Prints the accuracy of the program under the simulator; every number of it follows from fixed seeds. */
export function printAccuracy(): void {
  const best = bestPossible(15_000, 3)
  const percent = (value: number) => `${(value * 100).toFixed(1)} %`
  for (const accuracy of [
    accuracyOver('the burn alone', BURN, 400, 21, best),
    accuracyOver('the burn and every other test', ALL, 400, 22, best),
  ]) {
    console.log(`\nSimulated specimens, ${accuracy.what} (${accuracy.cases} cloths)`)
    for (const [name, { error, brier, logScore }] of [
      ['verdicts', accuracy.verdicts],
      ['families present', accuracy.families],
      ['fibres present', accuracy.fibres],
    ] as const) {
      console.log(
        `  ${name.padEnd(18)} calibration error ${error.toFixed(3)}   Brier ${brier.toFixed(4)}   log score ` +
          `${logScore.toFixed(4)} nats`,
      )
    }
    console.log(
      `  verdicts by level: ${Object.entries(accuracy.levels)
        .map(([level, { said, right }]) => `${level} ${right} right of ${said}`)
        .join(', ')}`,
    )
    console.log(
      `  likeliest answer right: ${Object.entries(accuracy.top)
        .map(([level, { ours, best: most }]) => `${level} ${percent(ours)} (best possible ${percent(most)})`)
        .join(', ')}`,
    )
    console.log('  reliability of verdicts and families: said → so (how many)')
    for (const [name, { bands }] of [
      ['verdicts', accuracy.verdicts],
      ['families', accuracy.families],
    ] as const) {
      console.log(
        `    ${name.padEnd(9)} ${bands
          .filter(({ count }) => count > 0)
          .map(({ said, so, count }) => `${said.toFixed(2)}→${so.toFixed(2)} (${count})`)
          .join('  ')}`,
      )
    }
  }
  const { fixed, suggested, wrong } = testsNeeded(200, 23)
  console.log(
    `\nTests to a verdict of 0.8: suggested order ${median(suggested)}, fixed order ${median(fixed)} at the ` +
      `median: ${percent(median(suggested) / median(fixed))}; wrong verdicts on the way ${wrong.suggested} and ` +
      `${wrong.fixed} of ${fixed.length}`,
  )
}
