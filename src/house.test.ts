import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { FIBRE_IDS } from '@/core/vocabulary/fibres'
import { circlesOf } from '../tests/support/circles'
import { importsAmong, sourceFiles } from '../tests/support/sources'

/** Exports that the framework asks for by name, once in each file of a kind. */
const ASKED_FOR = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'metadata', 'dynamic', 'generateMetadata', 'viewport']

const sources = sourceFiles()
const exported = sources.flatMap((file) => exportsOf(file).map((name) => ({ name, file })))

it('has no two files that differ only in case or extension', () => {
  const plain = sources.map((file) => file.replace(/\.tsx?$/, '').toLowerCase())
  expect(repeated(plain)).toEqual([])
})

it('exports each name from one module', () => {
  const names = exported.map(({ name }) => name).filter((name) => !ASKED_FOR.includes(name))
  const twice = new Set(repeated(names))
  expect(exported.filter(({ name }) => twice.has(name)).map(({ name, file }) => `${name} of ${file}`)).toEqual([])
})

it('exports no single adjective, participle or preposition', () => {
  const said = exported.filter(({ name }) => isModifier(name))
  expect(said.map(({ name, file }) => `${name} of ${file}`)).toEqual([])
})

it('names no file for when it came', () => {
  expect(sources.filter((file) => /\/(?:more|further|other|new|old|misc|utils?|helpers?)[A-Z.]/.test(file))).toEqual(
    [],
  )
})

/** Where a rule’s folder names fibres: kinds of sewing thread, words on an envelope, samples, and a mixture as sold. */
const NAMES_FIBRES = [
  ...[
    'sew/thread.ts',
    'sew/schools.ts',
    'sew/supplies.ts',
    'sew/sureness.ts',
    'dye/dye.ts',
    'choose/envelope/facts.ts',
  ],
  ...['prepare/softening.ts', 'prepare/truing.ts', 'prepare/washing.ts', 'fabric/care.ts'],
]

it('asks for traits of fibres in its rules, not for fibres by name', () => {
  const folders = ['sew', 'prepare', 'dye', 'fabric', 'upcycle', 'choose'].map((folder) => join('src/core', folder))
  // Acetate is a family, too, and metallic how a yarn looks.
  const names = FIBRE_IDS.filter((id) => id !== 'acetate' && id !== 'metallic')
  const named = new RegExp(`'(?:${names.join('|')})'`)
  const found = sources.filter((file) => folders.some((folder) => file.startsWith(`${folder}/`)))
  expect(found.filter((file) => named.test(readFileSync(file, 'utf8'))).toSorted()).toEqual(
    NAMES_FIBRES.map((file) => join('src/core', file)).toSorted(),
  )
})

/** The files of ours that a file imports, types included. */
const importsOf = importsAmong(sources)

it('imports in no circle, from file to file or from folder to folder, types included', () => {
  expect(circlesOf(sources, (file) => importsOf.get(file)!)).toEqual([])
  const folderOf = (file: string) => file.split('/').slice(0, -1).slice(0, 4).join('/')
  const isWithin = (a: string, b: string) => `${a}/`.startsWith(`${b}/`) || `${b}/`.startsWith(`${a}/`)
  const leadsTo = new Map<string, Set<string>>()
  for (const [file, imported] of importsOf) {
    const own = leadsTo.get(folderOf(file)) ?? new Set()
    for (const other of imported.map(folderOf)) if (!isWithin(folderOf(file), other)) own.add(other)
    leadsTo.set(folderOf(file), own)
  }
  expect(circlesOf([...leadsTo.keys()], (folder) => leadsTo.get(folder) ?? [])).toEqual([])
})
it('would see a circle', () => {
  const leads: Record<string, string[]> = { a: ['b'], b: ['c', 'd'], c: ['a'], d: ['d', 'e'], e: [] }
  expect(circlesOf(Object.keys(leads), (one) => leads[one]!).map((circle) => circle.toSorted())).toEqual([
    ['a', 'b', 'c'],
  ])
})

it.each(['core', 'server'])('shows every folder of the %s on its map, and no other', (part) => {
  const map = readFileSync('docs/architecture.md', 'utf8')
  const folders = readdirSync(`src/${part}`, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name)
  const shown = [...map.matchAll(new RegExp(`^\\| \`${part}/([a-zA-Z]+)\``, 'gm'))].map(([, name]) => name!)
  expect(shown.toSorted()).toEqual(folders.toSorted())
})

/** Words that say how something is, or where, and not what it is or does; those that are things here are left out. */
function isModifier(name: string): boolean {
  if (!/^[a-z]+$/.test(name) || THINGS.includes(name)) return false
  return /(?:ed|est)$/.test(name) || MODIFIERS.includes(name)
}

/** Fibres, features of a burn and parts of the work that end as a modifier does. */
const THINGS = ['need', 'seed', 'bleed', 'speed', 'unneeded', 'test', 'rest', 'request', 'west', 'harvest']
const MODIFIERS = [
  ...['told', 'some', 'within', 'lately', 'without', 'after', 'before', 'alike', 'apart', 'together', 'outside'],
  ...[
    'known',
    'unknown',
    'easy',
    'firm',
    'solid',
    'any',
    'enough',
    'found',
    'bound',
    'held',
    'kept',
    'sought',
    'under',
  ],
  ...['smaller', 'larger', 'flat', 'coarse', 'middle', 'forward', 'written', 'spoken', 'chosen', 'shrunk', 'begun'],
]

function repeated(words: readonly string[]): string[] {
  const counts = new Map<string, number>()
  for (const word of words) counts.set(word, (counts.get(word) ?? 0) + 1)
  return [...counts].filter(([, count]) => count > 1).map(([word]) => word)
}

function exportsOf(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest)
  return source.statements.flatMap((statement) => {
    const kinds = ts.canHaveModifiers(statement) ? (ts.getModifiers(statement) ?? []).map(({ kind }) => kind) : []
    if (!kinds.includes(ts.SyntaxKind.ExportKeyword) || kinds.includes(ts.SyntaxKind.DefaultKeyword)) return []
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.flatMap(({ name }) => (ts.isIdentifier(name) ? [name.text] : []))
    const { name } = statement as ts.DeclarationStatement
    return name && ts.isIdentifier(name) ? [name.text] : []
  })
}
