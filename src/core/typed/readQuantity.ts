import { decimalSeparator } from './numeral'
import { readAmount, type AmountReading } from './amount'
import { readPrice } from './price'
import { PLAUSIBLE, UNITS_OF, USUAL_UNIT, type TypedKind, type TypedUnit } from './units'

export { TYPED_KINDS, type TypedKind } from './units'

/** How a typed number is to be understood. */
export interface TypedAs {
  kind: TypedKind
  /** BCP 47; decides nothing but which reading of an ambiguous text is put first. */
  locale?: string
  units?: 'metric' | 'imperial'
  /** The unit of a number that has none, for example `cm`. */
  assume?: string
  /** What is plausible here, in mm, g, g/m², per cent; left out: what is plausible of fabric. */
  range?: readonly [number, number]
}

/** One way to read what was typed. */
export interface QuantityReading {
  /** mm, g, g/m², per cent, pieces, or an amount of money. */
  value: number
  /** The unit that was read or assumed; of a price the currency, and `/yd` or `/m` behind it where it was said. */
  unit: string
  plausible: boolean
}

export interface TypedQuantity extends QuantityReading {
  /** Whether it can be read in more than one sensible way: then the person is asked. */
  ambiguous: boolean
  /** All readings where there is something to ask, the likeliest first. */
  readings: QuantityReading[]
}

export type TypedRead = { ok: true; read: TypedQuantity } | { ok: false; message: string }

const MOST_CHARACTERS = 80

/**
 * Reads a number as a person types it: comma or point, fractions, units behind it, two units together (`1 yd 9 in`).
 * What can be read in two ways is never decided silently.
 * @returns the quantity in mm, g, g/m², per cent, pieces or money; or what was not understood, in words
 */
export function readQuantity(text: string, as: TypedAs): TypedRead {
  const clean = tidied(text)
  if (clean === '') return { ok: false, message: 'Please enter a number.' }
  if (clean.length > MOST_CHARACTERS) return { ok: false, message: 'That is too long for a number.' }
  const readings = readingsOf(clean, as)
  if (readings.length === 0) return { ok: false, message: messageFor(text.trim(), as) }
  const told = readings.map(({ value, unit, isGrouped }) => ({
    value,
    unit,
    isGrouped,
    plausible: isPlausible(value, as),
  }))
  const usual = usualFirst(told, decimalSeparator(as.locale ?? 'en-GB') === (clean.includes(',') ? ',' : '.'))
  const [first] = usual as [(typeof usual)[number]]
  // The way this language writes it, and nothing else makes sense: there is nothing to ask.
  const isCertain = usual.length === 1 || (first.plausible && usual.slice(1).every((other) => !other.plausible))
  const likely = isCertain ? first : (usual.find(({ plausible }) => plausible) ?? first)
  const bare = ({ value, unit, plausible }: (typeof usual)[number]): QuantityReading => ({ value, unit, plausible })
  const others = usual.filter((one) => one !== likely)
  const isAnyPlausible = usual.some(({ plausible }) => plausible)
  const doubts = [...others.map(bare), ...(isAnyPlausible ? [] : inOtherUnits(clean, as))]
  return {
    ok: true,
    read: {
      ...bare(likely),
      ambiguous: !isCertain,
      readings: doubts.length > 0 && !(isCertain && first.plausible) ? [bare(likely), ...doubts] : [],
    },
  }
}

/** Whether a value is what fabric is like, in mm, g, g/m², per cent. */
export function isPlausible(value: number, { kind, range }: Pick<TypedAs, 'kind' | 'range'>): boolean {
  const [low, high] = range ?? PLAUSIBLE[kind]
  return value >= low && value <= high
}

function readingsOf(text: string, as: TypedAs): AmountReading[] {
  if (as.kind === 'price') return readPrice(text)
  const readings = readAmount(text, UNITS_OF[as.kind], assumedUnit(as)).filter(
    // Only what changes can be less than nothing.
    ({ value }) => value >= 0 || as.kind === 'percent' || as.kind === 'number',
  )
  if (as.kind !== 'count') return readings
  // Things are whole: a separator parts thousands, or is followed by noughts.
  const whole = readings.filter(({ value }) => Number.isInteger(value))
  return whole.length > 1 ? whole.filter(({ isGrouped }) => isGrouped) : whole
}

/** Whether a kind of quantity can be typed in a unit. */
export function isUnitOf(unit: string, kind: TypedKind): boolean {
  return UNITS_OF[kind].some(({ id, written }) => id === unit || written.includes(unit.toLowerCase()))
}

function assumedUnit({ kind, units = 'metric', assume }: TypedAs): TypedUnit {
  const wanted = assume ?? USUAL_UNIT[kind][units]
  const known = UNITS_OF[kind].find(({ id, written }) => id === wanted || written.includes(wanted.toLowerCase()))
  return (
    known ?? UNITS_OF[kind].find(({ id }) => id === USUAL_UNIT[kind][units]) ?? { id: '', factor: 1, written: [] }
  )
}

/** The reading that the language makes first. */
function usualFirst<T extends { isGrouped: boolean }>(readings: readonly T[], isDecimalHere: boolean): T[] {
  return readings.toSorted((a, b) => Number(a.isGrouped === isDecimalHere) - Number(b.isGrouped === isDecimalHere))
}

/** A number without a unit that is implausible in the usual one: what it would be in others. */
function inOtherUnits(text: string, as: TypedAs): QuantityReading[] {
  const assumed = assumedUnit(as)
  return UNITS_OF[as.kind]
    .filter(({ id }) => id !== assumed.id && id !== 'ft' && id !== 'momme')
    .flatMap((unit) => readAmount(text, UNITS_OF[as.kind], unit))
    .filter(({ value, unit }) => unit !== assumed.id && isPlausible(value, as))
    .map(({ value, unit }) => ({ value, unit, plausible: true }))
    .filter((one, i, all) => all.findIndex(({ unit }) => unit === one.unit) === i)
}

function messageFor(text: string, { kind, assume, units = 'metric' }: TypedAs): string {
  const example: Record<TypedKind, string> = {
    length: '2.5 m, 2 1/2 yd or 1 yd 9 in',
    width: '140 cm or 55 in',
    weight: '12.4 g or 2 oz',
    'areal-weight': '150 g/m² or 4.5 oz/yd²',
    percent: '20 %',
    price: '12.50',
    count: '6',
    number: '2.5',
  }
  const unit = assume ?? USUAL_UNIT[kind][units]
  const inUnit = unit ? ` in ${unit}` : ''
  return `We can’t read “${text.slice(0, 40)}” as a number${inUnit}. Please enter it like ${example[kind]}.`
}

/** Without what people put around a number. */
function tidied(text: string): string {
  return text
    .trim()
    .replace(/[−–—]/g, '-')
    .replace(/\s+/g, ' ')
    .replace(/^(?:~|≈|about|approx\.?|approximately|circa|ca\.?|roughly)\s*/i, '')
    .replace(/(?<=\S)\s+(?:wide|long|in width|in length)$/i, '')
    .replace(/(?<=[a-z])\.$/i, '')
}
