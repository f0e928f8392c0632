import { z } from 'zod'
import { type ForetoldOpacity } from '../../measure/opacity'
import { OPACITIES, type Opacity } from '../../vocabulary/cloth'
import { OpacitySchema } from '../schemas/cloth'
import { defineMeasurement, defineReadingForm } from './define'
import { OPACITY_WORDS } from './words'

export const PRINT_PARTS = ['whole', 'light', 'dark'] as const
export type PrintPart = (typeof PRINT_PARTS)[number]
export const PRINT_PART_WORDS: Readonly<Record<PrintPart, string>> = {
  whole: 'whole fabric',
  light: 'light parts',
  dark: 'dark parts',
}

/** By part of the print. */
export type PooledOpacity = Partial<Record<PrintPart, Opacity>>

const hundredths = (share: number) => Math.round(share * 100)

export const opacityKind = defineMeasurement({
  id: 'opacity',
  title: 'Opacity',
  term: 'what shows through',
  finds: 'One layer over a card and your hand; light and dark parts separately.',
  how: [
    'Lay one layer flat, in daylight.',
    'Slip a card with dark lettering under it, then your hand; check light and dark parts separately.',
  ],
  forms: {
    opacity: defineReadingForm({
      schema: z.strictObject({
        kind: z.literal('opacity'),
        part: z.enum(PRINT_PARTS),
        behind: z.enum(['card', 'hand']),
        grade: OpacitySchema,
      }),
      says: ({ part, behind, grade }) => `${PRINT_PART_WORDS[part]}, ${behind}: ${OPACITY_WORDS[grade]}`,
    }),
  },
  /** Card and hand of one part: the one that shows more counts, since a garment is judged by what shows. */
  pool: (readings): PooledOpacity => {
    const found: PooledOpacity = {}
    for (const { part, grade } of readings) {
      const before = found[part]
      if (before === undefined || OPACITIES.indexOf(grade) < OPACITIES.indexOf(before)) found[part] = grade
    }
    return found
  },
  properties: {
    opacity: {
      title: 'Opacity',
      term: 'opacity',
      now: (own, { piece, opacityForetold: foretold }) => {
        const overall = opacityOverall(own)
        return [
          overall && { how: 'measured', value: OPACITY_WORDS[overall], note: opacityNote(own, foretold?.likeliest) },
          piece.opacity && { how: 'said', value: OPACITY_WORDS[piece.opacity] },
          foretold && {
            how: 'foretold',
            value: `probably ${OPACITY_WORDS[foretold.likeliest]}`,
            note: lightWords(foretold),
          },
        ]
      },
      then: (own) => {
        const grade = opacityOverall(own)
        return grade ? OPACITY_WORDS[grade] : null
      },
    },
  },
})

/** What shows through the whole piece: its most see-through part. */
export function opacityOverall(opacity: PooledOpacity): Opacity | undefined {
  return OPACITIES.find((grade) => Object.values(opacity).includes(grade))
}

function lightWords({ transmission, interval95 }: ForetoldOpacity): string {
  const span = interval95.map(hundredths).join(' to ')
  return (
    `about ${hundredths(transmission)} % of the light comes through (${span} %), from weight, ` +
    'weave, yarn and colour'
  )
}

function opacityNote(opacity: PooledOpacity, foretold: Opacity | undefined): string {
  const parts = (['light', 'dark'] as const).flatMap((part) =>
    opacity[part] ? [`${part} parts: ${OPACITY_WORDS[opacity[part]]}`] : [],
  )
  const overall = opacityOverall(opacity)
  const checked =
    foretold === undefined || overall === undefined
      ? []
      : [foretold === overall ? 'as we estimated' : `our estimate was: ${OPACITY_WORDS[foretold]}`]
  return [...parts, ...checked].join('; ')
}
