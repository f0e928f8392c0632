import { type Phrase } from '../../text/text'
import { type z } from 'zod'
import { type NamedCloth } from '../../cloths/types'
import { type ForetoldOpacity } from '../../measure/opacity'
import { repeatsOf, type Repeats } from '../../measure/repeats'
import { type UnitSystem } from '../../units/format'
import { type Quantity } from '../../units/quantity'
import {
  DIRECTIONS,
  type Body,
  type Construction,
  type Direction,
  type Opacity,
  type WashState,
} from '../../vocabulary/cloth'
import { type Vocabulary } from '../../vocabulary/words'

/** How a property came to be known. */
export type How = 'measured' | 'said' | 'foretold' | 'estimated' | 'unknown'

/** A value that a property may have, and what it rests on. */
export interface PropertyCandidate {
  how: How
  /** With its unit and doubt. */
  value: string
  note?: Phrase
}

/** What is written down of a piece without measuring it. */
export interface WrittenReading {
  construction: Construction | null
  body: Body | null
  opacity: Opacity | null
  /** Per cent. */
  stretchWidthPercent: number | null
}

/** What else is known of the piece whose property is asked. */
export interface PropertyFacts {
  piece: WrittenReading
  /** What it is called, where that is a known name. */
  named: NamedCloth | undefined
  /** The weight to reckon with, and in which state it was weighed. */
  weightNow: { gsm: Quantity; from: WashState } | null
  weightFromThreads: Quantity | null
  opacityForetold: ForetoldOpacity | null
  units: UnitSystem
  vocabulary: Vocabulary
}

/** One line of the property sheet that a measurement gives. */
export interface Property<Pooled, Reading> {
  /** In plain words, and the trade's word beside them where it is another. */
  title: string
  term?: string
  /**
   * What it is, the surest first: the first that is there counts.
   * @param own the readings in the state that the piece is in now, pooled
   * @param all its readings in whatever state, oldest first
   */
  now(
    own: Pooled,
    facts: PropertyFacts,
    all: readonly Reading[],
  ): readonly (PropertyCandidate | null | undefined | false)[]
  /** What it was in another state of washing; null where that was not measured. */
  then?(own: Pooled, facts: PropertyFacts): string | null
}

/** A field that a reading is typed into, for forms that want no drawing or picture. */
export interface ReadingField {
  key: string
  label: string
  /** In which unit it is typed; a direction is chosen. */
  as: 'fine-length' | 'short-length' | 'mass' | 'number' | 'direction'
}

/** One form that a reading may take. */
export interface ReadingForm<S extends z.ZodType<{ kind: string }> = z.ZodType<{ kind: string }>> {
  schema: S
  /** One reading in a line. */
  says(reading: z.output<S>, units: UnitSystem): string
  /** What is typed, and how it is done; left out where the bench has a page of its own for it. */
  entry?: { title: string; steps: readonly Phrase[]; fields: readonly ReadingField[]; source?: string }
}

type Forms = Readonly<Record<string, ReadingForm>>
export type ReadingOf<F extends Forms> = { [K in keyof F]: z.output<F[K]['schema']> }[keyof F]

/** A form with its schema's own type in what it says. */
export function defineReadingForm<S extends z.ZodType<{ kind: string }>>(declared: ReadingForm<S>): ReadingForm<S> {
  return declared
}

export interface PoolContext {
  /** Moisture regain of its fibres, per cent; undefined where that is not known. */
  regainPercent?: number
}

/** One kind of measurement, all in one place. Two lines on how; common practice unless a standard is named. */
export interface MeasurementKind<F extends Forms = Forms, Pooled = unknown, P extends string = string> {
  /** Its address. */
  id: string
  title: string
  /** The word that a book, a shop or a search would use. */
  term: string
  /** What it is good for, in one line. */
  finds: string
  how: readonly [Phrase, Phrase]
  caution?: string
  /** Whether its readings cross states of washing, so that none is chosen. */
  acrossStates?: boolean
  /** Whether it is reached from somewhere else than the measuring bench. */
  elsewhere?: boolean
  forms: F
  /** All readings of one state together. */
  pool(readings: readonly ReadingOf<F>[], context: PoolContext): Pooled
  properties: Readonly<Record<P, Property<Pooled, ReadingOf<F>>>>
}

export function defineMeasurement<const Id extends string, F extends Forms, Pooled, const P extends string>(
  kind: MeasurementKind<F, Pooled, P> & { id: Id },
): MeasurementKind<F, Pooled, P> & { id: Id } {
  return kind
}

/** Readings of one form. */
export function ofForm<R extends { kind: string }, K extends R['kind']>(
  readings: readonly R[],
  kind: K,
): Extract<R, { kind: K }>[] {
  return readings.filter((one): one is Extract<R, { kind: K }> => one.kind === kind)
}

/** Repeats together; null where there is none. */
export function poolRepeats(readings: readonly Quantity[]): Repeats | null {
  return readings.length > 0 ? repeatsOf(readings) : null
}

/** What is found each way, where anything is. */
export function eachWay<T>(find: (direction: Direction) => T | null): Partial<Record<Direction, T>> {
  return Object.fromEntries(
    DIRECTIONS.flatMap((direction) => {
      const found = find(direction)
      return found === null ? [] : [[direction, found]]
    }),
  )
}
