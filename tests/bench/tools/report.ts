import { execFileSync } from 'node:child_process'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

/** One measured figure. */
export interface Figure {
  what: string
  /** What it is held against; empty where it stands alone. */
  against?: string
  figure: string
  /** What it should be at most. */
  aim?: string
  /** Whether it is within that; left out where there is no aim. */
  isMet?: boolean
  note?: string
}

const FILE = join(process.cwd(), 'docs', 'speed.md')

const HEAD = `# How fast it is

Written by \`npm run bench\`, \`-- --big\`, \`-- --growth\` and \`-- --browser\`; each writes its own part.
Figures are ratios of processor time, measured in alternation, both ways warm: the median of thirty, and in brackets
where the middle four fifths of them lie. A time or a size alone stands only where nothing fair can be put beside it.
`

/** Prints the figures of a part, and writes them into \`docs/speed.md\` in place of those that were there. */
export function report(part: string, about: string, figures: readonly Figure[]): void {
  console.log(`\n${part}\n${about}`)
  for (const { what, against, figure, aim, isMet, note } of figures) {
    const mark = isMet === undefined ? ' ' : isMet ? '✓' : '✗'
    console.log(`${mark} ${what}: ${figure}${against ? ` against ${against}` : ''}${aim ? ` (aim ${aim})` : ''}`)
    if (note) console.log(`    ${note}`)
  }
  const parts = partsOf(existsSync(FILE) ? readFileSync(FILE, 'utf8') : '')
  parts.set(part, bodyOf(about, figures))
  writeFileSync(FILE, [HEAD, ...[...parts].map(([name, body]) => `## ${name}\n\n${body}`)].join('\n'))
}

function bodyOf(about: string, figures: readonly Figure[]): string {
  const rows = figures.map(({ what, against = '', figure, aim = '', isMet, note = '' }) => {
    const held = isMet === undefined ? aim : `${aim}${isMet ? ', met' : ', not met'}`
    return `| ${[what, against, figure, held, note].map((cell) => cell.replaceAll('|', '\\|')).join(' | ')} |`
  })
  return [
    about,
    `Measured on ${new Date().toISOString().slice(0, 10)} at ${commit()}.`,
    ['| what | against | figure | aim | |', '|---|---|---|---|---|', ...rows].join('\n'),
  ]
    .join('\n\n')
    .concat('\n')
}

function partsOf(text: string): Map<string, string> {
  const [, ...parts] = text.split(/^## /m)
  return new Map(
    parts.map((part) => {
      const end = part.indexOf('\n')
      return [part.slice(0, end), part.slice(end).trim().concat('\n')]
    }),
  )
}

/** The commit that is measured, and whether something was changed since. */
function commit(): string {
  const git = (...args: string[]) => execFileSync('git', args, { encoding: 'utf8' }).trim()
  const isChanged = git('status', '--porcelain', '--', 'src').length > 0
  return `\`${git('rev-parse', '--short', 'HEAD')}\`${isChanged ? ' with changes' : ''}`
}
