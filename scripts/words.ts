import { importsAmong, sourceFiles } from '../tests/support/sources'
import { readingGrade } from '../tests/support/reading'
import { textsIn } from '../tests/support/texts'

// Every text that somebody may read, with the pages that load its file, for reading aloud; then how hard it reads.
const MOST_PAGES = 3
/** Texts of whole sentences: labels and names of fabrics have no grade. */
const IS_PROSE = /\p{L}+(?:[ ,’]+\p{L}+){5,}.*[.?!]$/u

const files = sourceFiles()
const imports = importsAmong(files)
const pages = files.filter((file) => file.endsWith('/page.tsx'))
const pagesOf = new Map(files.map((file) => [file, [] as string[]]))
for (const page of pages) {
  const seen = new Set<string>()
  const visit = (file: string): void => {
    if (seen.has(file)) return
    seen.add(file)
    pagesOf.get(file)?.push(page.replace(/^src\/app|\/page\.tsx$/g, '') || '/')
    for (const next of imports.get(file) ?? []) visit(next)
  }
  visit(page)
}

const grades: [string, string[]][] = [
  ['Interface (features, ui, app)', []],
  ['Advice and help (core)', []],
]
let count = 0
for (const file of files) {
  const texts = textsIn(file)
  if (texts.length === 0) continue
  const on = pagesOf.get(file) ?? []
  const more = on.length > MOST_PAGES ? ` and ${on.length - MOST_PAGES} more` : ''
  console.log(`\n## ${file} (${on.slice(0, MOST_PAGES).join(', ')}${more})\n`)
  for (const { line, text } of texts) console.log(`${line}: ${text}`)
  count += texts.length
  const [, prose] = grades[file.startsWith('src/core/') ? 1 : 0]!
  prose.push(...texts.map(({ text }) => text).filter((text) => IS_PROSE.test(text)))
}
console.log(`\n${count} texts.`)
for (const [title, prose] of grades)
  console.log(`${title}: reading grade ${readingGrade(prose).toFixed(1)} over ${prose.length} texts (at most 8).`)
