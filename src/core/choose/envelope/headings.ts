import { captionOf, viewsOf, type Caption } from './captions'
import { type Clause } from './clauses'
import { columnsOf } from './columns'
import { ROLE_PATTERNS } from './lexicon'
import { measuresIn } from './measures'
import { readGarment, readNap } from './fabricNeeds'
import { plainText } from './numbers'
import { roleRead, type Reading } from './reading'
import { napIn, widthAlone } from './table'

/** Heads a list of everything. */
export const ALL_HEAD = /^(?:what you(?:'ll| will)? need|materials?(?: needed)?|supplies|requirements)\s*:?$/

export const NOTIONS_HEAD =
  /^(?:notions|haberdashery|you(?:'ll| will) (?:also )?need|also(?: needed)?|findings|sewing supplies|extras)\b\s*:?/
export const FABRICS_HEAD = new RegExp(
  String.raw`^(?:suggested |recommended |suitable |best )?(?:fabrics?|cloth|materials?)` +
    String.raw`(?: (?:suggestions?|recommendations?|requirements?|needed))?\s*:?`,
)
const LETTERS = String.raw`([a-k1-9](?:\s*(?:,|&|and|\/|-)\s*[a-k1-9])*)`
const VIEWS = String.raw`(?:views?|versions?|options?|styles?|variations?)\s+${LETTERS}`
/** “Version 1 - short sleeve”, “View A short sleeves”, and no sentence of it. */
const VIEW_WORDS = String.raw`(?:[-:(][^\d]{0,40}|\s(?!.*\b(?:ha(?:s|ve)|is|are|with)\b)[a-z]{3,}(?: [a-z]+){0,2})?`
const VIEWS_ALONE = new RegExp(String.raw`^${VIEWS}\s*${VIEW_WORDS}$`)
const NAP_ALONE = /^(?:\*+\s*)?(?:with(?:out)?(?: or with(?:out)?)? nap|no nap)\s*:?$/
const UNITS_ALONE = /^(?:yardage|metrage|lengths?|fabric requirements?|requirements)\b.{0,30}$/

/** A line that says something of the rows below it. */
export function readHeading(reading: Reading, { text, written }: Clause): boolean {
  const views = VIEWS_ALONE.exec(text)
  const columns = views ? undefined : columnsOf(written)
  const caption = columns || /\d/.test(text) ? undefined : captionOf(written)
  if (ALL_HEAD.test(text)) reading.role = 'main'
  else if (views) reading.table = { ...reading.table, views: viewsOf(views[1]!) }
  else if (caption) {
    readGarment(reading, text)
    begin(reading, caption)
  } else if (columns) reading.table = { ...reading.table, columns, widthMm: null }
  else if (NAP_ALONE.test(text)) {
    reading.table = { ...reading.table, nap: napIn(text) }
    readNap(reading, text)
  } else if (widthAlone(written) !== undefined) {
    const nap = napIn(text)
    reading.table = { ...reading.table, widthMm: widthAlone(written)!, ...(nap !== null && { nap }) }
  } else if (UNITS_ALONE.test(text) && !/\d/.test(text)) {
    const inYards = /yard/.test(text) ? true : /met/.test(text) ? false : reading.table.inYards
    reading.table = { ...reading.table, inYards }
  } else return false
  return true
}

/** A caption begins rows of its own. */
function begin(reading: Reading, { views, role, label }: Caption): void {
  reading.inNotions = false
  reading.isRoleTold = false
  reading.role = role
  roleRead(reading, role)
  reading.table = { ...reading.table, views: label === null ? views : [label], nap: null, widthMm: null }
}

/** What stands before the first number of a line. */
const BEFORE_NUMBERS = /^[^\d½⅓⅔¼¾⅛⅜⅝⅞]+(?=[\d½⅓⅔¼¾⅛⅜⅝⅞])/
/** “…, sizes S/M/L: 44" fabric …”, “… to fit ages 3, 4, 5”: the columns of what follows, within a line. */
const SIZES_WITHIN =
  /[\s,(]+(?:to fit )?(?:sizes?|ages?)\s+((?:[\dxsml]{1,4})(?:\s*[,/]\s*[\dxsml]{1,4})+)\)?\s*(:|$)/i
/** “Main fabric, 140 cm wide: A 2.30 m”: a width that the lengths of the whole line are of. */
const WIDTH_FIRST = /^[^:]*\b(?:wide|width)\s*:\s*(?=[A-K]\s+\d)/

/** Takes the caption and the width off the front of a line with numbers, and notes both. */
export function withoutCaption(reading: Reading, clause: Clause): Clause {
  if (clause.line !== reading.line) {
    // A width before the lengths of one line is of that line alone.
    if (reading.widthOfLine !== null) reading.table = { ...reading.table, widthMm: null }
    reading.line = clause.line
    reading.widthOfLine = null
  }
  const sized = SIZES_WITHIN.exec(clause.written)
  const columns = sized && columnsOf(`Sizes ${sized[1]!.replaceAll('/', ' ')}`)
  if (sized && columns) {
    reading.table = { ...reading.table, columns, widthMm: null }
    return withoutCaption(reading, replaced(clause, clause.written.replace(sized[0], sized[2] === ':' ? ' ' : '')))
  }
  const width = WIDTH_FIRST.exec(clause.written)?.[0]
  if (width) {
    afterHeading(reading, plainText(width).toLowerCase().trim())
    const found = /[\d./½¼¾⅛]+[^\d]*$/.exec(width)
    reading.widthOfLine = found ? (widthAlone(found[0].replace(':', '')) ?? null) : null
    reading.table = { ...reading.table, widthMm: reading.widthOfLine }
    return withoutCaption(reading, cutOff(clause, width))
  }
  const before = BEFORE_NUMBERS.exec(clause.written)?.[0]
  const caption = before === undefined ? undefined : captionOf(before)
  if (before === undefined || !caption) return clause
  const { widthMm } = reading.table
  readGarment(reading, before.toLowerCase())
  reading.captionLine = clause.line
  begin(reading, caption)
  if (reading.widthOfLine !== null) reading.table = { ...reading.table, widthMm }
  return cutOff(clause, before)
}

const cutOff = (clause: Clause, front: string) => replaced(clause, clause.written.slice(front.length))

function replaced({ line }: Clause, written: string): Clause {
  return { written, text: plainText(written).toLowerCase().trim(), line }
}

/** Takes the heading off a line, and notes which part of the envelope it begins. */
export function afterHeading(reading: Reading, text: string): string {
  if (NOTIONS_HEAD.test(text)) {
    reading.inNotions = true
    reading.isRoleTold = false
    // A table that follows without a word of its own is that of the main cloth.
    reading.role = 'main'
    return text.replace(NOTIONS_HEAD, '').trim()
  }
  const found = ROLE_PATTERNS.find(([pattern]) => pattern.test(text))
  // Bought by the length it is a notion; cut from fabric it has a width.
  const isTape = found?.[1] === 'binding' && !measuresIn(text).some(({ is }) => is === 'width')
  const role = isTape ? undefined : found
  if (role) {
    reading.inNotions = false
    const views = reading.captionLine === reading.line ? reading.table.views : []
    reading.table = { ...reading.table, views, nap: null, widthMm: null }
    reading.role = role[1]
    reading.isRoleTold = false
    roleRead(reading, role[1])
    // “Lining: …” is a heading; “lightweight interfacing” is one that says something itself.
    const rest = text.replace(/^[^:]{0,40}:\s*/, '')
    return role[1] === 'interfacing'
      ? text.replace(/:/, ' ')
      : rest === text
        ? text.replace(role[0], '').trim()
        : rest
  }
  if (FABRICS_HEAD.test(text)) {
    reading.inNotions = false
    reading.role = 'main'
    return text.replace(FABRICS_HEAD, '').trim()
  }
  return text
}
