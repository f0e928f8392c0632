import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureChromium } from './chromium.mjs'
import { bin, ensureBuilt, ensureInstalled, root, run, runBeside } from './lib.mjs'

const results = join(root, 'test-results')
const jestFile = join(results, 'jest.json')
const playwrightFile = join(results, 'playwright.json')

let passed = 0
let failed = 0
/** A check counts as one test. */
function check(what, ok) {
  console.log(`${ok ? 'passed' : 'FAILED'}: ${what}`)
  if (ok) passed += 1
  else failed += 1
}

/** Says how long a stage took: what slows the whole is seen as it comes. */
let since = Date.now()
function stage(what) {
  const [minutes, seconds] = [
    Math.floor((Date.now() - since) / 60_000),
    Math.round(((Date.now() - since) / 1000) % 60),
  ]
  console.log(`time: ${what} took ${minutes} min ${seconds} s`)
  since = Date.now()
}

ensureInstalled()
stage('installing')
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

// Fetched while the rest is looked at.
const fetching = runBeside(process.execPath, [join(root, 'scripts', 'chromium.mjs')])
// Each keeps one core busy, and the build what is left: two go at once.
const linting = runBeside(bin('eslint'), ['.', '--max-warnings', '0'])
check('formatting', (await runBeside(bin('prettier'), ['--check', '--log-level', 'warn', '.'])) === 0)
check('types', (await runBeside(bin('tsc'), ['--noEmit'])) === 0)
ensureBuilt()
check('lint and import rules', (await linting) === 0)
stage('formatting, types, lint and the build')

const jestOk = run(bin('jest'), ['--json', `--outputFile=${jestFile}`]) === 0
count('unit and reference tests', jestOk, jestFile, ({ numPassedTests, numFailedTests, numFailedTestSuites }) => [
  numPassedTests,
  Math.max(numFailedTests, numFailedTestSuites),
])

stage('unit and reference tests')

await fetching
const chromium = ensureChromium()
if (chromium) {
  const env = { PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightFile, CHROMIUM: chromium }
  const browserOk = run(bin('playwright'), ['test'], env) === 0
  // Playwright empties its own output folder, not this file's.
  count('browser tests', browserOk, playwrightFile, ({ stats }) => [stats.expected, stats.unexpected + stats.flaky])
} else check('browser tests', false)
stage('browser tests')

console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)

/** Adds a runner's own counts; a runner that failed without counting a failure counts as one. */
function count(what, ok, file, read) {
  try {
    const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')))
    passed += good
    failed += bad
    if (!ok && bad === 0) failed += 1
    if (good + bad === 0) check(`${what}: none were run`, false)
  } catch {
    check(`${what} left no report`, false)
  }
}
