import { seededRandom } from '@/core/numbers/seededRandom'
import { laidOut, layOut } from '@/core/lay/lay'
import { bySeconds } from '@/core/lay/search/budget'
import { PlacementField } from '@/core/lay/search/field'
import { planOf } from '@/core/lay/search/items'
import { latticesOf } from '@/core/lay/search/lattice'
import { bottomLeft, bySize } from '@/core/lay/search/start'
import { type LayAnswer, type LayPiece, type LayTask } from '@/core/lay/types'
import { faultsOf } from '../support/lay/checker'
import { jigsaw } from '../support/lay/jigsaw'
import { randomTask } from '../support/lay/randomTask'
import { uglyTask } from '../support/lay/uglyTask'
import { shirt } from '../support/lay/shirt'
import { byMoves } from '@/core/lay/search/budget'

const LONG = 15
const RANDOM = 5000

const taskOf = (pieces: LayPiece[], widthMm: number, selvedgeMm: number, oneWay = false): LayTask => ({
  cloth: { widthMm, selvedgeMm, oneWay, layers: 'single', repeatMm: { x: 0, y: 0 } },
  pieces,
  match: [],
  gapMm: 0,
  seed: 1,
})

function laid(task: LayTask, seconds: number): { answer: LayAnswer; firstMs: number } {
  const since = performance.now()
  const search = layOut(
    task,
    bySeconds(seconds, () => performance.now()),
  )
  let firstMs = 0
  for (;;) {
    const { done, value } = search.next()
    if (value) firstMs ||= performance.now() - since
    if (done) return { answer: value, firstMs }
  }
}

/** The length that laying in order of area takes, each piece as low as it goes as it is drawn. */
function plainLength(task: LayTask): number {
  const plan = planOf(task, 'single')
  const field = new PlacementField(plan, latticesOf(plan, task).of, Infinity)
  const laying = bottomLeft(field, bySize(field), { isPlain: true })
  while (!laying.next().done);
  return field.length()
}

/** Laying out against known optima, against bottom-left in order of area, and against the lower bound. */
export function benchLaying(): void {
  console.log('\nLaying out')
  for (const [count, aim] of [
    [8, 1.05],
    [12, 1.08],
    [20, 1.12],
  ] as const) {
    const over = [77, 154, 231].map((seed) => {
      const task = taskOf(jigsaw(1000, 1200, count, seededRandom(seed)), 1000, 0)
      return laid(task, LONG).answer.usedLengthMm / 1200
    })
    console.log(
      `  jigsaws of ${count} in ${LONG} s: ${over.map((x) => x.toFixed(3)).join(', ')} of the least (aim ${aim})`,
    )
  }
  for (const isOneWay of [false, true]) {
    const task = taskOf(shirt(), 1480, 13, isOneWay)
    const { answer, firstMs } = laid(task, LONG)
    const plain = plainLength(task)
    console.log(
      `  a shirt of 17 pieces${isOneWay ? ', one way' : ''}: ${(answer.density * 100).toFixed(1)} % used, ` +
        `${(plain / answer.usedLengthMm).toFixed(2)} times denser than bottom-left by area, ` +
        `${(answer.usedLengthMm / answer.lowerBoundMm).toFixed(2)} times its lower bound; ` +
        `first lay after ${firstMs.toFixed(0)} ms`,
    )
  }
  benchFaults()
}

function benchFaults(): void {
  let faulty = 0
  for (let seed = 1; seed <= RANDOM; seed++) {
    // Mostly what is hardest: with bays, equal, turned over and round.
    const task = seed % 5 === 0 ? randomTask(seed, seededRandom(seed)) : uglyTask(seed, seededRandom(seed))
    if (faultsOf(task, laidOut(task, byMoves(100))).length > 0) faulty++
  }
  console.log(`  ${RANDOM} random lays: ${faulty} with a fault, by a checker written apart`)
}
