import { z } from 'zod'
import { shrinkageCurve, washWords, type ShrinkageCurve } from '../../measure/shrinkage'
import { countNoun, capitalise, formatWidth, withDoubt } from '../../units/format'
import { DIRECTION_WORDS, type Direction } from '../../vocabulary/cloth'
import { defineMeasurement, defineReadingForm, type PropertyCandidate } from './define'
import { errorMm, mm } from './schemas'
import { percent } from './words'
import { lastOf } from '../../lists/items'
import { inCm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Marks of one square, before any wash and after each. */
const schema = z.strictObject({
  kind: z.literal('wash-square'),
  washes: z.number().int().min(0).max(20),
  lengthMm: mm(2000),
  widthMm: mm(2000),
  errorMm,
})
type Square = z.output<typeof schema>

export const shrinkageKind = defineMeasurement({
  id: 'shrinkage',
  title: 'Shrinkage',
  term: 'dimensional change',
  finds: 'How much it shrinks each way, wash after wash, and how much more to buy.',
  how: [
    phrase`Mark a square of ${inCm(25)} in a spare corner, with thread or a permanent pen; measure it.`,
    'Wash and dry it as you will the garment, and measure again; repeat for the next wash.',
  ],
  caution: 'Wash new dark or red fabric alone: its dye may run.',
  acrossStates: true,
  forms: {
    'wash-square': defineReadingForm({
      schema,
      says: ({ washes, lengthMm, widthMm }, units) =>
        `${capitalise(washWords(washes))}: ${formatWidth(lengthMm, units)} by ${formatWidth(widthMm, units)}`,
    }),
  },
  // A square is measured in several states on purpose: what it loses is told by all of them together.
  pool: () => null,
  properties: {
    shrinkage: {
      title: 'Shrinkage',
      term: 'dimensional change',
      now: (_, __, all) => [shrinks(shrinkageOf(all))],
    },
  },
})

/** The curve of the marked square each way; null where it has not been washed. Washes not read are left out. */
export function shrinkageOf(readings: readonly Square[]): Record<Direction, ShrinkageCurve> | null {
  const squares = readings.toSorted((a, b) => a.washes - b.washes)
  const before = squares.filter(({ washes }) => washes === 0)
  // Only washes that follow one another make a curve.
  const after: Square[][] = []
  for (let washes = 1; squares.some((one) => one.washes === washes); washes++)
    after.push(squares.filter((one) => one.washes === washes))
  if (before.length === 0 || after.length === 0) return null
  const mean = (of: readonly number[]) => of.reduce((sum, value) => sum + value, 0) / of.length
  const curve = (side: 'lengthMm' | 'widthMm') =>
    shrinkageCurve({
      beforeMm: mean(before.map((one) => one[side])),
      afterMm: after.map((ones) => mean(ones.map((one) => one[side]))),
      errorMm: Math.max(...squares.map((one) => one.errorMm)),
    })
  return { length: curve('lengthMm'), width: curve('widthMm') }
}

function shrinks(curves: Record<Direction, ShrinkageCurve> | null): PropertyCandidate | null {
  if (!curves) return null
  const { length, width } = curves
  const end = (way: Direction) => `${withDoubt(curves[way].limit)} % ${DIRECTION_WORDS[way]}`
  const washes = length.each.length
  const goesOn = length.goesOn || width.goesOn ? '; still shrinking' : ''
  return {
    how: 'measured',
    value: `to ${end('length')}, ${end('width')}`,
    note: `after ${countNoun(washes, 'wash', 'washes')}: ${percent(lastOf(length.each))} in length${goesOn}`,
  }
}
