import { captionOf, viewMarks, viewsOf, type Caption } from './captions'
import { type Clause } from './clauses'
import { envelopeColumnsOf, readCrossTable } from './columns'
import { NOTION_PATTERNS, ROLE_PATTERNS } from './lexicon'
import { namesRole } from './marks'
import { measuresIn } from './measures'
import { readGarment, readNap } from './fabricNeeds'
import { plainText } from './numbers'
import { roleRead, type EnvelopeReading } from './reading'
import { napIn } from './naps'
import { rowIn, widthAlone, type TableContext, type TableUnit } from './table'
import { itemAt, mustHave } from '../../lists/items'

/** Heads a list of everything. */
export const ALL_HEAD = /^(?:what you(?:'ll| will)? need|materials?(?: needed)?|supplies|requirements)\s*:?$/

export const NOTIONS_HEAD =
  /^(?:notions|haberdashery|you(?:'ll| will) (?:also )?need|also(?: needed)?|findings|sewing supplies|extras)\b\s*:?/
export const FABRICS_HEAD = new RegExp(
  String.raw`^(?:suggested |recommended |suitable |best )?(?:fabrics?|cloth|materials?)` +
    String.raw`(?: (?:suggestions?|recommendations?|requirements?|needed|required))?\s*:?`,
)
const LETTERS = String.raw`([a-k1-9](?:\s*(?:,|&|and|\/|-)\s*[a-k1-9])*)`
const VIEWS = String.raw`(?:views?|versions?|options?|styles?|variations?)\s+${LETTERS}`
/** “Version 1 - short sleeve”, “View A short sleeves”, and no sentence of it. */
const VIEW_WORDS = String.raw`(?:[-:(][^\d]{0,40}|\s(?!.*\b(?:ha(?:s|ve)|is|are|with)\b)[a-z]{3,}(?: [a-z]+){0,2})?`
const VIEWS_ALONE = new RegExp(String.raw`^${VIEWS}\s*${VIEW_WORDS}$`)
const NAP_ALONE = new RegExp(
  String.raw`^(?:\*+\s*)?(?:(?:all )?(?:yardages?|metrages?|lengths?|amounts?) (?:are|is)(?: given)? )?` +
    String.raw`(?:with(?:out)?(?: or with(?:out)?)? nap|no nap)\s*:?$`,
)
const UNITS_ALONE = new RegExp(
  String.raw`^\(?(?:yards?|met(?:re|er)s|yardage|metrage|lengths?|requirements|` +
    String.raw`(?:all )?(?:lengths|amounts|quantities)|` +
    String.raw`fabric (?:requirements?|required|table|chart|use|consumption))\b.{0,30}$`,
)

/** What asterisks say, which was read before anything else. */
const LEGEND = /^(?:\*{1,3}\s*=?\s*(?:with|without|no|one|or|way|nap|[,;/ ])+)+$/
/** Which sizes the pattern has, of which `sizesOfAll` tells. */
const FOR_SIZES = /^(?:in |for )?(?:all )?sizes? \w{1,4} ?(?:-|to) ?\w{1,4}$/
/** `TOP A   6   8   10`: a caption, and the sizes of its columns. */
const NUMBERS = /^(?:\d{1,2}\s+){2,}\d{1,2}$/

/** A line that says something of the rows below it. */
export function readHeading(reading: EnvelopeReading, clause: Clause): boolean {
  const before = BEFORE_NUMBERS.exec(clause.written)?.[0]
  const over = before === undefined ? undefined : captionOf(before)
  if (over && NUMBERS.test(clause.written.slice(mustHave(before).length).trim())) {
    readGarment(reading, mustHave(before).toLowerCase())
    begin(reading, over)
    return readHeading(reading, replaced(clause, `Sizes ${clause.written.slice(mustHave(before).length)}`))
  }
  const { text, written, line } = clause
  const columns = envelopeColumnsOf(written)
  const views = columns ? null : VIEWS_ALONE.exec(text)
  const caption = columns || /\d/.test(text) ? undefined : captionOf(written)
  if (ALL_HEAD.test(text)) reading.role = 'main'
  else if (LEGEND.test(text) || FOR_SIZES.test(text)) return true
  else if (/^one size(?: only| fits all)?$/.test(text)) reading.table = { ...reading.table, columns: null }
  else if (views) {
    readGarment(reading, text)
    reading.table = { ...reading.table, views: viewsOf(itemAt(views, 1)) }
  } else if (caption) {
    readGarment(reading, text)
    begin(reading, caption)
  } else if (columns) {
    readGarment(reading, text)
    const above = reading.headed === null ? null : reading.table.columns
    reading.table = { ...reading.table, columns: (above && readCrossTable(above, columns)) ?? columns, widthMm: null }
    reading.headed = columns
    noteBelow(reading, line)
    return true
  } else if (NAP_ALONE.test(text)) {
    reading.table = { ...reading.table, nap: napIn(text) }
    readNap(reading, text)
  } else if (widthAlone(written) !== undefined) {
    const nap = napIn(text) ?? (namesRole(text) ? false : null)
    if (reading.captionLine < 0 && !namesRole(text)) reading.widthOfAll = mustHave(widthAlone(written))
    reading.table = { ...reading.table, widthMm: mustHave(widthAlone(written)), ...(nap !== null && { nap }) }
    noteBelow(reading, line)
  } else if (UNITS_ALONE.test(text) && !/\d/.test(text)) {
    reading.table = { ...reading.table, unit: unitNamed(text) ?? reading.table.unit }
  } else return false
  reading.headed = null
  return true
}

/** The unit that a heading names for the numbers below it. */
function unitNamed(text: string): TableUnit | undefined {
  if (/\byds?\b|yard/.test(text)) return 'yd'
  return /\bcms?\b|centimet/.test(text) ? 'cm' : /\bm\b|met(?:re|er|rage)/.test(text) ? 'm' : undefined
}

/** A heading straight below rows that had none may be theirs. */
function noteBelow(reading: EnvelopeReading, line: number): void {
  const last = reading.open.at(-1)
  if (last === undefined || line - last.clause.line > MOST_BETWEEN || reading.role !== last.role) return
  const { columns, widthMm } = reading.table
  reading.below = { columns, widthMm }
}

const MOST_BETWEEN = 2

/** A caption begins rows of its own. */
function begin(reading: EnvelopeReading, { views, role, label }: Caption): void {
  reading.inNotions = false
  reading.isRoleTold = false
  reading.role = role
  roleRead(reading, role)
  const widthMm = role === 'main' ? reading.widthOfAll : null
  reading.table = { ...reading.table, views: label === null ? views : [label], nap: null, widthMm }
}

/** What stands before the first number of a line. */
const BEFORE_NUMBERS = /^(?:fabric [1-9](?=:)|)[^\d½⅓⅔¼¾⅛⅜⅝⅞]+(?=[\d½⅓⅔¼¾⅛⅜⅝⅞])/i
/** “…, sizes S/M/L: 44" fabric …”, “… to fit ages 3, 4, 5”: the columns of what follows, within a line. */
const SIZES_WITHIN = new RegExp(
  String.raw`[\s,(]+(?:to fit )?(?:sizes?|ages?)\s+([\dxsmlty]{1,4}` +
    String.raw`(?:(?:(?:\s*[,/]\s*|\s+(?:and|&)\s+)[\dxsmlty]{1,4})+|(?:-[\dxsmlty]{1,4}){2,}))\)?\s*(:|$)`,
  'i',
)
/** “Shorts S-M-L-XL”, “for toddlers 80-86-92:”: sizes that no word announces. */
const CHAIN_WITHIN = new RegExp(
  String.raw`[\s,(]+(?:\d{1,2} sizes?[\s,:(]+)?((?:[1-6]?X{0,3}[SML](?:\s*[,/-]\s*[1-6]?X{0,3}[SML]){2,}|` +
    String.raw`\d{2,3}(?:[/-]\d{2,3}){2,}))\)?\s*(:|$)`,
)
/** “Main fabric, 140 cm wide: A 2.30 m”: a width that the lengths of the whole line are of. */
const WIDTH_FIRST = /^[^:]*\b(?:wide|width)\s*:\s*(?=[A-K]\s+\d)/

/** Takes the caption and the width off the front of a line with numbers, and notes both. */
export function withoutCaption(reading: EnvelopeReading, clause: Clause): Clause {
  if (clause.line !== reading.line) {
    // A width before the lengths of one line is of that line alone.
    if (reading.widthOfLine !== null) reading.table = { ...reading.table, widthMm: null }
    reading.line = clause.line
    reading.widthOfLine = null
  }
  const said = SIZES_WITHIN.exec(clause.written) ?? CHAIN_WITHIN.exec(clause.written)
  // “2.2 m (sizes 8, 10, 12)” heads nothing.
  const sized = said && measuresIn(clause.text.slice(0, said.index)).every(({ is }) => is === 'bare') ? said : null
  const columns =
    sized && envelopeColumnsOf(`Sizes ${itemAt(sized, 1).replace(/[/,&]|\band\b|-(?=.*-)|(?<=-.*)-/g, ' ')}`)
  const isLast = sized !== null && clause.written.trimEnd().endsWith(sized[0].trimEnd())
  if (
    sized &&
    columns &&
    (sized[2] !== ':' || isLast || areColumnsOf(clause, sized[0], { ...reading.table, columns }))
  ) {
    reading.table = { ...reading.table, columns, widthMm: null }
    return withoutCaption(
      reading,
      replaced(clause, clause.written.replace(sized[0], sized[2] === ':' && !isLast ? ' ' : '')),
    )
  }
  const width = WIDTH_FIRST.exec(clause.written)?.[0]
  if (width) {
    afterHeading(reading, plainText(width).toLowerCase().trim())
    const found = /[\d./½¼¾⅛]+[^\d]*$/.exec(width)
    reading.widthOfLine = found ? (widthAlone(found[0].replace(':', '')) ?? null) : null
    reading.table = { ...reading.table, widthMm: reading.widthOfLine }
    return withoutCaption(reading, cutOff(clause, width))
  }
  // “Trousers sizes S, M: 2 m”: a caption ends where sizes begin.
  const before = BEFORE_NUMBERS.exec(clause.written)?.[0].replace(
    /(?<=[a-z]:?\s)(?<!\ball\s)\(?(?:sizes?|ages?)\b.*$/i,
    '',
  )
  const caption = before === undefined ? undefined : captionOf(before)
  if (before === undefined || !caption || isArticle(before, clause) || isOneOfMany(caption, clause)) return clause
  const { widthMm } = reading.table
  readGarment(reading, before.toLowerCase())
  reading.captionLine = clause.line
  begin(reading, caption)
  if (reading.widthOfLine !== null) reading.table = { ...reading.table, widthMm }
  return cutOff(clause, before)
}

/** Whether what stands behind sizes and a colon is a length for each of them. */
function areColumnsOf({ written }: Clause, sizes: string, table: TableContext): boolean {
  const { lengths } = rowIn(written.slice(written.indexOf(sizes) + sizes.length), table)
  return new Set(lengths.map(({ size }) => size)).size === mustHave(table.columns).list.length
}

/** “A: 1.75 m  B: 1.95 m”: views one behind the other. */
const isOneOfMany = ({ label, role }: Caption, { written }: Clause) =>
  label === null && role === 'main' && viewMarks(plainText(written)).length > 1

/** “A 23 cm zip”: one of them, and no view. */
function isArticle(before: string, { text }: Clause): boolean {
  const [item] = text.split(',')
  return before.trim().toLowerCase() === 'a' && NOTION_PATTERNS.some(([pattern]) => pattern.test(mustHave(item)))
}

const cutOff = (clause: Clause, front: string) => replaced(clause, clause.written.slice(front.length))

function replaced({ line }: Clause, written: string): Clause {
  return { written, text: plainText(written).toLowerCase().trim(), line }
}

/** Takes the heading off a line, and notes which part of the envelope it begins. */
export function afterHeading(reading: EnvelopeReading, text: string): string {
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
