import { z } from 'zod'
import { absorbencyWords } from '../../measure/grades'
import { type Repeats } from '../../measure/repeats'
import { withDoubt } from '../../units/format'
import { defineMeasurement, defineReadingForm, poolRepeats } from './define'

/** A thumb on a stopwatch, s. */
const WATCH_DOUBT = 0.3

interface PooledDrops {
  /** Seconds until a drop sinks in. */
  sunk: Repeats | null
  /** Drops that still stood after a minute. */
  stood: number
}

export const waterDropKind = defineMeasurement({
  id: 'water-drop',
  title: 'Water drop',
  term: 'absorbency, wetting time',
  finds: 'Whether it soaks up or repels water: for towels, next to the skin, and before dyeing.',
  how: [
    'Stretch it over a cup, and let one drop fall from just above it.',
    'Start the timer when it lands, and stop when its shine is gone.',
  ],
  forms: {
    /** Seconds until a drop has sunk in; null where it still stands after a minute. */
    'water-drop': defineReadingForm({
      schema: z.strictObject({
        kind: z.literal('water-drop'),
        seconds: z.number().min(0, 'Please enter a time of zero or more.').max(3600).nullable(),
      }),
      says: ({ seconds }) => (seconds === null ? 'Stayed on top for a minute' : `${seconds.toFixed(1)} s`),
    }),
  },
  pool: (readings): PooledDrops => ({
    sunk: poolRepeats(
      readings.flatMap(({ seconds }) => (seconds === null ? [] : [{ value: seconds, sd: WATCH_DOUBT }])),
    ),
    stood: readings.filter(({ seconds }) => seconds === null).length,
  }),
  properties: {
    water: {
      title: 'Absorbency',
      term: 'absorbency',
      now: ({ sunk, stood }) => [
        sunk && {
          how: 'measured',
          value: `in ${withDoubt(sunk.quantity)} s`,
          note: [absorbencyWords(sunk.mean), stood > 0 ? `${stood} stayed on top for a minute` : '']
            .filter(Boolean)
            .join('. '),
        },
        stood > 0 && { how: 'measured', value: 'stays on top for a minute', note: absorbencyWords(null) },
      ],
    },
  },
})
