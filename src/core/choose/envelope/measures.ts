import { NOTION_PATTERNS } from './lexicon'
import { lengthMm, NUMBER, parseEnvelopeNumber, UNIT, unitOf } from './numbers'
import { itemAt, mustHave } from '../../lists/items'

/** What a number in a line about fabric is. */
export interface EnvelopeMeasure {
  /** A width of fabric, a length of it, a bare number, or something else: a button, a zip, a hem. */
  is: 'width' | 'length' | 'bare' | 'other'
  value: number
  /** mm; undefined of a bare number. */
  mm: number | undefined
  unit: string | undefined
  /** Whether the line says that it is how wide something is. */
  isSaidWide?: boolean
  at: number
  end: number
}

/** Widths in which fabric is sold, mm; narrower where the line says that it is a width: interfacing, binding. */
const WIDTHS = [700, 3300] as const
const NARROWEST = 200
/** More than so of one width is no length that an envelope asks for, mm. */
const LONGEST = 30_000

// “44/45 in” and “58-60 in” are one width.
const WIDER_OF_TWO =
  String.raw`(?<!\/ )(?:\d{2,3} ?"? ?[/-] ?(?=\d{2,3} ?")|` +
  String.raw`\d{2,3} ?[/-] ?(?=\d{2,3} ?-?(?:in\b|inch|cm)))`
const MEASURE = new RegExp(String.raw`(?<![\w.,])(?<!\d ?\/)(?:${WIDER_OF_TWO})?(${NUMBER})\s*-?\s*(${UNIT})?`, 'g')
/** Behind a number, what makes it none that counts in fabric. */
const NO_MEASURE = /^\s*(?:%|per ?cent|oz\b|ounces?\b|gsm\b|g\/m|grams?\b|momme\b|x\b|:1)/
/** “Width 145 cm”. */
const WIDTH_BEFORE = /\bwidth(?: of)?\s*:?\s*$/
const WIDE = /^\s*-?\s*(?:wide\b|width\b|w\b)/

/**
 * The measures of a line, in their order; numbers that are none are left out.
 * @param text lower case, signs made plain
 * @param isNarrow it is about interfacing or the like, which is sold narrower
 */
export function measuresIn(text: string, isNarrow = false): EnvelopeMeasure[] {
  const measures = [...text.matchAll(MEASURE)].flatMap((found): EnvelopeMeasure[] => {
    const [whole, number, unit] = found
    const value = parseEnvelopeNumber(mustHave(number))
    const at = found.index
    const end = at + whole.trimEnd().length
    const after = text.slice(end)
    if (value === undefined || (unit === undefined && NO_MEASURE.test(after))) return []
    const known = unit === undefined ? widthUnit(value, after) : unitOf(unit)
    const mm = known === undefined ? undefined : lengthMm(value, known)
    const kind = kindOf({ unit: known, mm, isNarrow }, text.slice(0, at), after)
    return [
      {
        is: kind,
        value,
        mm,
        unit: known,
        at,
        end,
        isSaidWide: WIDE.test(after) || WIDTH_BEFORE.test(text.slice(0, at)),
      },
    ]
  })
  // “80 cm each, 110 cm wide”: where one is said to be the width, what stands before it is not.
  const said = measures.findIndex(({ is, isSaidWide }) => is === 'width' && isSaidWide)
  const before = measures.slice(0, Math.max(0, said)).filter(({ is }) => is === 'width' || is === 'length')
  const [only] = before
  // “115 cm / 150 cm wide” are two widths.
  const isBefore =
    before.length === 1 &&
    mustHave(only).is === 'width' &&
    /[a-z]{3,}/.test(text.slice(mustHave(only).end, itemAt(measures, said).at))
  return measures.map((one, i) => (isBefore && i < said && one.is === 'width' ? { ...one, is: 'length' } : one))
}

/** `140 wide`: the unit of a number that is said to be a width of fabric. */
function widthUnit(value: number, after: string): string | undefined {
  if (!/^\s*wide\b/.test(after)) return undefined
  return value >= WIDTHS[0] / 10 && value <= WIDTHS[1] / 10 ? 'cm' : value >= 28 ? 'in' : undefined
}

function kindOf(
  { unit, mm, isNarrow: isOfNarrow }: { unit: string | undefined; mm: number | undefined; isNarrow: boolean },
  before: string,
  after: string,
): EnvelopeMeasure['is'] {
  if (unit === undefined || mm === undefined) return 'bare'
  const isSaidWidth = WIDE.test(after) || WIDTH_BEFORE.test(before)
  if (isSaidWidth) return mm >= NARROWEST && mm <= WIDTHS[1] ? 'width' : 'other'
  if (unit === 'yd' || unit === 'm') return mm > 0 && mm <= LONGEST ? 'length' : 'other'
  // What is bought of a notion is no fabric: a 24 in zip, 45 cm of elastic.
  const next = /^[^,;.\d]{0,24}/.exec(after)?.[0] ?? ''
  if (NOTION_PATTERNS.some(([pattern]) => pattern.test(next))) return 'other'
  // “30 cm x 150 cm”: so much of a width.
  if (/^\s*(?:of|at)\b|^\s*x\s*\d{2,3}\s*cm\b/.test(after)) return mm > 50 ? 'length' : 'other'
  if (mm >= WIDTHS[0] && mm <= WIDTHS[1]) return 'width'
  // A row that begins with it: “60 cm: 1.2 m”.
  if (mm >= NARROWEST && mm <= WIDTHS[1] && before.trim() === '' && /^\s*:/.test(after)) return 'width'
  const isNarrow = mm >= NARROWEST && mm < WIDTHS[0]
  // Of a list, the item that it stands in, with what heads it.
  const item = `${mustHave(/(?:^[^\d,;]*, *)?[^,;]*$/.exec(before))[0]}${mustHave(/^[^,;]*/.exec(after))[0]}`
  return isNarrow && (isOfNarrow || INTERFACED.test(item)) ? 'width' : 'other'
}

const INTERFACED = /\binterfacing\b|\bfusible\b|\bbinding\b|\bunderlining\b/

/** Measures that say the one before again in other units: `45"/115 cm`, `2½ yd (2.3 m)`. */
export function withoutRestated(measures: readonly EnvelopeMeasure[], text: string): EnvelopeMeasure[] {
  return measures.filter((measure, i) => {
    const before = measures[i - 1]
    if (!before || before.mm === undefined || measure.mm === undefined) return true
    const between = text.slice(before.end, measure.at)
    const isAlike = before.unit !== measure.unit && Math.abs(measure.mm / before.mm - 1) < 0.06
    if (!isAlike) return true
    // In brackets it is the same again, whatever it looks like: “¾ yd (70 cm)”.
    const isRestated = before.is === measure.is ? /^\s*(?:[/(=]|or\b|\[)/ : /^\s*[([]/
    return !isRestated.test(between)
  })
}
