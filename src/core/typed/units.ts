import {
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  GSM_PER_MOMME,
  GSM_PER_OUNCE_PER_SQUARE_YARD,
  MM_PER_INCH,
  MM_PER_YARD,
} from '../units/constants'

/** Kinds of quantity that people type. */
export const TYPED_KINDS = [
  'length',
  'width',
  'weight',
  'areal-weight',
  'percent',
  'price',
  'count',
  'number',
] as const
export type TypedKind = (typeof TYPED_KINDS)[number]

/** A unit as people write it. */
export interface TypedUnit {
  id: string
  /** Into mm, g, g/m² or per cent. */
  factor: number
  /** As it is written, lower case; the longest is tried first. */
  written: readonly string[]
  /** What a bare number after it counts in: `1 m 20`. */
  then?: string
}

const MM: TypedUnit = {
  id: 'mm',
  factor: 1,
  written: ['mm', 'millimetres', 'millimeters', 'millimetre', 'millimeter'],
}
const CM: TypedUnit = {
  id: 'cm',
  factor: 10,
  written: ['cm', 'cms', 'centimetres', 'centimeters', 'centimetre', 'centimeter'],
}
const M: TypedUnit = {
  id: 'm',
  factor: 1000,
  written: ['m', 'mtr', 'mtrs', 'metres', 'meters', 'metre', 'meter'],
  then: 'cm',
}
const INCH: TypedUnit = {
  id: 'in',
  factor: MM_PER_INCH,
  written: ['in', 'ins', 'inch', 'inches', '"', '”', '″', "''", '’’'],
}
const FOOT: TypedUnit = {
  id: 'ft',
  factor: 12 * MM_PER_INCH,
  written: ['ft', 'foot', 'feet', "'", '’', '′'],
  then: 'in',
}
const YARD: TypedUnit = { id: 'yd', factor: MM_PER_YARD, written: ['yd', 'yds', 'yard', 'yards'] }
const GRAM: TypedUnit = {
  id: 'g',
  factor: 1,
  written: ['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes'],
}
const KILO: TypedUnit = { id: 'kg', factor: 1000, written: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms'] }
const OUNCE: TypedUnit = { id: 'oz', factor: GRAMS_PER_OUNCE, written: ['oz', 'ounce', 'ounces'] }
const POUND: TypedUnit = { id: 'lb', factor: GRAMS_PER_POUND, written: ['lb', 'lbs', 'pound', 'pounds'], then: 'oz' }
const GSM: TypedUnit = {
  id: 'g/m²',
  factor: 1,
  written: [
    'g/m²',
    'g/m2',
    'g/m^2',
    'gsm',
    'gm²',
    'gm2',
    'g/sqm',
    'g/sq m',
    'g/qm',
    'g per m²',
    'g per m2',
    'gram/m²',
    'grams per square metre',
    'grams per square meter',
    'g/square metre',
    'g/square meter',
    'g',
    'grams',
  ],
}
const OUNCE_AREA: TypedUnit = {
  id: 'oz/yd²',
  factor: GSM_PER_OUNCE_PER_SQUARE_YARD,
  written: [
    'oz/yd²',
    'oz/yd2',
    'oz/yd^2',
    'oz/sq yd',
    'oz/sqyd',
    'oz per square yard',
    'oz per sq yd',
    'ounces per square yard',
    'osy',
    'oz',
    'ounce',
    'ounces',
  ],
}
const MOMME: TypedUnit = { id: 'momme', factor: GSM_PER_MOMME, written: ['momme', 'mommes', 'mm'] }
const PERCENT: TypedUnit = { id: '%', factor: 1, written: ['%', 'percent', 'per cent', 'pct', 'pc'] }

const LENGTHS = [MM, CM, M, INCH, FOOT, YARD]

/** What a kind of quantity may be typed in. */
export const UNITS_OF: Readonly<Record<TypedKind, readonly TypedUnit[]>> = {
  length: LENGTHS,
  width: LENGTHS,
  weight: [GRAM, KILO, OUNCE, POUND],
  'areal-weight': [GSM, OUNCE_AREA, MOMME],
  percent: [PERCENT],
  price: [],
  count: [],
  number: [],
}

/** What a number without a unit counts in, where nobody says. */
export const USUAL_UNIT: Readonly<Record<TypedKind, { metric: string; imperial: string }>> = {
  length: { metric: 'm', imperial: 'yd' },
  width: { metric: 'cm', imperial: 'in' },
  weight: { metric: 'g', imperial: 'oz' },
  'areal-weight': { metric: 'g/m²', imperial: 'oz/yd²' },
  percent: { metric: '%', imperial: '%' },
  price: { metric: '', imperial: '' },
  count: { metric: '', imperial: '' },
  number: { metric: '', imperial: '' },
}

/**
 * What is plausible of fabric, in mm, g, g/m², per cent: outside it the person is asked before it is saved. Common
 * practice: from a narrow strip to a bolt, from ribbon to the widest sheeting, from gauze to belt leather.
 */
export const PLAUSIBLE: Readonly<Record<TypedKind, readonly [number, number]>> = {
  length: [10, 100_000],
  width: [50, 3600],
  weight: [0.01, 50_000],
  'areal-weight': [5, 2000],
  percent: [-100, 300],
  price: [0, 5000],
  count: [0, 10_000],
  number: [-Infinity, Infinity],
}
