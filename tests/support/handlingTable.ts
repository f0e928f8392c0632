import { toldCases, type StatementCase } from '@/core/say/toldCases'
import { offerFrom } from '@/core/fabric/offer'
import { sewAdvice, SEW_RULES } from '@/core/sew/advice'
import { type Rule } from '@/core/sew/rule'
import { SEW_SCHOOLS } from '@/core/sew/schools'
import { SewCase } from '@/core/sew/sewCase'
import { GARMENT_WORDS, GARMENTS, type Garment } from '@/core/vocabulary/choosing'
import { wordFor } from '@/core/vocabulary/words'
import { asPlainText } from '@/core/text/render'

const all = toldCases().map((told) => ({ told, c: new SewCase(told) }))

/** On which of the cases a rule fires, and on which it does not. */
export function firesOn(rule: Rule<unknown>): { on: StatementCase[]; off: StatementCase[] } {
  const [on, off]: [StatementCase[], StatementCase[]] = [[], []]
  for (const { told, c } of all) (rule.when(c) ? on : off).push(told)
  return { on, off }
}

/** All rules as a table, each with a cloth on which it fires and how often it does. */
export function handlingTable(): string {
  const lines = Object.entries(SEW_RULES).flatMap(([about, rules]) => [
    `\n## ${about}\n`,
    '| rule | gives | why | safety | school | source | fires on | how often |',
    '|---|---|---|---|---|---|---|---|',
    ...rules.map((rule) => {
      const { on, off } = firesOn(rule)
      const share = `${on.length} of ${on.length + off.length}`
      const school = rule.school ? SEW_SCHOOLS[rule.school].words : ''
      const gives = rule.gives === null ? '' : JSON.stringify(rule.gives).replaceAll('"', '').replaceAll('|', '/')
      const source = rule.source ?? 'common practice'
      const cells = [rule.id, gives, asPlainText(rule.text), rule.safety, school, source, on[0]?.words, share]
      return `| ${cells.join(' | ')} |`
    }),
  ])
  return `# Handling: every rule

Made by \`UPDATE_TABLES=1 npx jest src/core/sew\` from the rules themselves.
Where two rules differ, the one with the higher safety stands, and the other is shown beside it; points are summed.
Limits are from memory.
${lines.join('\n')}

${garmentTable()}`
}

/** Classes of fabric, each by one that everybody knows. */
const CLASSES: readonly (readonly [className: string, called: string])[] = [
  ['sheer', 'chiffon'],
  ['fine cotton', 'lawn'],
  ['plain cotton', 'chambray'],
  ['linen', 'linen'],
  ['limp viscose', 'challis'],
  ['silk satin', 'charmeuse'],
  ['denim', 'denim'],
  ['wool suiting', 'suiting'],
  ['pile', 'velvet'],
  ['jersey', 'jersey'],
  ['stretch knit', 'swim knit'],
  ['leather', 'leather'],
]

/** Needle, stitch, first seam and first hem of a class of fabric. */
function adviceFor(called: string, garment?: Garment): string {
  const asked = { offer: offerFrom({ called }), ...(garment && { garment }), machine: { overlocker: true } }
  const { needle, stitch, seams, hems } = sewAdvice(asked)
  return `${needle.nm.join('–')} ${needle.point}, ${stitch.mm.join('–')} mm; ${seams[0]?.id}; ${hems[0]?.id}`
}

/** What is advised for each garment of each class of fabric, where it is not what is usual for that class. */
function garmentTable(): string {
  const usual = CLASSES.map(([, called]) => adviceFor(called))
  const rows = GARMENTS.map((garment) => {
    const cells = CLASSES.map(([, called], at) => {
      const own = adviceFor(called, garment)
      return own === usual[at] ? '·' : own
    })
    return `| ${wordFor(GARMENT_WORDS[garment], 'uk')} | ${cells.join(' | ')} |`
  })
  const heads = CLASSES.map(([name, called]) => `${name} (${called})`).join(' | ')
  return `## Garments by class of fabric

Needle, stitch length, first seam and first hem that are advised, with an overlocker at hand: first what is usual for
the class, then each garment. A dot stands for what is usual.

| made up as | ${heads} |
|---|${'---|'.repeat(CLASSES.length)}
| usual | ${usual.join(' | ')} |
${rows.join('\n')}
`
}
