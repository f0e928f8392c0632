import { OPACITIES, type Body, type Opacity } from '../vocabulary/cloth'
import {
  bendingLength,
  bodyFromBending,
  bodyFromCoefficient,
  drapeCoefficient,
  drapeFromPaper,
  flexuralRigidity,
  middleBody,
  overallRigidity,
} from '../measure/drape'
import { repeatsOf, type Repeats } from '../measure/repeats'
import { shrinkageCurve, type ShrinkageCurve } from '../measure/shrinkage'
import { recoveryPercent, stretchPercent } from '../measure/stretch'
import { type Quantity } from '../units/quantity'
import { ofKind, type KeptMeasurement } from './measurements'

type Direction = 'length' | 'width'
export const DIRECTIONS: readonly Direction[] = ['length', 'width']
type Both<T> = Partial<Record<Direction, T>>

/** What the hand tests of one piece, all in one state of washing, say together. */
export interface Measured {
  stretch: Both<Repeats>
  recovery: Both<Repeats>
  /** Bending length, cm. */
  bending: Both<Repeats>
  /** Drape coefficient, per cent. */
  drape: Repeats | null
  /** How it falls, from grades and numbers, each a vote. */
  body: { value: Body; votes: number } | null
  /** By part of the print. */
  opacity: Partial<Record<'whole' | 'light' | 'dark', Opacity>>
  crease: Repeats | null
  /** Seconds until a drop sinks in; drops that stood a minute are counted apart. */
  water: Repeats | null
  waterStood: number
  crocking: Partial<Record<'dry' | 'wet', Repeats>>
  /** Threads per cm. */
  threads: { ends: Repeats; picks: Repeats } | null
}

/** A judgement on a scale of five is true to about half a step. */
const GRADE_DOUBT = 0.5
/** A thread count by hand or by picture, as a share. */
const COUNT_DOUBT = 0.02
/** A thumb on a stopwatch, s. */
const WATCH_DOUBT = 0.3

/** @param measurements all of one state */
export function measuredOf(measurements: readonly KeptMeasurement[]): Measured {
  const byDirection = <T>(of: (direction: Direction) => T | null): Both<T> =>
    Object.fromEntries(
      DIRECTIONS.flatMap((direction) => {
        const found = of(direction)
        return found === null ? [] : [[direction, found]]
      }),
    )
  const stretches = ofKind(measurements, 'stretch').map(({ data }) => data)
  const strips = ofKind(measurements, 'cantilever').map(({ data }) => data)
  const bending = byDirection((direction) =>
    some(
      strips
        .filter((one) => one.direction === direction)
        .map(({ overhangMm, errorMm }) => bendingLength({ value: overhangMm, sd: errorMm })),
    ),
  )
  const coefficients = [
    ...ofKind(measurements, 'draped-disc').map(({ data }) => drapeCoefficient(data, data.shadowMm2)),
    ...ofKind(measurements, 'draped-paper').map(({ data }) => drapeFromPaper(data.shadowGrams, data.ringGrams)),
  ]
  const bodies: Body[] = [
    ...ofKind(measurements, 'drape-grade').map(({ data }) => data.body),
    ...Object.values(bending).map(({ mean }) => bodyFromBending(mean)),
    ...coefficients.map(bodyFromCoefficient),
  ]
  const counts = ofKind(measurements, 'count').map(({ data }) => data)
  const drops = ofKind(measurements, 'water-drop').map(({ data }) => data.seconds)
  const graded = (values: readonly number[]) => some(values.map((value) => ({ value, sd: GRADE_DOUBT })))
  const counted = (values: readonly number[]) =>
    repeatsOf(values.map((value) => ({ value, sd: value * COUNT_DOUBT })))
  return {
    stretch: byDirection((direction) =>
      some(stretches.filter((one) => one.direction === direction).map(stretchPercent)),
    ),
    recovery: byDirection((direction) =>
      some(stretches.filter((one) => one.direction === direction).flatMap((one) => recoveryPercent(one) ?? [])),
    ),
    bending,
    drape: some(coefficients.map((value) => ({ value, sd: 2 }))),
    body: bodies.length > 0 ? { value: middleBody(bodies), votes: bodies.length } : null,
    opacity: opacityOf(ofKind(measurements, 'opacity').map(({ data }) => data)),
    crease: graded(ofKind(measurements, 'crease').map(({ data }) => data.grade)),
    water: some(drops.filter((seconds) => seconds !== null).map((value) => ({ value, sd: WATCH_DOUBT }))),
    waterStood: drops.filter((seconds) => seconds === null).length,
    crocking: Object.fromEntries(
      (['dry', 'wet'] as const).flatMap((rubbed) => {
        const found = graded(
          ofKind(measurements, 'crocking')
            .filter(({ data }) => data.rubbed === rubbed)
            .map(({ data }) => data.grade),
        )
        return found ? [[rubbed, found]] : []
      }),
    ),
    threads:
      counts.length > 0
        ? {
            ends: counted(counts.map(({ endsPerCm }) => endsPerCm)),
            picks: counted(counts.map(({ picksPerCm }) => picksPerCm)),
          }
        : null,
  }
}

function some(readings: readonly Quantity[]): Repeats | null {
  return readings.length > 0 ? repeatsOf(readings) : null
}

/** Card and hand of one part: the one that shows more counts, since a garment is judged by what shows. */
function opacityOf(grades: readonly { part: 'whole' | 'light' | 'dark'; grade: Opacity }[]): Measured['opacity'] {
  const found: Measured['opacity'] = {}
  for (const { part, grade } of grades) {
    const before = found[part]
    if (before === undefined || OPACITIES.indexOf(grade) < OPACITIES.indexOf(before)) found[part] = grade
  }
  return found
}

/** What shows through the whole piece: its most see-through part. */
export function opacityOverall(opacity: Measured['opacity']): Opacity | undefined {
  return OPACITIES.find((grade) => Object.values(opacity).includes(grade))
}

/** The rigidity of the whole cloth, mg·cm, where both strips were hung and it was weighed. */
export function rigidityOf({ bending }: Measured, gsm: Quantity | null): Quantity | null {
  const { length, width } = bending
  if (!length || !width || !gsm) return null
  return overallRigidity(flexuralRigidity(gsm, length.quantity), flexuralRigidity(gsm, width.quantity))
}

/**
 * The curve of the marked square each way; null where it has not been washed. Washes that were not read are left out.
 */
export function shrinkageOf(measurements: readonly KeptMeasurement[]): Record<Direction, ShrinkageCurve> | null {
  const squares = ofKind(measurements, 'wash-square')
    .map(({ data }) => data)
    .sort((a, b) => a.washes - b.washes)
  const before = squares.filter(({ washes }) => washes === 0)
  // Only washes that follow one another make a curve.
  const after: (typeof squares)[] = []
  for (let washes = 1; squares.some((one) => one.washes === washes); washes++)
    after.push(squares.filter((one) => one.washes === washes))
  if (before.length === 0 || after.length === 0) return null
  const mean = (of: readonly number[]) => of.reduce((sum, value) => sum + value, 0) / of.length
  const curve = (side: 'lengthMm' | 'widthMm') =>
    shrinkageCurve({
      beforeMm: mean(before.map((one) => one[side])),
      afterMm: after.map((ones) => mean(ones.map((one) => one[side]))),
      errorMm: Math.max(...squares.map(({ errorMm }) => errorMm)),
    })
  return { length: curve('lengthMm'), width: curve('widthMm') }
}
