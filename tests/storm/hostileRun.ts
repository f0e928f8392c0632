import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { dice } from '../support/seen'
import { startServer } from '../support/ownServer'
import { sendHostile, timesOf } from './hostile'

/*
 * Hostile files of every format, by every way in, to a server of its own, while somebody else looks at pages: none is
 * answered with a fault of the program, and the pages come.
 */
const [each = 200, seed = 1] = process.argv.slice(2).map(Number)
const build = process.env.ROUGH_SWATCH_DIST ?? '.next'

async function run(): Promise<void> {
  const home = mkdtempSync(join(tmpdir(), 'rough-swatch-hostile-'))
  const server = await startServer(home, Number(process.env.PORT ?? 4176))
  const memory = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1]) / 1024
  await timesOf(server.url, ['/', '/stash', '/make/patterns'], new Promise((resolve) => setTimeout(resolve, 5000)))
  const before = memory()
  const work = sendHostile(server.url, { build, each, random: dice(seed) })
  const times = await timesOf(server.url, ['/', '/stash', '/make/patterns'], work)
  const hits = await work
  const at = (share: number) => Math.round(times[Math.min(times.length - 1, Math.floor(times.length * share))]!)
  const counts = new Map<string, number>()
  for (const { format, to, status } of hits) {
    const key = `${format} ${to} ${status}`
    counts.set(key, (counts.get(key) ?? 0) + 1)
  }
  console.log(Object.fromEntries(counts))
  console.log('slowest', hits.toSorted((a, b) => b.ms - a.ms).slice(0, 12))
  console.log({ pages: times.length, median: at(0.5), p99: at(0.99), longest: at(1), before, after: memory() })
  const bad = hits.filter(({ status }) => status === 0 || (status >= 500 && status !== 503))
  console.log('bad', bad.slice(0, 20))
  await server.stop()
  const failed = bad.length + (at(0.99) > 1000 ? 1 : 0)
  console.log(`${hits.length - bad.length} passed, ${failed} failed`)
  process.exit(failed > 0 ? 1 : 0)
}

void run()
