import { bin, ensureInstalled, must } from './lib.mjs'

ensureInstalled()
must('The bench', bin('tsx'), ['tests/bench/bench.ts'])
