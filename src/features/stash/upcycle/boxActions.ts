'use server'

import { z } from 'zod'
import { NotionSchema } from '@/core/notebook/kinds/notion'
import { YarnSchema } from '@/core/notebook/kinds/yarn'
import { NewIdSchema, RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { amendRecord } from '@/server/store/amend'
import { createOnce } from '@/server/store/createOnce'
import { removeRecord } from '@/server/store/repository'
import { action } from '../../shared/action'
import { now } from '../../shared/now'
import { keptRecord } from '../../shared/outcome'

/** Puts something into the notions box. */
export const keepNotion = action(
  [NotionSchema, NewIdSchema],
  async (notion, id) => keptRecord(await createOnce(await notebook(), 'notion', notion, now(), id)),
  ['notion'],
)

/** How many of it there are now. */
export const countNotion = action(
  [RecordIdSchema, NotionSchema.shape.count],
  async (id, count) => {
    await amendRecord(await notebook(), 'notion', id, now(), (notion) => ({ ...notion, count }))
  },
  ['notion'],
)

/** Keeps a yarn. */
export const keepYarn = action(
  [YarnSchema, NewIdSchema],
  async (yarn, id) => keptRecord(await createOnce(await notebook(), 'yarn', yarn, now(), id)),
  ['yarn'],
)

/** Takes something out of the box for good. */
export const dropFromBox = action(
  [z.enum(['notion', 'yarn']), RecordIdSchema],
  async (kind, id) => {
    await removeRecord(await notebook(), kind, { id }, now())
  },
  ['notion', 'yarn'],
)
