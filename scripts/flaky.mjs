import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { spawn } from 'node:child_process'
import { dirname, join } from 'node:path'
import { bin, root, run } from './lib.mjs'

// Runs every unit suite many times while both cores are kept busy, and names those that ever fail:
// npm run flaky -- [TIMES] [PATTERN …]
const [times = '20', ...patterns] = process.argv.slice(2)
const report = join(root, 'test-results', 'flaky.json')
mkdirSync(dirname(report), { recursive: true })

/** Two loops that never rest: what else runs gets half a core. */
const busy = [0, 1].map(() => spawn(process.execPath, ['-e', 'for(;;);'], { stdio: 'ignore' }))
const rest = () => busy.forEach((one) => one.kill())
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => (rest(), process.exit(1)))
const failed = new Map()
try {
  for (let round = 1; round <= Number(times); round++) {
    rmSync(report, { force: true })
    const isGood = run(bin('jest'), [...patterns, '--silent', '--json', `--outputFile=${report}`]) === 0
    const { testResults = [] } = JSON.parse(readFileSync(report, 'utf8'))
    for (const { name, status, assertionResults } of testResults) {
      if (status === 'passed') continue
      const tests = assertionResults.filter((one) => one.status === 'failed').map(({ fullName }) => fullName)
      failed.set(name, [...(failed.get(name) ?? []), { round, tests }])
    }
    console.log(`round ${round} of ${times}: ${isGood ? 'all passed' : 'something failed'}`)
  }
} finally {
  rest()
}
for (const [name, rounds] of failed)
  console.log(
    `${name.replace(`${root}/`, '')}: failed in ${rounds.length} of ${times}: ${rounds[0].tests.join('; ')}`,
  )
console.log(failed.size === 0 ? 'No suite ever failed.' : `${failed.size} suites failed at least once.`)
process.exit(failed.size === 0 ? 0 : 1)
