import { type Amount, type TextUnit } from './text'

type Values = Amount['values']
const amountOf =
  (unit: TextUnit, between?: Amount['between']) =>
  (...values: Values): Amount =>
    between ? { unit, values, between } : { unit, values }

/** A length in mm, or from one to another. */
export const inMm = amountOf('mm')
/** A length in cm, or from one to another. */
export const inCm = amountOf('cm')
/** Two lengths in mm, both of which are meant. */
export const inMmBoth = amountOf('mm', 'and')
/** A size in cm, width × length. */
export const sizeInCm = amountOf('cm', '×')
/** A length of fabric or tape in metres. */
export const inMetres = amountOf('m')
/** An area, m². */
export const inSquareMetres = amountOf('m²')
/** A weight of fabric, g/m². */
export const inGsm = amountOf('g/m²')
/** A mass, kg. */
export const inKg = amountOf('kg')
/** A temperature, °C. */
export const inCelsius = amountOf('°C')
/** A count of threads, per cm. */
export const perCm = amountOf('per cm')
/** The length of a stitch, mm. */
export const stitchLengthMm = amountOf('stitch length')
/** The width of a stitch, mm. */
export const stitchWidthMm = amountOf('stitch width')
