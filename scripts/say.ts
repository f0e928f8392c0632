import { statements } from '../src/core/say/statements'

// Everything that the program's rules say, with source and fabrics, for somebody who reads it through.
const MOST_FABRICS = 8

const all = statements()
for (const about of [...new Set(all.map((one) => one.about))]) {
  console.log(`\n## ${about}\n`)
  for (const { id, text, source, firesFor } of all.filter((one) => one.about === about)) {
    const shown = firesFor.slice(0, MOST_FABRICS).join(', ')
    const more = firesFor.length > MOST_FABRICS ? ` and ${firesFor.length - MOST_FABRICS} more` : ''
    console.log(`- **${id}**: ${text}\n  (${source}; for ${shown || 'nothing'}${more})`)
  }
}
console.log(`\n${all.length} statements.`)
