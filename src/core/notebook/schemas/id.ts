import { z } from 'zod'

/** Id of a record: a UUID of version 7, unique across notebooks and in the order of time. */
export const RecordIdSchema = z.uuid('That is not the id of a record.')

/** The id that a form has made for what it sends: sent twice, it is one record. Left out, each is a new one. */
export const NewIdSchema = RecordIdSchema.optional()

/** No record is changed oftener; one that is sent with as many is taken in, and counted anew from its next change. */
export const MOST_REVISIONS = 1_000_000_000

/** Which revision of a record: a whole number from 1. */
export const RevisionSchema = z.number().int().min(1).max(MOST_REVISIONS)

/** The revision after one: another one, and never more than may be taken out and in again. */
export function nextRevision(revision: number): number {
  return revision >= MOST_REVISIONS ? 1 : revision + 1
}

/** Which record, and which revision of it the caller saw. */
export const SeenSchema = z.strictObject({ id: RecordIdSchema, revision: RevisionSchema })
export type Seen = z.infer<typeof SeenSchema>
