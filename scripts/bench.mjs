import { join } from 'node:path'
import { ensureBuilt, ensureInstalled, must, root } from './lib.mjs'

// npm run bench: the computations; -- --big: the pages over a large stash; -- --growth: how they grow with it;
// -- --browser --home FOLDER: what they cost in a browser.
ensureInstalled()
// In a fresh clone it is there only now.
const { build } = await import('esbuild')
const asked = ['--big', '--growth', '--browser'].find((one) => process.argv.includes(one))
// The large stash is served, and what takes long is done by the built worker threads.
ensureBuilt()
const entry = { '--big': 'runBig', '--growth': 'runGrowth', '--browser': 'runBrowser' }[asked] ?? 'run'
const outfile = join(root, '.next', 'bench', `${entry}.cjs`)
// Bundled as the program is: run from its source, each function would keep its name, which costs more than it does.
await build({
  absWorkingDir: root,
  entryPoints: [`tests/bench/${entry}.ts`],
  ...{ bundle: true, platform: 'node', format: 'cjs', packages: 'external', logLevel: 'warning', outfile },
})
must('The bench', process.execPath, [outfile, ...process.argv.slice(2)], { NODE_ENV: 'production' })
