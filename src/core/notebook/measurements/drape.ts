import { z } from 'zod'
import {
  bendingLength,
  bodyFromBending,
  bodyFromCoefficient,
  drapeCoefficient,
  drapeFromPaper,
  flexuralRigidity,
  middleBody,
  overallRigidity,
} from '../../measure/drape'
import { type Repeats } from '../../measure/repeats'
import { withDoubt } from '../../units/format'
import { type Quantity } from '../../units/quantity'
import { DIRECTION_WORDS, type Body, type Direction } from '../../vocabulary/cloth'
import { BodySchema } from '../schemas/cloth'
import { defineMeasurement, eachWay, defineReadingForm, ofForm, poolRepeats } from './define'
import { direction, errorMm, mm } from './schemas'
import { percent } from './words'
import { mustHave } from '../../lists/items'
import { inCm, sizeInCm } from '../../text/amounts'
import { phrase } from '../../text/text'

/** Ways to see by eye how a cloth falls. */
export const FALL_TESTS = ['drop', 'arm', 'edge'] as const
export type FallTest = (typeof FALL_TESTS)[number]
export const FALL_TEST_WORDS: Readonly<Record<FallTest, { title: string; how: string }>> = {
  drop: { title: 'drop it', how: 'Lift it by the middle and let it go on the table.' },
  arm: { title: 'over an arm', how: 'Lay an arm’s length of it over your outstretched arm.' },
  edge: { title: 'over an edge', how: 'Push a hand’s width over the edge of the table.' },
}

/** A coefficient read off a ring or a picture, per cent. */
const COEFFICIENT_DOUBT = 2

const byEye = defineReadingForm({
  schema: z.strictObject({ kind: z.literal('drape-grade'), test: z.enum(FALL_TESTS), body: BodySchema }),
  says: ({ test, body }) => `${FALL_TEST_WORDS[test].title}: ${body}`,
})
/** One strip pushed over the edge of a slope of 41.5°. */
const cantilever = defineReadingForm({
  schema: z.strictObject({ kind: z.literal('cantilever'), direction, overhangMm: mm(300), errorMm }),
  says: ({ direction: way, overhangMm: value, errorMm: sd }) =>
    `Strip ${DIRECTION_WORDS[way]}: bends over ${withDoubt(bendingLength({ value, sd }))} cm`,
  entry: {
    title: 'A strip over a slope',
    steps: [
      phrase`Cut a strip ${sizeInCm(2.5, 20)} along the threads. Draw a line that falls at 41½°: ${inCm(9)} down
        for every 10 along, from the table’s edge.`,
      'Lay a ruler on the strip and push both over the edge together until the tip touches the line. ' +
        'Read how far the strip sticks out.',
    ],
    fields: [
      { key: 'direction', label: 'Direction of the strip', as: 'direction' },
      { key: 'overhangMm', label: 'Sticks out', as: 'fine-length' },
    ],
    source:
      'After ASTM D1388: bending length is half of what sticks out; test both sides, both ends, and ' +
      'both directions.',
  },
})
/** A disc on a round table, its shadow measured in a picture. */
const disc = defineReadingForm({
  schema: z
    .strictObject({
      kind: z.literal('draped-disc'),
      clothRadiusMm: mm(500),
      tableRadiusMm: mm(400),
      shadowMm2: z.number().gt(0).lte(1e6, 'That is larger than any disc.'),
    })
    .refine(({ clothRadiusMm, tableRadiusMm }) => tableRadiusMm < clothRadiusMm, {
      path: ['tableRadiusMm'],
      message: 'The tin must be smaller than the fabric.',
    }),
  says: ({ shadowMm2 }) => `Disc: shadow of ${Math.round(shadowMm2 / 100)} cm²`,
})
/** The same, its shadow cut from a paper ring and weighed. */
const paper = defineReadingForm({
  schema: z
    .strictObject({
      kind: z.literal('draped-paper'),
      ringGrams: z.number().gt(0).lte(1000),
      shadowGrams: z.number().min(0).lte(1000),
    })
    .refine(({ ringGrams, shadowGrams }) => shadowGrams <= ringGrams, {
      path: ['shadowGrams'],
      message: 'The shadow must be a part of the ring.',
    }),
  says: ({ ringGrams, shadowGrams }) => `Paper: ${shadowGrams} of ${ringGrams} g`,
  entry: {
    title: 'A paper ring',
    steps: [
      phrase`Lay a ${inCm(30)} disc of fabric on an ${inCm(18)} tin, over a paper ring of ${inCm(30)} with an
        ${inCm(18)} hole, under a high lamp: two metres or more, or the shadow gets too large. Draw round the
        shadow.`,
      'Weigh the ring whole; cut along the shadow, and weigh the inner part.',
    ],
    fields: [
      { key: 'ringGrams', label: 'The whole ring', as: 'number' },
      { key: 'shadowGrams', label: 'Its shadow part', as: 'number' },
    ],
  },
})

export interface PooledDrape {
  /** Bending length, cm. */
  bending: Partial<Record<Direction, Repeats>>
  /** Drape coefficient, per cent. */
  coefficient: Repeats | null
  /** How it falls, from grades and numbers, each a vote. */
  body: { value: Body; votes: number } | null
}

export const drapeKind = defineMeasurement({
  id: 'drape',
  title: 'Drape',
  term: 'how it falls, handle',
  finds: 'From fluid to stiff: by eye, or as a number from a strip, a disc or a paper ring.',
  how: [
    'Drop a corner, lay it over your arm, push it over an edge: choose the drawing that it looks like.',
    'For a number, let a strip bend over a slope, or photograph a disc from above.',
  ],
  forms: { 'drape-grade': byEye, cantilever, 'draped-disc': disc, 'draped-paper': paper },
  pool: (readings): PooledDrape => {
    const strips = ofForm(readings, 'cantilever')
    const bending = eachWay((way) =>
      poolRepeats(
        strips
          .filter((one) => one.direction === way)
          .map((one) => bendingLength({ value: one.overhangMm, sd: one.errorMm })),
      ),
    )
    const coefficients = [
      ...ofForm(readings, 'draped-disc').map((one) => drapeCoefficient(one, one.shadowMm2)),
      ...ofForm(readings, 'draped-paper').map((one) => drapeFromPaper(one.shadowGrams, one.ringGrams)),
    ]
    const bodies: Body[] = [
      ...ofForm(readings, 'drape-grade').map(({ body }) => body),
      ...Object.values(bending).map(({ mean }) => bodyFromBending(mean)),
      ...coefficients.map(bodyFromCoefficient),
    ]
    return {
      bending,
      coefficient: poolRepeats(coefficients.map((value) => ({ value, sd: COEFFICIENT_DOUBT }))),
      body: bodies.length > 0 ? { value: middleBody(bodies), votes: bodies.length } : null,
    }
  },
  properties: {
    body: {
      title: 'Drape',
      term: 'drape',
      now: (own, { piece, named, weightNow }) => [
        own.body && { how: 'measured', value: own.body.value, note: drapeNote(own, weightNow?.gsm ?? null) },
        piece.body && { how: 'said', value: piece.body },
        named && { how: 'estimated', value: named.body },
      ],
      then: ({ body }) => body?.value ?? null,
    },
  },
})

function drapeNote(own: PooledDrape, gsm: Quantity | null): string {
  const rigidity = rigidityOf(own, gsm)
  return [
    own.coefficient ? `drape coefficient ${percent(own.coefficient.quantity)}` : '',
    rigidity ? `stiffness ${withDoubt(rigidity)} mg·cm` : '',
    `${mustHave(own.body).votes} ${mustHave(own.body).votes === 1 ? 'test' : 'tests'}`,
  ]
    .filter(Boolean)
    .join('; ')
}

/** The rigidity of the whole cloth, mg·cm, where both strips were hung and it was weighed. */
export function rigidityOf({ bending }: Pick<PooledDrape, 'bending'>, gsm: Quantity | null): Quantity | null {
  const { length, width } = bending
  if (!length || !width || !gsm) return null
  return overallRigidity(flexuralRigidity(gsm, length.quantity), flexuralRigidity(gsm, width.quantity))
}
