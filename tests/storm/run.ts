import { join } from 'node:path'
import { openNotebook } from '@/server/database'
import { allRecords } from '@/server/store/repository'
import { RECORD_KIND_IDS } from '@/core/notebook/kinds'
import { startServer } from '../support/ownServer'
import { mayHaveWritten, storm } from './storm'

const [shots, seed] = process.argv.slice(2).map(Number)
const home = process.env.ROUGH_SWATCH_HOME!
const LONGEST_MS = 1000

async function run(): Promise<void> {
  const server = await startServer(home)
  const { url } = server
  // The first question compiles and opens everything; it is not what is measured.
  await storm(url, '.next', 60, seed! + 1)
  const db = await openNotebook(join(home, 'notebook.sqlite'))
  const written = async () =>
    (await db.selectFrom('change').select('seq').where('what', '!=', 'remove').execute()).length
  const before = await written()
  const hits = await storm(url, '.next', shots!, seed!)
  const bad = hits.filter(({ status, ms }) => status === 0 || status >= 500 || ms > LONGEST_MS)
  for (const { method, path, body, status, ms, answer, headers } of bad.slice(0, 30)) {
    console.log(`${status} ${Math.round(ms)} ms  ${method} ${path.slice(0, 120)} ${headers['next-action'] ?? ''}`)
    console.log(`    ${body?.slice(0, 200)}\n    ${answer.slice(0, 200)}`)
  }
  const byStatus: Record<number, number> = {}
  for (const { status } of hits) byStatus[status] = (byStatus[status] ?? 0) + 1
  console.log(byStatus)
  console.log(`slowest ${Math.round(Math.max(...hits.map(({ ms }) => ms)))} ms`)
  const unasked = Math.max(0, (await written()) - before - hits.filter(mayHaveWritten).length)
  console.log(`${(await written()) - before} written, ${unasked} of them by what was refused`)
  let unreadable = 0
  for (const kind of RECORD_KIND_IDS) {
    const { kept, damaged } = await allRecords(db, kind)
    unreadable += damaged.length
    console.log(`${kind}: ${kept.length} kept, ${damaged.length} unreadable`)
  }
  await server.stop()
  console.log(`${hits.length - bad.length} passed, ${bad.length + unreadable + unasked} failed`)
  process.exit(bad.length + unreadable + unasked > 0 ? 1 : 0)
}

void run()
