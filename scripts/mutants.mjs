// Changes one small thing at a time in the core, and sees whether a test notices.
//   npm run mutants                 every folder of the core, all of it (hours)
//   npm run mutants -- lay dye      these folders
//   npm run mutants -- --sample 40  so many places in each folder, other ones each time
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { bin, root, run } from './lib.mjs'

const CORE = join(root, 'src/core')
const asked = process.argv.slice(2)
const at = asked.indexOf('--sample')
const sample = at < 0 ? undefined : Number(asked.splice(at, 2)[1])
const folders = asked.length > 0 ? asked : readdirSync(CORE).filter((name) => name !== 'vocabulary')
/** A place is so many lines. */
const LINES = 6

const rows = []
for (const folder of folders) {
  const files = readdirSync(join(CORE, folder), { recursive: true })
    .filter((name) => name.endsWith('.ts') && !/\.test\.ts$|types\.ts$/.test(name))
    .map((name) => `src/core/${folder}/${name}`)
  const places = sample === undefined ? files : placesOf(files, sample)
  const tests = [`<rootDir>/src/core/${folder}/**/*.test.ts`, ...guarding(folder)]
  run(bin('stryker'), ['run', '--mutate', places.join(',')], { MUTANTS_TESTS: JSON.stringify(tests) })
  rows.push({ folder, ...counted() })
  // Told at once: all of them take hours.
  console.log(rows.at(-1))
}
console.table(rows)

/** Reference tests that read the folder. */
function guarding(folder) {
  const all = join(root, 'tests/reference')
  return readdirSync(all)
    .filter((name) => name.endsWith('.test.ts'))
    .filter((name) => readFileSync(join(all, name), 'utf8').includes(`@/core/${folder}/`))
    .map((name) => `<rootDir>/tests/reference/${name}`)
}

/** So many places of the files, drawn evenly over their lines. */
function placesOf(files, count) {
  const lines = files.flatMap((file) =>
    Array.from({ length: Math.ceil(readFileSync(join(root, file), 'utf8').split('\n').length / LINES) }, (_, i) => [
      file,
      i * LINES + 1,
    ]),
  )
  const drawn = lines.map((line) => [Math.random(), line]).sort((a, b) => a[0] - b[0])
  return drawn.slice(0, count).map(([, [file, line]]) => `${file}:${line}-${line + LINES - 1}`)
}

/** How many were noticed, and where the others stand. */
function counted() {
  const { files } = JSON.parse(readFileSync(join(root, 'test-results/mutants.json'), 'utf8'))
  const all = Object.entries(files).flatMap(([file, { mutants }]) => mutants.map((one) => ({ file, ...one })))
  const is = (...states) => all.filter(({ status }) => states.includes(status)).length
  const [noticed, missed] = [is('Killed', 'Timeout'), is('Survived', 'NoCoverage')]
  return { noticed, missed, percent: Math.round((100 * noticed) / Math.max(1, noticed + missed)) }
}
