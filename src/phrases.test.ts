import ts from 'typescript'
import { stringsOfPhrases } from '../tests/support/phrases'

/**
 * A text with amounts in it is a list of parts. Whatever makes a string of it by itself (a template, a sum, `join`)
 * would write `[object Object]`, and no type forbids that: this does.
 */
const host = { ...ts.sys, onUnRecoverableConfigFileDiagnostic: () => undefined }
const { fileNames, options } = ts.getParsedCommandLineOfConfigFile('tsconfig.json', {}, host)!

const TRIED = 'src/tried.ts'
const SOURCE = `
  import { phrase, type Phrase } from './core/text/text'
  declare const text: Phrase
  export const all = [\`So: \${text}\`, 'So: ' + text, [text].join(' '), phrase\`So: \${text}\`]`

const files = ts.createCompilerHost(options)
const readFile = files.getSourceFile.bind(files)
files.getSourceFile = (name, ...rest) =>
  name === TRIED ? ts.createSourceFile(TRIED, SOURCE, ts.ScriptTarget.Latest, true) : readFile(name, ...rest)
const program = ts.createProgram([...fileNames, TRIED], options, files)
const found = program
  .getSourceFiles()
  .filter(({ fileName }) => /\/?(?:src|tests)\//.test(fileName) && !fileName.includes('node_modules'))
  .flatMap((file) => stringsOfPhrases(file, program.getTypeChecker()))

it('writes no text with amounts as a string, but for a reader', () => {
  expect(found.filter((place) => !place.startsWith(TRIED))).toEqual([])
})

it('sees one that is put into a template, a sum and a list', () => {
  expect(found.filter((place) => place.startsWith(TRIED))).toHaveLength(3)
})
