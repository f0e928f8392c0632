// Hostile files of every format, by every way in, to a server of its own, while somebody else looks at pages.
//   npm run hostile -- 200 1      so many of each format, from that seed
// It fails where an answer is a fault of the program, or where one page in a hundred takes more than a second.
import { spawn } from 'node:child_process'
import { bin, ensureBuilt, root } from './lib.mjs'

const [each = '200', seed = '1'] = process.argv.slice(2)
ensureBuilt()
process.exitCode = await new Promise((resolve) => {
  spawn(bin('tsx'), ['tests/storm/hostileRun.ts', each, seed], { cwd: root, stdio: 'inherit' }).on('exit', resolve)
})
