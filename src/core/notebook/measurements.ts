import { z } from 'zod'
import { COLOURS_FROM, FINISHES, NAPS } from '../measure/lie'
import { InspectionSchema } from './inspection'
import { BodySchema, OpacitySchema } from './records'
import { type WashState } from '../vocabulary/cloth'

export const washStateWords: Record<WashState, string> = {
  unwashed: 'not washed',
  washed: 'washed once',
  'washed-twice': 'washed twice or more',
  unknown: 'not known',
}

const mm = (most: number, what = 'that is longer than any specimen') =>
  z.number().gt(0, 'a length is more than zero').lte(most, what)
const direction = z.enum(['length', 'width'])
const errorMm = z.number().min(0, 'an error is not negative').lte(50).default(0.5)
const grade = z.number().int().min(1, 'grades run from 1 to 5').max(5, 'grades run from 1 to 5')
const percent = z.number().min(0, 'not below zero').max(60, 'that is more crimp than any yarn has')

/** One pull of a marked length. */
const Stretch = z
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
    message: 'pulled cloth is not shorter than at rest',
  })
/** One strip pushed over the edge of a slope of 41.5°. */
const Cantilever = z.strictObject({ kind: z.literal('cantilever'), direction, overhangMm: mm(300), errorMm })
/** A disc on a round table, its shadow measured in a picture. */
const DrapedDisc = z
  .strictObject({
    kind: z.literal('draped-disc'),
    clothRadiusMm: mm(500),
    tableRadiusMm: mm(400),
    shadowMm2: z.number().gt(0),
  })
  .refine(({ clothRadiusMm, tableRadiusMm }) => tableRadiusMm < clothRadiusMm, {
    path: ['tableRadiusMm'],
    message: 'the table is smaller than the cloth',
  })
/** The same, its shadow cut from a paper ring and weighed. */
const DrapedPaper = z
  .strictObject({ kind: z.literal('draped-paper'), ringGrams: z.number().gt(0), shadowGrams: z.number().min(0) })
  .refine(({ ringGrams, shadowGrams }) => shadowGrams <= ringGrams, {
    path: ['shadowGrams'],
    message: 'the shadow is a part of the ring',
  })
const DrapeGrade = z.strictObject({
  kind: z.literal('drape-grade'),
  test: z.enum(['drop', 'arm', 'edge']),
  body: BodySchema,
})
const OpacityGrade = z.strictObject({
  kind: z.literal('opacity'),
  part: z.enum(['whole', 'light', 'dark']),
  behind: z.enum(['card', 'hand']),
  grade: OpacitySchema,
})
/** Creases after the fist: 1 a ball of paper, 5 none. */
const Crease = z.strictObject({ kind: z.literal('crease'), grade })
/** Seconds until a drop has sunk in; null where it still stands after a minute. */
const WaterDrop = z.strictObject({
  kind: z.literal('water-drop'),
  seconds: z.number().min(0, 'a time is not negative').max(3600).nullable(),
})
/** Colour on the white cloth: 1 much, 5 none. */
const Crocking = z.strictObject({ kind: z.literal('crocking'), rubbed: z.enum(['dry', 'wet']), grade })
/** Marks of one square, before any wash and after each. */
const WashSquare = z.strictObject({
  kind: z.literal('wash-square'),
  washes: z.number().int().min(0).max(20),
  lengthMm: mm(2000),
  widthMm: mm(2000),
  errorMm,
})
const Grain = z.strictObject({
  kind: z.literal('grain'),
  widthMm: mm(4000),
  offsetMm: z.number().min(-2000).max(2000),
  bowMm: z.number().min(-1000).max(1000).default(0),
  errorMm,
  printedOffGrain: z.boolean().default(false),
  finished: z.boolean().default(false),
})
const Count = z.strictObject({
  kind: z.literal('count'),
  how: z.enum(['picture', 'hand']),
  endsPerCm: z.number().gt(0).lte(200),
  picksPerCm: z.number().gt(0).lte(200),
  skewDeg: z.number().min(0).max(45).nullable().default(null),
  twillAngleDeg: z.number().min(0).max(90).nullable().default(null),
})
/** Pulled threads, weighed and straightened. */
const Yarns = z.strictObject({
  kind: z.literal('yarns'),
  warpTex: z.number().gt(0).lte(5000),
  weftTex: z.number().gt(0).lte(5000),
  warpCrimp: percent,
  weftCrimp: percent,
})
const Inspected = z.strictObject({ kind: z.literal('inspection'), answers: InspectionSchema })
const said = z.record(z.string().max(20), z.enum(['a', 'b', 'neither']))
/**
 * How the piece lies: the signs of its warp and right side, its nap, where its colour comes from, its finish and its
 * print.
 */
const Lie = z.strictObject({
  kind: z.literal('lie'),
  warpSigns: said.default({}),
  rightSigns: said.default({}),
  nap: z.enum(NAPS).default('unknown'),
  colourFrom: z.enum(COLOURS_FROM).default('unknown'),
  finish: z.array(z.enum(FINISHES)).max(FINISHES.length).default([]),
  printRepeatMm: mm(3000).nullable().default(null),
  printOffMm: z.number().min(-1000).max(1000).nullable().default(null),
  widthMm: mm(5000).nullable().default(null),
})

/** Everything that a measuring bench notes of a piece, one record a reading. */
export const MeasurementSchema = z.discriminatedUnion('kind', [
  Stretch,
  Cantilever,
  DrapedDisc,
  DrapedPaper,
  DrapeGrade,
  OpacityGrade,
  Crease,
  WaterDrop,
  Crocking,
  WashSquare,
  Grain,
  Count,
  Yarns,
  Inspected,
  Lie,
])

export type Measurement = z.infer<typeof MeasurementSchema>
export type MeasurementKind = Measurement['kind']

/** A measurement as it is kept: with the state of the cloth when it was taken. */
export interface KeptMeasurement {
  id: number
  state: WashState
  data: Measurement
  at: string
}

/** Those of one kind. */
export function ofKind<K extends MeasurementKind>(
  measurements: readonly KeptMeasurement[],
  kind: K,
): (KeptMeasurement & { data: Extract<Measurement, { kind: K }> })[] {
  return measurements.filter(
    (one): one is KeptMeasurement & { data: Extract<Measurement, { kind: K }> } => one.data.kind === kind,
  )
}
