import { bin, ensureInstalled, must } from './lib.mjs'

// npm run bench: ratios of the computations; npm run bench -- --big: the big notebook.
ensureInstalled()
const isBig = process.argv.includes('--big')
must('The bench', bin('tsx'), [isBig ? 'tests/bench/runBig.ts' : 'tests/bench/bench.ts'])
