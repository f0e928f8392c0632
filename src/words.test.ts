import { DIALECT, VALIDATOR_WORDS } from '../tests/support/dialect'
import { readingGrade } from '../tests/support/reading'
import { sourceFiles } from '../tests/support/sources'
import { textsIn, type Text } from '../tests/support/texts'

/** What nobody but this team sees; and what the search finds, in whatever words people type. */
const UNSEEN = /^src\/(?:demo|features\/kit|core\/say)\/|^src\/core\/vocabulary\/terms\.ts|^src\/ui\/GlobalStyle/
const texts = sourceFiles()
  .filter((file) => !UNSEEN.test(file))
  .flatMap(textsIn)

const INTERFACE = /^src\/(?:features|ui|app)\//
/** Cautions say what may hurt, whole: they may take longer. */
const LONG_ALLOWED = /safety\/content|help\/lines/

const shown = ({ file, line, text }: Text) => `${file}:${line} ${text}`
/** Sentences of a text: up to a full stop, a question or an exclamation mark, before a capital or the end. */
const sentencesOf = (text: string) => text.split(/(?<=[.?!…])\s+(?=[\p{Lu}“…\d])/u)
const wordsOf = (text: string) => text.split(/\s+/).filter((word) => /[\p{L}\d…]/u.test(word))

it('reads every file for texts, also those that are put together', () => {
  expect(texts.length).toBeGreaterThan(6000)
  const home = texts.filter(({ file }) => file === 'src/features/home/TableTop.tsx').map(({ text }) => text)
  expect(home).toEqual(expect.arrayContaining(['Identify a fabric', 'Suggested next steps']))
  expect(texts.some(({ text }) => /^About … thick at …: …\. Still air/.test(text))).toBe(true)
})

it('says nothing in the old dialect', () => {
  const found = DIALECT.flatMap(([phrase, plain]) =>
    texts.filter(({ text }) => phrase.test(text)).map((one) => `${shown(one)} → ${plain}`),
  )
  expect(found).toEqual([])
})

it('shows nobody what a checker of forms says', () => {
  expect(texts.filter(({ text }) => VALIDATOR_WORDS.test(text)).map(shown)).toEqual([])
})

it('says nothing in the interface in more than 25 words a sentence', () => {
  const long = texts.filter(
    ({ file, text }) =>
      INTERFACE.test(file) &&
      !LONG_ALLOWED.test(file) &&
      sentencesOf(text).some((sentence) => wordsOf(sentence).length > 25),
  )
  expect(long.map(shown)).toEqual([])
})

it('begins no heading with “What is” or another question about what is known', () => {
  const headings = texts.filter(({ at = '' }) => /^(?:h[1-4]|summary|Heading)$/.test(at))
  expect(headings.length).toBeGreaterThan(100)
  expect(
    headings.filter(({ text }) => /^What (?:is|was|are|were) (?:known|seen|said|done)\b/.test(text)).map(shown),
  ).toEqual([])
})

it('gives a field a name of at most four words', () => {
  const labels = texts.filter(
    ({ at = '', text }) => /(?:Field|Select|Choice)\.label$/.test(at) && !text.endsWith('?'),
  )
  expect(labels.length).toBeGreaterThan(100)
  expect(labels.filter(({ text }) => wordsOf(text.replace(/\(.*?\)/g, '')).length > 4).map(shown)).toEqual([])
})

it('reads as easily as a newspaper for everybody', () => {
  const prose = texts.map(({ text }) => text).filter((text) => wordsOf(text).length > 6 && /[.?!]$/.test(text))
  expect(prose.length).toBeGreaterThan(1500)
  expect(readingGrade(prose)).toBeLessThan(8)
  // Two texts of which everybody knows which one reads harder.
  expect(readingGrade(['The cat sat on the mat.'])).toBeLessThan(1)
  expect(
    readingGrade(['Thermoplastic polymerisation characteristically necessitates considerable precautions.']),
  ).toBeGreaterThan(20)
})

it('gives every amount in a rule’s sentence a unit that readers of inches have too', () => {
  // Messages of forms say both; formats and units are about metric figures; stickers are sold by them.
  const about = /^src\/core\/(?:units|typed|formats|cards|notebook\/kinds)\//
  const bare = /\d[ \u00a0](?:mm|cm|m|g\/m²|kg)(?![\w²³])(?!\s*\()/
  const rules = texts.filter(({ file, text }) => file.startsWith('src/core/') && wordsOf(text).length > 2)
  expect(rules.filter(({ file, text }) => !about.test(file) && bare.test(text)).map(shown)).toEqual([])
  expect(bare.test('Sew 6 mm from the edge.')).toBe(true)
})
