// Changes one small thing at a time in what must not go wrong, and sees whether a test notices.
//   npm run mutants             about 90 changes, evenly spread over the list
//   npm run mutants -- 300      as many as that
//   npm run mutants -- 60 verdict    only in files whose path has that word
// Works in copies under the system's folder for temporary files; the tree itself is never touched.
import { spawn } from 'node:child_process'
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import ts from 'typescript'

const [howMany = '90', only = ''] = process.argv.slice(2)
const WORKERS = 2
const LONGEST_MS = 120_000

/** What is changed, and the tests that should notice. */
const GROUPS = [
  { files: filesIn('src/core/choose'), tests: ['src/core/choose', 'tests/reference/describedCloths'] },
  {
    files: ['claim', 'claimSteps', 'verdict'].map((name) => `src/core/identify/${name}.ts`),
    tests: [
      'src/core/identify/(claim|claimSteps|verdict|identify|parts).test',
      'tests/reference/(burnTable|tableCases)',
    ],
  },
  {
    files: filesIn('src/core/measure'),
    tests: ['src/core/measure', 'src/core/notebook', 'tests/reference/(handTests|opacity|construction|units)'],
  },
  { files: ['src/server/store/repository.ts'], tests: ['src/server/store'] },
]

function filesIn(folder) {
  return readdirSync(folder)
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'types.ts')
    .map((name) => `${folder}/${name}`)
}

const SWAPPED = {
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '===': '!==',
  '!==': '===',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '&&': '||',
  '||': '&&',
  '??': '&&',
}

/** Every small change of one file: where, and what stands there instead. */
function changesOf(file) {
  const text = readFileSync(file, 'utf8')
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const found = []
  const add = (node, to) => {
    const { line } = source.getLineAndCharacterOfPosition(node.getStart())
    found.push({ file, line: line + 1, from: node.getText(), to, start: node.getStart(), end: node.getEnd() })
  }
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return
    // Words are not rules: a sum of strings is left alone.
    const words = ts.isBinaryExpression(node) && /['"`]/.test(node.getText())
    if (ts.isBinaryExpression(node) && SWAPPED[node.operatorToken.getText()] && !words)
      add(node.operatorToken, SWAPPED[node.operatorToken.getText()])
    if (ts.isConditionalExpression(node)) add(node.condition, `!(${node.condition.getText()})`)
    if (ts.isIfStatement(node)) add(node.expression, `!(${node.expression.getText()})`)
    if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false')
    if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true')
    if (ts.isNumericLiteral(node)) add(node, `(${node.getText()} * 1.5 + 1)`)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

/** Of a list so many, evenly spread. */
function spread(list, count) {
  if (list.length <= count) return list
  return Array.from({ length: count }, (_, i) => list[Math.floor(((i + 0.5) * list.length) / count)])
}

function copyOfTheTree() {
  const copy = mkdtempSync(join(tmpdir(), 'rough-swatch-mutants-'))
  mkdirSync(join(copy, 'tests'))
  for (const name of ['src', 'tests/reference', 'tests/support']) cpSync(name, join(copy, name), { recursive: true })
  for (const name of ['package.json', 'tsconfig.json', 'jest.config.mjs']) cpSync(name, join(copy, name))
  symlinkSync(join(process.cwd(), 'node_modules'), join(copy, 'node_modules'))
  return copy
}

/** Whether some test fails, in that copy. */
function noticed(copy, tests) {
  return new Promise((resolve) => {
    const child = spawn(
      process.execPath,
      ['node_modules/jest/bin/jest.js', '--runInBand', '--bail', '--silent', '--testPathPatterns', tests.join('|')],
      { cwd: copy, stdio: 'ignore' },
    )
    const clock = setTimeout(() => child.kill('SIGKILL'), LONGEST_MS)
    child.on('exit', (code) => {
      clearTimeout(clock)
      resolve(code !== 0)
    })
  })
}

const groups = GROUPS.map(({ files, tests }) =>
  files
    .filter((file) => file.includes(only))
    .flatMap(changesOf)
    .map((change) => ({ ...change, tests })),
).filter((changes) => changes.length > 0)
const all = groups.flat()
// As many of each group: a short file matters as much as a long table.
const chosen = groups.flatMap((changes) => spread(changes, Math.ceil(Number(howMany) / groups.length)))
const waiting = [...chosen]
const outcomes = []

async function worker() {
  const copy = copyOfTheTree()
  try {
    for (let change = waiting.shift(); change; change = waiting.shift()) {
      const { file, start, end, to, tests } = change
      const text = readFileSync(file, 'utf8')
      writeFileSync(join(copy, file), text.slice(0, start) + to + text.slice(end))
      const killed = await noticed(copy, tests)
      writeFileSync(join(copy, file), text)
      outcomes.push({ ...change, killed })
      if (!killed) console.log(`survived  ${file}:${change.line}  ${change.from}  →  ${to}`)
    }
  } finally {
    rmSync(copy, { recursive: true, force: true })
  }
}

console.log(`${chosen.length} of ${all.length} changes`)
await Promise.all(Array.from({ length: WORKERS }, worker))
for (const { files } of GROUPS) {
  const of = outcomes.filter(({ file }) => files.includes(file))
  const killed = of.filter((one) => one.killed).length
  if (of.length > 0) console.log(`${files[0].split('/').slice(0, -1).join('/')}: ${killed} of ${of.length} noticed`)
}
const share = outcomes.filter(({ killed }) => killed).length / outcomes.length
console.log(`${(share * 100).toFixed(0)} % noticed`)
process.exit(share >= 0.8 ? 0 : 1)
