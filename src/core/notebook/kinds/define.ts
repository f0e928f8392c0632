import { type z } from 'zod'

/** What happens to a record when one that it refers to is removed. */
export type WhenRemoved = 'remove' | 'clear'

/** A field that holds the id of another record. */
export interface RecordReference {
  /** The kind of record that it refers to. */
  to: string
  /** `remove`: it goes too. `clear`: it stays, and the field becomes null. */
  whenRemoved: WhenRemoved
}

/**
 * One kind of record of the notebook, all in one place: everything else (the repository, the search, the change log,
 * what goes out and comes in) reads it from here.
 */
export interface RecordKind<S extends z.ZodType = z.ZodType> {
  id: string
  /** As it stands in a sentence. */
  words: { one: string; many: string }
  /** Of the form of its data; raised whenever a stored record of the old form would no longer be read. */
  version: number
  /** What lets in is what reads. */
  schema: S
  /** `steps[n]` turns data of version n + 1 into data of version n + 2. As many as versions, less one. */
  steps: readonly ((data: unknown) => unknown)[]
  /** By field. */
  references: Readonly<Record<string, RecordReference>>
  /** What one of them is called. */
  title(data: z.output<S>): string
  /** The words that it is found by, in UK and US English alike. */
  searched(data: z.output<S>): readonly string[]
}

/** @throws RangeError where the steps do not lead from the first version to the present one */
export function defineKind<const S extends z.ZodType, const Id extends string>(
  kind: RecordKind<S> & { id: Id },
): RecordKind<S> & { id: Id } {
  if (kind.steps.length !== kind.version - 1) {
    throw new RangeError(`record kind ${kind.id}: version ${kind.version} wants ${kind.version - 1} steps`)
  }
  return kind
}
