import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openNotebook } from '@/server/database'
import { pathsIn } from './pages/paths'
import { served, untilLookedOver, writerOf } from './pages/pages'
import { fillBig, stashOf } from './stash/bigNotebook'
import { cost, spreadOf } from './tools/processor'
import { report, type Figure } from './tools/report'
import { timeOf } from './tools/words'

const SIZES = [1000, 5000, 20_000, 50_000]
const SMALL_SIZES = SIZES.slice(0, 3)
/** Requests of a page, each after one write. */
const ROUNDS = 9
/** What lists or looks over may grow at most in proportion, and a little; what opens one thing may not grow. */
const [MOST_LISTING, MOST_OPENING] = [1.1, 0.1]
const LOOKING_OVER = 'looking all fabrics over'

/** How what the pages take grows with the stash: `npm run bench -- --growth`, `--small` without the largest. */
async function run(): Promise<void> {
  const sizes = process.argv.includes('--small') ? SMALL_SIZES : SIZES
  const taken = new Map<string, number[]>()
  for (const size of sizes) {
    for (const [name, ms] of await takenAt(size)) taken.set(name, [...(taken.get(name) ?? []), ms])
    console.log(`measured at ${size}`)
  }
  const figures = [...taken].map(([what, all]): Figure => {
    const exponent = exponentOf(sizes, all)
    const most = what === LOOKING_OVER ? MOST_LISTING : isOfOneThing(what) ? MOST_OPENING : MOST_LISTING
    return {
      what,
      figure: `n to the ${exponent.toFixed(2)}`,
      aim: String(most),
      isMet: exponent <= most,
      note: all.map(timeOf).join(', '),
    }
  })
  const about = `Processor time of the first request after one write, at ${sizes.join(', ')} fabrics.`
  report('Growth', `${about} The exponent is that of the power that fits best.`, figures)
}

const isOfOneThing = (what: string) => /^(a|its|how) /.test(what)

async function takenAt(size: number): Promise<Map<string, number>> {
  const home = mkdtempSync(join(tmpdir(), `rough-swatch-${size}-`))
  const file = join(home, 'notebook.sqlite')
  await fillBig(file, { ...stashOf(size), pictures: 0 })
  const db = await openNotebook(file)
  const taken = await served(home, async ({ get, clock }) => {
    const all = new Map([[LOOKING_OVER, (await untilLookedOver(db, get, clock)).ms]])
    const write = writerOf(db)
    for (const [name, path] of Object.entries(await pathsIn(db))) {
      for (let i = 0; i < 5; i++) await get(path)
      const rounds: number[] = []
      for (let i = 0; i < ROUNDS; i++) {
        await write()
        rounds.push(await cost(() => get(path), clock))
      }
      all.set(name, spreadOf(rounds).median)
    }
    return all
  })
  await db.destroy()
  return taken
}

/** The power of the size that fits what was taken best, by least squares of the logarithms. */
function exponentOf(sizes: readonly number[], taken: readonly number[]): number {
  const [x, y] = [sizes.map(Math.log), taken.map(Math.log)]
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
  const [mx, my] = [mean(x), mean(y)]
  const together = x.reduce((sum, value, i) => sum + (value - mx) * ((y[i] ?? 0) - my), 0)
  return together / x.reduce((sum, value) => sum + (value - mx) ** 2, 0)
}

void run().then(() => process.exit(0))
