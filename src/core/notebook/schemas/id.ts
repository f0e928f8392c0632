import { z } from 'zod'

/** Id of a record: a UUID of version 7, unique across notebooks and in the order of time. */
export const RecordIdSchema = z.uuid('that is no id of a record')

/** The id that a form has made for what it sends: sent twice, it is one record. Left out, each is a new one. */
export const NewIdSchema = RecordIdSchema.optional()

/** Which record, and which revision of it the caller saw. */
export const SeenSchema = z.strictObject({ id: RecordIdSchema, revision: z.number().int().min(1) })
export type Seen = z.infer<typeof SeenSchema>
