import { z } from 'zod'
import { creaseKind } from './crease'
import { crockingKind } from './crocking'
import { type MeasurementKind, type PoolContext, type ReadingForm, type ReadingOf } from './define'
import { drapeKind } from './drape'
import { grainKind } from './grain'
import { inspectionKind } from './inspection'
import { type KeptReading } from './kept'
import { lieKind } from './lie'
import { loupeKind } from './loupe'
import { opacityKind } from './opacity'
import { shrinkageKind } from './shrinkage'
import { stretchKind } from './stretch'
import { waterDropKind } from './waterDrop'
import { weighKind } from './weigh'
import { yarnsKind } from './yarns'
import { mustHave } from '../../lists/items'

/** Every kind of measurement, in the order of the bench and of the property sheet. */
export const measurementKinds = {
  weigh: weighKind,
  stretch: stretchKind,
  drape: drapeKind,
  opacity: opacityKind,
  crease: creaseKind,
  'water-drop': waterDropKind,
  crocking: crockingKind,
  shrinkage: shrinkageKind,
  grain: grainKind,
  inspect: inspectionKind,
  lie: lieKind,
  loupe: loupeKind,
  yarns: yarnsKind,
} as const

export type MeasurementKindId = keyof typeof measurementKinds
type Kinds = typeof measurementKinds

/** Ids of the lines that measurements give to the property sheet. */
export type MeasuredPropertyId = { [K in MeasurementKindId]: keyof Kinds[K]['properties'] }[MeasurementKindId]

/** Everything that a measuring bench notes of a piece, one record a reading. */
export type Measurement = { [K in MeasurementKindId]: ReadingOf<Kinds[K]['forms']> }[MeasurementKindId]
export type MeasurementInput = {
  [K in MeasurementKindId]: {
    [F in keyof Kinds[K]['forms']]: FormInput<Kinds[K]['forms'][F]>
  }[keyof Kinds[K]['forms']]
}[MeasurementKindId]
type FormInput<F> = F extends ReadingForm<infer S> ? z.input<S> : never
/** Which form a reading takes. */
export type FormId = Measurement['kind']

const kinds: readonly MeasurementKind[] = Object.values(measurementKinds)
const forms = new Map(kinds.flatMap((kind) => Object.entries(kind.forms).map(([id, form]) => [id, { kind, form }])))

// Zod counts the members of a union in its types; these come out of a registry, so their number is not known to it.
export const MeasurementSchema = z.discriminatedUnion(
  'kind',
  [...forms.values()].map(({ form }) => form.schema) as never,
) as unknown as z.ZodType<Measurement, MeasurementInput>

/** A measurement as it is kept. */
export type KeptMeasurement = KeptReading<Measurement>

/** The kind of measurement of that address. */
export function findMeasurementKind(id: string): MeasurementKind | undefined {
  return kinds.find((kind) => kind.id === id)
}

/** The kind of measurement that a reading belongs to, and the form that it takes. */
export function readingFormOf(reading: Measurement): { kind: MeasurementKind; form: ReadingForm } {
  return mustHave(forms.get(reading.kind))
}

/** Readings of one kind of measurement, in the order given. */
export function readingsOfKind<K extends MeasurementKindId>(
  measurements: readonly KeptMeasurement[],
  id: K,
): ReadingOf<Kinds[K]['forms']>[] {
  return measurements
    .map(({ data }) => data)
    .filter(
      (data): data is Measurement & ReadingOf<Kinds[K]['forms']> => readingFormOf(data).kind === measurementKinds[id],
    )
}

/** What the readings of one state say together, kind by kind. */
export type Measured = { [K in MeasurementKindId]: ReturnType<Kinds[K]['pool']> }

/** @param measurements all of one state */
export function measuredOf(measurements: readonly KeptMeasurement[], context: PoolContext = {}): Measured {
  return Object.fromEntries(
    Object.entries(measurementKinds).map(([id, kind]) => [
      id,
      (kind as MeasurementKind).pool(readingsOfKind(measurements, id as MeasurementKindId), context),
    ]),
  ) as Measured
}
