import { mkdtempSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { benchPages } from './pages/pages'
import { benchSearch } from './search'
import { fillBig, stashOf } from './stash/bigNotebook'
import { cost } from './tools/processor'
import { report } from './tools/report'
import { timeOf } from './tools/words'

const PIECES = 20_000

/** The big notebook, as a stash is: `npm run bench -- --big`, and with `--home FOLDER` over one that is there. */
async function run(): Promise<void> {
  const at = process.argv.indexOf('--home')
  const home = (at === -1 ? undefined : process.argv[at + 1]) ?? mkdtempSync(join(tmpdir(), 'rough-swatch-big-'))
  const file = join(home, 'notebook.sqlite')
  if (at === -1) {
    const ms = await cost(() => fillBig(file, stashOf(PIECES)))
    console.log(`Filled ${file}, ${(statSync(file).size / 1e6).toFixed(0)} MB, in ${timeOf(ms)}.`)
  }
  const about = `${PIECES} fabrics in lots, with offcuts, piles, notions, outlines, pictures and 200 locations.`
  report(
    'Pages over a large stash',
    `${about} Each page against one that reads nothing of it.`,
    await benchPages(home),
  )
  report('Searching a large stash', about, await benchSearch(file))
}

void run().then(() => process.exit(0))
