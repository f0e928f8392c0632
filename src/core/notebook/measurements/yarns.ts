import { z } from 'zod'
import { cottonCountFromTex } from '../../units/yarnCount'
import { defineMeasurement, defineReadingForm } from './define'

const percent = z.number().min(0, 'Please enter zero or more.').max(60, 'That is more crimp than any yarn has.')
const tex = z.number().gt(0).lte(5000)

export const yarnsKind = defineMeasurement({
  id: 'yarns',
  title: 'Yarns',
  term: 'yarn count, tex, crimp',
  finds: 'How heavy the yarns are: with the thread count they also give the weight and the cover.',
  how: [
    'Cut a square along the threads, and pull out ten or more each way.',
    'Straighten one beside a ruler, and weigh the bundle on your finest scale.',
  ],
  caution: 'Be careful with the tips of tweezers and scissors.',
  forms: {
    /** Pulled threads, weighed and straightened. */
    yarns: defineReadingForm({
      schema: z.strictObject({
        kind: z.literal('yarns'),
        warpTex: tex,
        weftTex: tex,
        warpCrimp: percent,
        weftCrimp: percent,
      }),
      says: ({ warpTex, weftTex, warpCrimp, weftCrimp }) => {
        const yarn = (weight: number, crimp: number) =>
          `${weight.toFixed(1)} tex (Ne ${cottonCountFromTex(weight).toFixed(0)}), crimp ${crimp.toFixed(1)} %`
        return `Warp ${yarn(warpTex, warpCrimp)}; weft ${yarn(weftTex, weftCrimp)}`
      },
    }),
  },
  pool: (readings) => readings.at(-1) ?? null,
  properties: {},
})
