import { type Role } from '../../vocabulary/choosing'
import { isSize, type Columns } from './columns'
import { measuresIn, withoutRestated, type Measure } from './measures'
import { NOTION_PATTERNS } from './lexicon'
import { lengthMm, plainText } from './numbers'

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
  const isSaid = /\d[^\d]{0,12}\b(?:of|wide)\b/.test(text)
  if (BODY.test(text) && !isSaid) return []
  const nap = napIn(text) ?? context.nap ?? false
  const first = measures.find(({ is }) => is === 'width' || is === 'length')
  const hasWidth = measures.some(({ is }) => is === 'width')
  const found =
    !hasWidth && context.widthMm !== null
      ? underOneWidth(measures, text, context)
      : context.columns?.of === 'width' && !hasWidth
        ? underWidths(measures, text, context)
        : first?.is === 'width'
          ? afterWidths(measures, text, context)
          : first
            ? beforeWidths(measures, text)
            : []
  return found.flatMap(({ size, view, ...rest }) => {
    const views = view === null ? (row.views.length > 0 ? row.views : [null]) : [view]
    return views.map((one) => ({ ...rest, size: size ?? row.size, view: one, nap }))
  })
}

type Found = Omit<TableLength, 'nap'>

/** What stands before the measures of a row: its view, its size. */
function rowOf(text: string, { views, columns }: TableContext): Row {
  let rest = text
  let own = views
  const named = /^views?\s+([a-k1-9](?:\s*(?:,|&|and|\/|-)\s*[a-k1-9])*)\b\s*[:,|)]?\s*/i.exec(rest)
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
  const sized = /^sizes?\s+([\w/-]+)\s*[:,|)-]?\s*(?:(?:requires?|needs?|takes?)\s+)?/i.exec(rest)
  if (sized && isSize(sized[1]!))
    return { columns: null, size: sized[1]!, views: own, rest: rest.slice(sized[0].length) }
  const [cell = ''] = rest.split(/[\s|\t:]+/)
  const isLabel = columns?.of === 'width' && isSize(cell)
  return isLabel
    ? { columns: null, size: cell, views: own, rest: rest.slice(cell.length).replace(/^[\s|:]+/, '') }
    : { columns: null, size: null, views: own, rest }
}

/** `A, B`, `A-C`, `A & D`. */
export function viewsOf(text: string): string[] {
  const range = /^\s*([a-k])\s*-\s*([a-k])\s*$/i.exec(text)
  if (!range)
    return (
      text
        .replace(/\band\b/gi, ' ')
        .toUpperCase()
        .match(/[A-K1-9]/g) ?? []
    )
  const [from, to] = [range[1]!.toUpperCase().charCodeAt(0), range[2]!.toUpperCase().charCodeAt(0)]
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => String.fromCharCode(from + i))
}

/** Lengths below a line that has their width. */
function underOneWidth(measures: readonly Measure[], text: string, context: TableContext): Found[] {
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
  if (columns?.of !== 'width') return []
  const lengths = inOneUnit(measures, text, context, false)
  if (!lengths || lengths.length !== columns.widthsMm.length) return []
  return lengths.map((mm, i) => ({ size: null, view: null, widthMm: columns.widthsMm[i]!, lengthMm: mm }))
}

/** `45": 2 yd; 60": 1½ yd`, `115 cm 2.4 2.5 2.6 m`: what follows a width is of it, a column each. */
function afterWidths(measures: readonly Measure[], text: string, context: TableContext): Found[] {
  const hasLong = measures.some(({ is }) => is === 'length')
  const groups: { width: Measure; lengths: Measure[] }[] = []
  for (const measure of measures) {
    const group = groups.at(-1)
    // “150 cm: 180 cm”: without metres or yards the second is the length.
    const isWidth = measure.is === 'width' && (!group || hasLong || group.lengths.length > 0)
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

/** One length is for all; several are of the columns, where there are as many. */
function inColumns(lengths: readonly number[], widthMm: number, columns: Columns | null): Found[] {
  const [only] = lengths
  const names = columns && columns.of !== 'width' ? columns.names : []
  if (lengths.length === 1 && names.length !== 1) return [{ size: null, view: null, widthMm, lengthMm: only! }]
  if (names.length !== lengths.length) return []
  return lengths.map((mm, i) => ({
    size: columns!.of === 'size' ? names[i]! : null,
    view: columns!.of === 'view' ? names[i]! : null,
    widthMm,
    lengthMm: mm,
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
  String.raw`\b(?:wide|width|fabric|cloth|with(?:out)?|or|and|nap|yds?|yards?|cms?|mm|in|inch(?:es)?|m|metres?|` +
    String.raw`meters?|lining|interfacing|contrast|main|self|views?|sizes?|all)\b`,
  'g',
)

/** `2 yd of 45" or 1½ yd of 60" wide`: each length with its own width. */
function beforeWidths(measures: readonly Measure[], text: string): Found[] {
  const found: Found[] = []
  for (const [i, length] of measures.entries()) {
    const width = measures[i + 1]
    if (length.is !== 'length' || width?.is !== 'width') continue
    // Two lengths before one width: nobody knows which of them is of it.
    if (measures[i - 1]?.is === 'length') continue
    const between = text.slice(length.end, width.at)
    const isJoined = between.length <= 40 && /^[^\d.;]*$/.test(between) && !isNotion(between)
    const behind = text.slice(width.end, measures[i + 2]?.at ?? text.length)
    const next = /^[^,;.]{0,40}/.exec(behind)![0]
    if (!isJoined || isNotion(next)) continue
    const role = roleIn(`${between} ${next}`)
    found.push({
      size: null,
      view: null,
      widthMm: Math.round(width.mm!),
      lengthMm: Math.round(length.mm!),
      ...(role && { role }),
    })
  }
  return found
}

const isNotion = (text: string) => NOTION_PATTERNS.some(([pattern]) => pattern.test(text))

const ROLE_WORDS: readonly (readonly [RegExp, Role])[] = [
  [/\binterfacing\b/, 'interfacing'],
  [/\bunderlining\b|\binterlining\b/, 'underlining'],
  [/\blining\b/, 'lining'],
  [/\bcontrast/, 'contrast'],
  [/\bwadding\b|\bbatting\b/, 'wadding'],
  [/\bpocket/, 'pocket'],
  [/\bbinding\b/, 'binding'],
  [/\b(?:main|self|outer|shell)\b/, 'main'],
]

const roleIn = (text: string) => ROLE_WORDS.find(([pattern]) => pattern.test(text))?.[1]

/** What a row says of the nap: with, or without and either; null where it says nothing. */
export function napIn(text: string): boolean | null {
  if (/with(?:out)? or with(?:out)? nap|\*{3}/.test(text)) return false
  if (/without nap|no nap|\bw\/?o nap|\*{2}/.test(text)) return false
  return /with nap|\bw\/? ?nap|\bnap\b|one[- ]way|(?<!\*)\*(?!\*)/.test(text) ? true : null
}
