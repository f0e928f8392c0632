import { type Role } from '../../vocabulary/choosing'
import { viewsOf } from './captions'
import { isSize, type Columns } from './columns'
import { measuresIn, withoutRestated, type Measure } from './measures'
import { NOTION_PATTERNS } from './lexicon'
import { lengthMm, plainText, UNIT } from './numbers'
import { bySizes, sizesBefore, sizesFirst, type OfSizes } from './sizes'

/** A length that an envelope asks for. */
export interface TableLength {
  /** As the table heads its column; null where there is one for all. */
  size: string | null
  view: string | null
  widthMm: number
  lengthMm: number
  nap: boolean
  /** Where the line says of which fabric it is. */
  role?: Role
}

/** What was said above a line. */
export interface TableContext {
  columns: Columns | null
  /** Views whose rows these are; empty where it is one for all. */
  views: readonly string[]
  nap: boolean | null
  inYards: boolean | undefined
  /** Of a line that has a width and nothing else: the lengths stand on the next. */
  widthMm: number | null
}

export const NO_CONTEXT: TableContext = { columns: null, views: [], nap: null, inYards: undefined, widthMm: null }

/** Rows of the body, of the finished garment and of what is allowed: none of them is fabric. */
const BODY = new RegExp(
  String.raw`\b(?:bust|chest|waist|hips?|high hip|inseam|inside leg|outseam|finished|sweep|lower edge|leg opening|` +
    String.raw`measurements?|heights?|neck(?:line)?|back (?:neck|length|waist)|sleeve length|biceps?|thigh|` +
    String.raw`crotch|rise|ease|shoulder|circumference|(?:seam|hem) allowances?|hem (?:width|depth)|girth|` +
    String.raw`stretch(?:es)?|gauge|head)\b`,
)
/** Longest and shortest that one cut may be, where a number stands without a unit. */
const BARE = [0.05, 20] as const

interface Row {
  /** Sizes that the row names itself, before its lengths. */
  columns: Columns | null
  size: string | null
  views: readonly string[]
  rest: string
}

/**
 * The lengths that a line tells: a row of a table under its heading, or a sentence with a length and a width of
 * fabric. Nothing else is a length: what cannot be told apart is left to the person.
 * @param line as it was written
 * @returns none where the line is neither
 */
export function lengthsIn(line: string, above: TableContext): TableLength[] {
  const row = rowOf(plainText(line).trim(), above)
  const context = { ...above, columns: row.columns ?? above.columns }
  const text = row.rest.toLowerCase()
  const measures = withoutRestated(measuresIn(text), text)
  if (measures.length === 0) return []
  const isSaid =
    /\d[^\d]{0,12}\b(?:of|wide)\b/.test(text) || /\d\s*(?:m|yds?|yards?|metres?)\s*(?:x|at|@)\s*\d/.test(text)
  if (BODY.test(text) && !isSaid) return []
  const parts = bySizes(row.rest) ?? sizesFirst(row.rest)
  if (parts) return ofSizes(parts, { ...context, views: row.views })
  const nap = napIn(text) ?? context.nap ?? false
  const first = measures.find(({ is }) => is === 'width' || is === 'length')
  const hasWidth = measures.some(({ is }) => is === 'width')
  const led = hasWidth ? null : ledByWidth(measures, context)
  const found =
    !hasWidth && context.widthMm !== null
      ? underOneWidth(measures, text, context)
      : context.columns?.of === 'width' && !hasWidth
        ? underWidths(measures, text, context)
        : led || first?.is === 'width'
          ? afterWidths(led ?? measures, text, context)
          : first
            ? beforeWidths(measures, text, context)
            : []
  const forSizes = sizesBefore(row.rest)
  return found.flatMap(({ size, view, ...rest }) => {
    const views = view === null ? (row.views.length > 0 ? row.views : [null]) : [view]
    const sizes = size === null && forSizes ? forSizes : [size ?? row.size]
    return views.flatMap((one) => sizes.map((own) => ({ ...rest, size: own, view: one, nap })))
  })
}

type Found = Omit<TableLength, 'nap'>

/** Lengths that say behind them of which sizes they are; the first of them says the width of all. */
function ofSizes(parts: readonly OfSizes[], above: TableContext): TableLength[] {
  // “1.5 m (UK 6-14) or 1.8 m (UK 16-22) of 150 cm wide fabric”: the width stands behind them all.
  const [behind] = measuresIn((parts.at(-1)?.behind ?? '').toLowerCase()).filter(({ is }) => is === 'width')
  let widthMm = behind ? Math.round(behind.mm!) : above.widthMm
  return parts.flatMap(({ sizes, views, text }) => {
    const found = lengthsIn(text, { ...above, columns: null, widthMm, ...(views && { views }) })
    widthMm = found.at(-1)?.widthMm ?? widthMm
    return found.flatMap((one) => (sizes ?? [null]).map((size) => ({ ...one, size })))
  })
}

/** `115  2.1  2.2  2.3` below “Width  S  M  L”: the first number of a row is its width. */
function ledByWidth(measures: readonly Measure[], { columns }: TableContext): Measure[] | null {
  if (!columns || columns.of === 'width' || !columns.isWidthFirst) return null
  const [first, ...rest] = measures
  if (first?.is !== 'bare' || rest.length !== columns.names.length) return null
  const unit =
    first.value >= BARE_CM[0] && first.value <= BARE_CM[1] ? 'cm' : first.value >= BARE_IN ? 'in' : undefined
  const mm = unit && lengthMm(first.value, unit)
  return mm && mm <= BARE_CM[1] * 10 ? [{ ...first, is: 'width', unit, mm }, ...rest] : null
}

/** A bare number that is a width: so many cm, or inches from so many. */
const BARE_CM = [70, 330] as const
const BARE_IN = 28

/** What stands before the measures of a row: its view, its size. */
function rowOf(text: string, { views, columns }: TableContext): Row {
  let rest = text
  let own = views
  const named =
    /^(?:views?|versions?|options?|styles?)\s+([a-k1-9](?:\s*(?:,|&|and|\/|-)\s*[a-k1-9])*)\b\s*[:,|)]?\s*/i.exec(
      rest,
    )
  // A letter by itself is a view only where nothing of a sentence follows.
  const bare = /^([A-K](?:\s*(?:,|&|\/)\s*[A-K])*)(?:\s*[:|\t]\s*|\s+(?=\d))/.exec(rest)
  const found = named ?? bare
  if (found) {
    own = viewsOf(found[1]!)
    rest = rest.slice(found[0].length)
  }
  const several = /^sizes?\s+([^:]+):\s*/i.exec(rest)
  const sizes = several?.[1]!.split(/[\s,/|-]+/).filter((cell) => cell !== '' && cell !== 'and') ?? []
  if (several && sizes.length > 1 && sizes.every(isSize))
    return { columns: { of: 'size', names: sizes }, size: null, views: own, rest: rest.slice(several[0].length) }
  const sized = /^(?:[^\d]{0,40}[,)(]\s*)?sizes?\s+([\w/-]+)\s*[:,|)-]?\s*(?:(?:requires?|needs?|takes?)\s+)?/i.exec(
    rest,
  )
  if (sized && isSize(sized[1]!))
    return { columns: null, size: sized[1]!, views: own, rest: rest.slice(sized[0].length) }
  const [cell = ''] = rest.split(/[\s|\t:]+/)
  // “2 yards” is no row of size 2.
  const isMeasured = new RegExp(`^[\\s|:]*${UNIT}`, 'i').test(rest.slice(cell.length))
  const isLabel = columns?.of === 'width' && isSize(cell) && !isMeasured
  return isLabel
    ? { columns: null, size: cell, views: own, rest: rest.slice(cell.length).replace(/^[\s|:]+/, '') }
    : { columns: null, size: null, views: own, rest }
}

/** Lengths below a line that has their width. */
function underOneWidth(measures: readonly Measure[], text: string, context: TableContext): Found[] {
  // “2 m of elastic” below the width of a fabric is none of it.
  if (LETTERS.test(text.replace(TABLE_WORDS, ''))) return []
  const lengths = inOneUnit(measures, text, context, false)
  return lengths ? inColumns(lengths, context.widthMm!, context.columns) : []
}

/** The width of a line that has one and nothing else, mm. */
export function widthAlone(line: string): number | undefined {
  const text = plainText(line).toLowerCase()
  const [width, ...others] = withoutRestated(measuresIn(text), text)
  const isAlone = width?.is === 'width' && others.length === 0 && !LETTERS.test(text.replace(TABLE_WORDS, ''))
  return isAlone ? Math.round(width.mm!) : undefined
}

/** Rows below a heading of widths: a length for each. */
function underWidths(measures: readonly Measure[], text: string, context: TableContext): Found[] {
  const { columns } = context
  if (columns?.of !== 'width' || LETTERS.test(text.replace(TABLE_WORDS, ''))) return []
  const lengths = inOneUnit(measures, text, context, false)
  if (!lengths || lengths.length !== columns.widthsMm.length) return []
  return lengths.map((mm, i) => ({ size: null, view: null, widthMm: columns.widthsMm[i]!, lengthMm: mm }))
}

/** `45": 2 yd; 60": 1½ yd`, `115 cm 2.4 2.5 2.6 m`: what follows a width is of it, a column each. */
function afterWidths(measures: readonly Measure[], text: string, context: TableContext): Found[] {
  const all = endingInUnit(measures, context.columns) ?? measures
  const hasLong = all.some(({ is }) => is === 'length')
  const groups: { width: Measure; lengths: Measure[] }[] = []
  for (const measure of all) {
    const group = groups.at(-1)
    // “150 cm: 180 cm”: without metres or yards the second is the length.
    const isNext = !group || hasLong || measure.isSaidWide || group.lengths.length > 0
    const isWidth = measure.is === 'width' && isNext
    if (isWidth && group?.lengths.length === 0) return []
    if (isWidth) groups.push({ width: measure, lengths: [] })
    else if (group && measure.is !== 'other') group.lengths.push(measure)
    else if (measure.is === 'other') return []
  }
  return groups.flatMap(({ width, lengths }) => {
    const isInch = width.unit === 'in'
    const read = inOneUnit(lengths, text, context, isInch)
    return read ? inColumns(read, Math.round(width.mm!), context.columns) : []
  })
}

/** `140 cm: 190 195 200 cm`: the unit behind the last of a row is that of all its lengths. */
function endingInUnit(measures: readonly Measure[], columns: Columns | null): Measure[] | undefined {
  const [width, ...lengths] = measures
  const last = lengths.at(-1)
  const isRow = columns !== null && columns.of !== 'width' && lengths.length === columns.names.length
  if (!isRow || lengths.length < 2 || width?.is !== 'width' || last?.unit !== 'cm') return undefined
  return lengths.slice(0, -1).every(({ is }) => is === 'bare')
    ? [width, ...lengths.slice(0, -1), { ...last, is: 'length' }]
    : undefined
}

/** One length is for all; several are of the columns, where there are as many. */
function inColumns(lengths: readonly number[], widthMm: number, columns: Columns | null): Found[] {
  const [only] = lengths
  const names = columns && columns.of !== 'width' ? columns.names : []
  const isOfSizes = columns?.of === 'size'
  if (lengths.length === 1 && names.length !== 1) return [{ size: null, view: null, widthMm, lengthMm: only! }]
  if (names.length !== lengths.length) return []
  return lengths.map((lengthMm, i) => ({
    size: isOfSizes ? names[i]! : null,
    view: isOfSizes ? null : names[i]!,
    widthMm,
    lengthMm,
  }))
}

/** Lengths of one row in mm: a bare number counts in the unit of the others, else as the table was said to be. */
function inOneUnit(
  lengths: readonly Measure[],
  text: string,
  { inYards, columns }: TableContext,
  isInch: boolean,
): number[] | undefined {
  const bare = lengths.filter(({ is }) => is === 'bare')
  const said = lengths.find(({ unit }) => unit === 'yd' || unit === 'm' || unit === 'cm')?.unit
  const isFraction = bare.some(({ at, end }) => text.slice(at, end).includes('/'))
  const isTable = said !== undefined || inYards !== undefined || columns !== null
  if (lengths.length === 0 || (bare.length > 0 && !isTable)) return undefined
  if (bare.length > 0 && said === undefined && LETTERS.test(text.replace(TABLE_WORDS, ''))) return undefined
  const unit = said ?? (inYards === undefined ? (isFraction || isInch ? 'yd' : 'm') : inYards ? 'yd' : 'm')
  const all = lengths.map(({ mm, value }) => {
    if (mm !== undefined) return mm
    const isSensible = unit === 'cm' ? value > 5 : value >= BARE[0] && value <= BARE[1]
    return isSensible ? lengthMm(value, unit)! : NaN
  })
  return all.every((mm) => mm > 50) ? all.map(Math.round) : undefined
}

const LETTERS = /[a-z]{2,}/
const TABLE_WORDS = new RegExp(
  String.raw`(?<![a-z])(?:wide|width|fabrics?|cloth|only|with(?:out)?|or|and|nap|yds?|yards?|cms?|mm|in|` +
    String.raw`inch(?:es)?|m|metres?|meters?|lining|interfacing|contrast|main|self|views?|sizes?|all|yes|no|for)\b`,
  'g',
)

/** `2 yd of 45" or 1½ yd of 60" wide`: each length with its own width. */
function beforeWidths(measures: readonly Measure[], text: string, { columns }: TableContext): Found[] {
  return measures.flatMap((length, i) => {
    const width = measures[i + 1]
    if (length.is !== 'length' || width?.is !== 'width') return []
    // Two lengths before one width: nobody knows which of them is of it.
    if (measures[i - 1]?.is === 'length') return []
    const between = text.slice(length.end, width.at).replace(/\([^)]*\)/g, '')
    const isJoined = between.length <= 40 && /^[^\d.;]*$/.test(between) && !isNotion(between)
    const behind = text.slice(width.end, measures[i + 2]?.at ?? text.length)
    // Words before a colon are of what comes next.
    const next = /^[^,;.:]{0,40}(?![^,;.]{0,40}:)/.exec(behind)?.[0] ?? ''
    if (!isJoined || isNotion(next)) return []
    // “Lining: 1 m …”, “…, lining (cotton jersey) 1 m …”: said before the length.
    const before = text.slice(measures[i - 1]?.end ?? 0, length.at)
    const label = /[,;]\s*([^,;.\d]*)$|([^,;.\d]*:\s*)$/.exec(i === 0 ? `,${before}` : before)?.[0] ?? ''
    const role = roleOfLabel(label) ?? roleIn(`${between} ${next}`)
    const lengths = rowBefore(measures, i, text)
    const found = lengths && inColumns(lengths, Math.round(width.mm!), lengths.length > 1 ? columns : null)
    return (found ?? []).map((one) => ({ ...one, ...(role && { role }) }))
  })
}

/** The lengths of a row that ends in a length: `1.0, 1.1, 1.2 m of 150 cm`; undefined where they are no lengths. */
function rowBefore(measures: readonly Measure[], at: number, text: string): number[] | undefined {
  const last = measures[at]!
  let from = at
  const isListed = (i: number) => /^[\s,(]*$/.test(text.slice(measures[i]!.end, measures[i + 1]!.at))
  while (from > 0 && measures[from - 1]!.is === 'bare' && isListed(from - 1)) from -= 1
  const all = measures.slice(from, at).map(({ value }) => lengthMm(value, last.unit!)!)
  return [...all, last.mm!].every((mm) => mm > 50) ? [...all, last.mm!].map(Math.round) : undefined
}

const isNotion = (text: string) => NOTION_PATTERNS.some(([pattern]) => pattern.test(text))

const ROLE_WORDS: readonly (readonly [RegExp, Role])[] = [
  [/\bfusible fleece\b/, 'wadding'],
  [/\binterfacing\b|\bfusible\b/, 'interfacing'],
  [/\bunderlining\b|\binterlining\b/, 'underlining'],
  [/\blining\b/, 'lining'],
  [/\bcontrast/, 'contrast'],
  [/\bwadding\b|\bbatting\b/, 'wadding'],
  [/\bpocket/, 'pocket'],
  [/\bbinding\b/, 'binding'],
  [/\b(?:main|self|outer|shell)\b/, 'main'],
]

const roleIn = (text: string) => ROLE_WORDS.find(([pattern]) => pattern.test(text))?.[1]
/** “Outer and lining:” is a label of both, of which the clause as a whole tells. */
const roleOfLabel = (text: string) =>
  ROLE_WORDS.filter(([pattern]) => pattern.test(text)).length === 1 ? roleIn(text) : undefined

/** What a row says of the nap: with, or without and either; null where it says nothing. */
export function napIn(text: string): boolean | null {
  if (/with(?:out)? or with(?:out)? nap|\*{3}/.test(text)) return false
  if (/without nap|no nap|\bw\/?o nap|\*{2}/.test(text)) return false
  if (/with nap|\bw\/? ?nap|\bnap\b|one[- ]way|(?<!\*)\*(?!\*)/.test(text)) return true
  // The cells of a column that is headed so.
  return /\byes\b/.test(text) ? true : /\d["a-z)\s]*\bno\b\s*\d/.test(text) ? false : null
}
