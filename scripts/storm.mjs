// Thousands of generated requests over every route, action and page of a server of its own, with an empty notebook.
//   npm run storm -- 20000 1      so many, from that seed
// It fails where an answer is a 5xx, takes more than a second, or where a record is kept that cannot be read.
import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { bin, ensureBuilt, root } from './lib.mjs'

const [shots = '20000', seed = '1'] = process.argv.slice(2)
ensureBuilt()
process.exitCode = await new Promise((resolve) => {
  spawn(bin('tsx'), ['tests/storm/run.ts', shots, seed], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ROUGH_SWATCH_HOME: mkdtempSync(join(tmpdir(), 'rough-swatch-storm-')) },
  }).on('exit', resolve)
})
