import { z } from 'zod'
import { massPerArea, weigh, type WeighingAnswer } from '../../measure/weigh'
import { formatWeight, formatWeightRange, formatWidth } from '../../units/format'
import { WASH_STATE_WORDS } from '../../vocabulary/cloth'
import { ReadingSchema } from '../schemas/weighing'
import { defineMeasurement, defineReadingForm } from './define'

const quantity = ({ gsm: value, standardUncertainty: sd }: WeighingAnswer) => ({ value, sd })

/** What lay on the scale, and how it was measured up. */
const weighing = defineReadingForm({
  schema: ReadingSchema.safeExtend({ kind: z.literal('weighing') }),
  says: (reading, units) => {
    const { lengthMm, widthMm, layers = 1, notionsGrams = 0 } = reading
    const folded = layers > 1 ? `, ${layers} layers` : ''
    const less = notionsGrams > 0 ? `, less ${notionsGrams} g of notions` : ''
    const sides = `${formatWidth(lengthMm, units)} by ${formatWidth(widthMm, units)}`
    return `${formatWeight(massPerArea(reading), units)} from ${sides}${folded}${less}`
  },
})

export const weighKind = defineMeasurement({
  id: 'weigh',
  title: 'Weight',
  term: 'mass per area, GSM',
  finds: 'Grams per square metre, with the error: from a piece, a strip, a folded length or a garment.',
  how: ['Put it on the scale, with nothing hanging over.', 'Enter its length and width, and the number of layers.'],
  forms: { weighing },
  pool: (readings, { regainPercent }): WeighingAnswer | null =>
    readings.length > 0 ? weigh(readings, regainPercent) : null,
  properties: {
    weight: {
      title: 'Weight',
      term: 'mass per area, GSM',
      now: (own, { weightNow, weightFromThreads, named, units }) => [
        own && {
          how: 'measured',
          value: formatWeight(quantity(own), units),
          note: formatWeight(quantity(own), units === 'metric' ? 'imperial' : 'metric'),
        },
        weightNow && {
          how: 'estimated',
          value: formatWeight(weightNow.gsm, units),
          note: `from when it was ${WASH_STATE_WORDS[weightNow.from]}`,
        },
        weightFromThreads && {
          how: 'foretold',
          value: formatWeight(weightFromThreads, units),
          note: 'from its threads and their weight',
        },
        named && { how: 'estimated', value: formatWeightRange(named.gsm, units) },
      ],
      then: (own, { units }) => own && formatWeight(quantity(own), units),
    },
  },
})
