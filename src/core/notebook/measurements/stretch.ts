import { z } from 'zod'
import { recoveryPercent, recoveryWords, stretchClassOf, stretchPercent } from '../../measure/stretch'
import { type Repeats } from '../../measure/repeats'
import { withDoubt } from '../../units/format'
import { DIRECTION_WORDS, type Direction } from '../../vocabulary/cloth'
import { capitalise } from '../../units/format'
import { defineMeasurement, eachWay, defineReadingForm, poolRepeats, type Property } from './define'
import { direction, errorMm, mm } from './schemas'
import { percent, spreadWords } from './words'
import { inCm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** One pull of a marked length. */
const schema = z
  .strictObject({
    kind: z.literal('stretch'),
    direction,
    restMm: mm(1000),
    pulledMm: mm(3000),
    backMm: mm(3000).nullable().default(null),
    errorMm,
  })
  .refine(({ restMm, pulledMm }) => pulledMm >= restMm * 0.95, {
    path: ['pulledMm'],
    message: 'Please enter at least the relaxed length.',
  })

interface Pooled {
  stretch: Partial<Record<Direction, Repeats>>
  recovery: Partial<Record<Direction, Repeats>>
}

const property = (way: Direction): Property<Pooled, z.output<typeof schema>> => ({
  title: `Stretch ${DIRECTION_WORDS[way]}`,
  term: way === 'width' ? 'crosswise stretch, weft' : 'lengthwise stretch, warp',
  now: ({ stretch, recovery }, { piece, named }) => [
    stretch[way] && {
      how: 'measured',
      value: percent(stretch[way].quantity),
      note: [
        stretchClassOf(stretch[way].mean).name,
        recovery[way] ? recoveryWords(recovery[way].mean) : '',
        spreadWords(stretch[way], '%'),
      ]
        .filter(Boolean)
        .join('. '),
    },
    way === 'width' && piece.stretchWidthPercent !== null && { how: 'said', value: `${piece.stretchWidthPercent} %` },
    way === 'width' && named && { how: 'estimated', value: `${named.stretchWidth[0]} to ${named.stretchWidth[1]} %` },
  ],
  then: ({ stretch }) => (stretch[way] ? percent(stretch[way].quantity) : null),
})

export const stretchKind = defineMeasurement({
  id: 'stretch',
  title: 'Stretch and recovery',
  term: 'stretch, elasticity',
  finds: 'How far it stretches each way, and whether it recovers.',
  how: [
    phrase`Mark ${inCm(10)}, stretch firmly while you count to four, and read.`,
    'Release, count to four again, and read once more.',
  ],
  forms: {
    stretch: defineReadingForm({
      schema,
      says: (reading) => `${capitalise(DIRECTION_WORDS[reading.direction])}: ${withDoubt(stretchPercent(reading))} %`,
    }),
  },
  pool: (readings): Pooled => ({
    stretch: eachWay((way) => poolRepeats(readings.filter((one) => one.direction === way).map(stretchPercent))),
    recovery: eachWay((way) =>
      poolRepeats(readings.filter((one) => one.direction === way).flatMap((one) => recoveryPercent(one) ?? [])),
    ),
  }),
  properties: { 'stretch-width': property('width'), 'stretch-length': property('length') },
})
