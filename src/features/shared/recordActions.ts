import { type z } from 'zod'
import { type RecordData, type RecordKindId } from '@/core/notebook/kinds'
import { NewIdSchema, RecordIdSchema, SeenSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { createOnce } from '@/server/store/createOnce'
import { changeRecord, removeRecord } from '@/server/store/repository'
import { action, TOLD } from './action'
import { now } from './now'
import { keptRecord, unlessGone } from './outcome'

/** What a schema of a kind’s data takes from the browser. */
type SchemaOf<K extends RecordKindId, Input> = z.ZodType<RecordData<K>, Input>

/** An action that keeps a record, under the id that a form has made: sent again it is the same record. */
export const keepAction = <K extends RecordKindId, Input>(kind: K, schema: SchemaOf<K, Input>) =>
  action(
    [schema, NewIdSchema],
    async (data, id) => keptRecord(await createOnce(await notebook(), kind, data, now(), id)),
    [kind],
    TOLD,
  )

/** An action that changes a record, where it still is as the person saw it. */
export const changeAction = <K extends RecordKindId, Input>(kind: K, schema: SchemaOf<K, Input>) =>
  action(
    [SeenSchema, schema],
    async (seen, data) => keptRecord(await changeRecord(await notebook(), kind, seen, data, now())),
    [kind],
    TOLD,
  )

/** An action that changes a part of a record as it is now. @param amended the record with what was sent in it */
export const amendAction = <K extends RecordKindId, Output, Input>(
  kind: K,
  schema: z.ZodType<Output, Input>,
  amended: (data: RecordData<K>, sent: Output) => RecordData<K>,
  isTold: boolean = TOLD,
) =>
  action(
    [RecordIdSchema, schema],
    async (id, sent) => {
      await amendRecord(await notebook(), kind, id, now(), (data) => amended(data, sent))
    },
    [kind],
    isTold,
  )

/** An action that puts a record into the bin and leads to a page; one that is gone already is no trouble. */
export const dropAction = (kind: RecordKindId, goTo: string) =>
  action(
    [RecordIdSchema],
    async (id) => {
      await unlessGone(async () => removeRecord(await notebook(), kind, { id }, now()))
      return { goTo }
    },
    [kind],
    TOLD,
  )
