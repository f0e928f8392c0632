import { bin, ensureBuilt, ensureInstalled, must } from './lib.mjs'

// npm run bench: ratios of the computations; npm run bench -- --big: the big notebook.
ensureInstalled()
const isBig = process.argv.includes('--big')
// The big notebook is also served, and looked at in a browser.
if (isBig) ensureBuilt()
must('The bench', bin('tsx'), [isBig ? 'tests/bench/runBig.ts' : 'tests/bench/bench.ts'])
