import { type Role } from '../../vocabulary/choosing'
import { bindLengths, NO_KEYS, type Bound } from './binding'
import { viewMarks } from './captions'
import { type EnvelopeColumns } from './columns'
import { hasTableWordsOnly, markEnvelope, type MarkedText } from './marks'
import { measuresIn, withoutRestated } from './measures'
import { USUAL_STARS } from './naps'
import { plainText } from './numbers'
import { sizeMarks } from './sizes'
import { itemAt, lastOf, mustHave } from '../../lists/items'

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

/** The unit of numbers that have none. */
export type TableUnit = 'yd' | 'm' | 'cm'

/** What was said above a line. */
export interface TableContext {
  columns: EnvelopeColumns | null
  /** Views whose rows these are; empty where it is one for all. */
  views: readonly string[]
  nap: boolean | null
  unit: TableUnit | undefined
  /** Of a line that has a width and nothing else: the lengths stand on the next. */
  widthMm: number | null
  /** Whether one, two and three asterisks say that the nap runs one way. */
  stars: readonly boolean[]
  /** Whether its rows are of interfacing or the like, which is sold narrower. */
  isNarrow?: boolean
}

export const NO_CONTEXT: TableContext = {
  ...{ columns: null, views: [], nap: null, unit: undefined, widthMm: null },
  stars: USUAL_STARS,
}

/** What is bought beside the lengths, for what nobody knows yet. */
const MORE = /\b(?:add|extra|additional|more|per repeat|each repeat)\b/
const SAID_OF_FABRIC = [/\d[^\d]{0,12}\b(?:of|wide)\b/, /\d\s*(?:c?m|yds?|yards?|metres?)\s*(?:x|at|@)\s*\d/] as const
/** What a line tells of lengths. */
export interface RowRead {
  lengths: TableLength[]
  /** Whether it is a row of numbers whose columns or width are not known. */
  isOpen: boolean
  /** Whether all of its measures were understood. */
  isWhole: boolean
}

const NO_ROW: RowRead = { lengths: [], isOpen: false, isWhole: false }

/**
 * The lengths that a line tells: a row of a table under its heading, or a sentence with a length and a width of
 * fabric. Nothing else is a length: what cannot be told apart is left to the person.
 * @param line as it was written
 * @param isReread its width or columns were found below it
 */
export function rowIn(line: string, above: TableContext, isReread = false): RowRead {
  const text = plainText(line).trim()
  const { columns } = above
  const read = markEnvelope(text, {
    isRowOfSize:
      columns !== null && itemAt(columns.list, 0).widthMm !== null && itemAt(columns.list, 0).size === null,
    columns: columns?.list.length ?? null,
    hasWidth: above.widthMm !== null,
    isWidthFirst: columns?.isWidthFirst ?? false,
    stars: above.stars,
    isInCm: above.unit === 'cm',
    isNarrow: above.isNarrow ?? false,
  })
  const isOfFabric = SAID_OF_FABRIC.some((pattern) => pattern.test(read.text))
  if ((read.isOfBody && !isOfFabric) || MORE.test(read.text)) return NO_ROW
  const found = bindLengths(read, columns)
  // A lone number beside a full row is no length.
  const isLone = ({ values }: Bound) => values.length === 1 && itemAt(values, 0).unit === undefined
  if (found.some(isLone) && found.some(({ values }) => values.length > 1)) return NO_ROW
  if (found.some(({ keys }) => keys === null))
    return { ...NO_ROW, isOpen: columns === null && (!read.hasWords || areRows(found)) }
  const units = unitOf(read, above)
  const ofRuns = found.map((run) => lengthsOf(run, above, units, { read, isReread }))
  // “1 m organza 150 cm wide, 2 m wire”: what has no width beside what has one is something else.
  const isOther = (_: unknown, i: number) =>
    read.hasWords && mustHave(itemAt(found, i).keys).every(({ widthsMm }) => widthsMm === null)
  const others = ofRuns.some((run) => !run.includes(null))
    ? ofRuns.filter((run, i) => run.includes(null) && isOther(run, i))
    : []
  const lengths = ofRuns.filter((run) => !others.includes(run)).flat()
  return lengths.length > 0 && lengths.every((one) => one !== null) && areApart(lengths)
    ? { lengths, isOpen: false, isWhole: !read.hasOthers && others.length === 0 }
    : { ...NO_ROW, isOpen: lengths.includes(null) && (!read.hasWords || areOfSizes(found)) }
}

/** Whether a line has a row of lengths, with their unit: “1.9, 2.0, 2.1 m of fleece”. */
const areRows = (runs: readonly Bound[]) =>
  runs.every(({ values }) => values.length > 2 && lastOf(values).unit !== undefined)

/** Whether every length of a line has its unit, and says of which sizes or views it is. */
const areOfSizes = (runs: readonly Bound[]) =>
  runs.every(({ values, keys }) =>
    values.every(({ unit }, i) => unit !== undefined && (keys?.[i]?.sizes ?? keys?.[i]?.views)),
  )

export const lengthsIn = (line: string, above: TableContext): TableLength[] => rowIn(line, above).lengths

/** The unit of numbers that have none: that of the others, else as the table was said to be. */
function unitOf(read: MarkedText, { unit, columns }: TableContext): TableUnit | undefined {
  const values = read.marks.flatMap((mark) => (mark.is === 'value' ? mark : []))
  const said = values.find(({ unit }) => unit === 'yd' || unit === 'm' || unit === 'cm')?.unit
  if (said === 'yd' || said === 'm' || said === 'cm') return said
  const isTable = unit !== undefined || columns !== null
  if (!isTable || read.hasWords) return undefined
  if (unit !== undefined) return unit
  const isFraction = values.some(({ at, end }) => read.text.slice(at, end).includes('/'))
  const isInch = read.marks.some(({ is, at, end }) => is === 'width' && /"|in/.test(read.text.slice(at, end)))
  return isFraction || isInch ? 'yd' : 'm'
}

/** Longest and shortest that one cut may be, where a number stands without a unit. */
const BARE = [0.05, 20] as const
const SHORTEST_MM = 50
const MM: Readonly<Record<TableUnit, number>> = { yd: 914.4, m: 1000, cm: 10 }

const OF_OWN_WIDTH: readonly Role[] = ['lining', 'interfacing', 'underlining', 'wadding', 'binding']

/** The lengths of a run, each for each of what it is of; null for one that cannot be. */
function lengthsOf(
  run: Bound,
  above: TableContext,
  unit: TableUnit | undefined,
  { read, isReread }: { read: MarkedText; isReread: boolean },
): (TableLength | null)[] {
  return run.values.flatMap(({ value, mm }, i): (TableLength | null)[] => {
    const keys = run.keys?.[i] ?? NO_KEYS
    const isSensible = unit === 'cm' ? value > 5 : value >= BARE[0] && value <= BARE[1]
    const long = mm ?? (unit && isSensible ? value * MM[unit] : NaN)
    // Interfacing and the like are sold in widths of their own.
    const isOwnWidth = keys.roles?.some((role) => OF_OWN_WIDTH.includes(role)) ?? false
    const widths = keys.widthsMm ?? (above.widthMm === null || isOwnWidth ? [] : [above.widthMm])
    // Words beside a length whose width stands elsewhere: nobody knows that it is fabric.
    const isFabric = keys.widthsMm !== null || !read.hasWords || (mm !== undefined && keys.sizes !== null && isReread)
    if (!(long > SHORTEST_MM) || widths.length === 0 || !isFabric) return [null]
    const views = keys.views ?? (above.views.length > 0 ? above.views : [null])
    const nap = keys.nap ?? above.nap ?? false
    return widths.flatMap((widthMm) =>
      views.flatMap((view) =>
        (keys.sizes ?? [null]).flatMap((size) =>
          (keys.roles ?? [undefined]).map((role) => ({
            ...{ size, view, widthMm, lengthMm: Math.round(long), nap },
            ...(role && { role }),
          })),
        ),
      ),
    )
  })
}

/** Two lengths of one and the same thing: nobody knows which is right. */
function areApart(lengths: readonly (TableLength | null)[]): lengths is TableLength[] {
  const keys = lengths.map((one) => one && [one.role, one.view, one.size, one.widthMm, one.nap].join('|'))
  return new Set(keys).size === keys.length
}

/** The width of a line that has one and nothing else, mm. */
export function widthAlone(line: string): number | undefined {
  const text = plainText(line).toLowerCase()
  const [width, ...others] = withoutRestated(measuresIn(text), text)
  const isOfOne =
    /\dx|\d x/.test(text) || viewMarks(plainText(line)).length > 0 || sizeMarks(plainText(line), false).length > 0
  const isAlone = width?.is === 'width' && others.length === 0 && !isOfOne
  const words = text.replace(/\bnap\b|\b(?:main|self|lining|interfacing|contrast)\b/g, '')
  return isAlone && hasTableWordsOnly(words) ? Math.round(mustHave(width.mm)) : undefined
}
