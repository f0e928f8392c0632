import { namedCloths } from '@/core/cloths/catalogue'
import { offerFrom } from '@/core/fabric/offer'
import { SEW_RULES } from '@/core/sew/advice'
import { SEW_SCHOOLS, type Rule } from '@/core/sew/rule'
import { SewCase, type SewAsked } from '@/core/sew/sewCase'
import { DETAILS, GARMENTS } from '@/core/vocabulary/choosing'

interface Told {
  words: string
  asked: SewAsked
}

const cloth = (called: string) => offerFrom({ called })

/** Every cloth by itself, then some made up into everything, with every detail, and by every school. */
export const HANDLING_CASES: readonly Told[] = [
  ...namedCloths.map(({ name }) => ({ words: name.uk, asked: { offer: cloth(name.uk) } })),
  ...['chambray', 'challis', 'denim', 'jersey', 'coating', 'chiffon', 'tulle', 'curtain sateen', 'ponte'].flatMap(
    (called) => [
      ...GARMENTS.map((garment) => ({ words: `${called}, ${garment}`, asked: { offer: cloth(called), garment } })),
      ...DETAILS.map((detail) => ({
        words: `${called}, ${detail}`,
        asked: { offer: cloth(called), details: [detail] },
      })),
      ...Object.entries(SEW_SCHOOLS).flatMap(([school, { sides }]) =>
        sides.map((side) => ({
          words: `${called}, ${side} picked`,
          asked: { offer: cloth(called), schools: { [school]: side } },
        })),
      ),
    ],
  ),
  ...['chambray', 'velvet', 'tweed', 'lawn'].flatMap((called) => [
    {
      words: `${called}, everything at hand`,
      asked: { offer: cloth(called), machine: { overlocker: true, walkingFoot: true } },
    },
    { words: `${called}, needles from 90`, asked: { offer: cloth(called), machine: { smallestNeedle: 90 } } },
    {
      words: `${called}, striped, a walking foot`,
      asked: { offer: offerFrom({ called, repeatMm: 40 }), machine: { walkingFoot: true } },
    },
    { words: `${called}, washed`, asked: { offer: offerFrom({ called, washed: true }) } },
    { words: `${called}, printed`, asked: { offer: offerFrom({ called, coloured: 'printed' }) } },
    { words: `${called}, with a nap`, asked: { offer: offerFrom({ called, nap: true }) } },
    { words: `${called}, dark`, asked: { offer: offerFrom({ called, colour: '#101010' }) } },
  ]),
  { words: 'a cloth of no name', asked: { offer: offerFrom({}) } },
  { words: 'silk of 60 g/m²', asked: { offer: offerFrom({ fibres: ['silk'], gsm: 60, construction: 'woven' }) } },
  { words: 'wool of 450 g/m²', asked: { offer: offerFrom({ fibres: ['wool'], gsm: 450, construction: 'woven' }) } },
  { words: 'glass cloth', asked: { offer: offerFrom({ fibres: ['glass'], gsm: 200 }) } },
  {
    words: 'a springy woven cloth',
    asked: { offer: offerFrom({ gsm: 200, construction: 'woven', stretchPercent: { width: 40 } }) },
  },
  { words: 'a thick vinyl', asked: { offer: offerFrom({ called: 'vinyl', gsm: 600 }) } },
  ...(['coating', 'tweed', 'chiffon', 'linen'] as const).flatMap((called) =>
    (['blazer', 'coat'] as const).map((garment) => ({
      words: `${called}, lined ${garment}`,
      asked: { offer: cloth(called), garment, lined: true },
    })),
  ),
]

const all = HANDLING_CASES.map((told) => ({ told, c: new SewCase(told.asked) }))

/** On which of the cases a rule fires, and on which it does not. */
export function firesOn(rule: Rule<unknown>): { on: Told[]; off: Told[] } {
  const [on, off]: [Told[], Told[]] = [[], []]
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
      const cells = [rule.id, gives, rule.text, rule.safety, school, source, on[0]?.words, share]
      return `| ${cells.join(' | ')} |`
    }),
  ])
  return `# Handling: every rule

Made by \`UPDATE_TABLES=1 npx jest src/core/sew\` from the rules themselves.
Where two rules differ, the one with the higher safety stands, and the other is shown beside it; points are summed.
Limits are from memory.
${lines.join('\n')}
`
}
