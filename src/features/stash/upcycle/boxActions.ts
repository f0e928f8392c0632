'use server'

import { z } from 'zod'
import { NotionSchema } from '@/core/notebook/kinds/notion'
import { YarnSchema } from '@/core/notebook/kinds/yarn'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { removeRecord } from '@/server/store/repository'
import { action, TOLD } from '../../shared/action'
import { now } from '../../shared/now'
import { amendAction, keepAction } from '../../shared/recordActions'

/** Puts something into the notions box. */
export const keepNotion = keepAction('notion', NotionSchema)

/** How many of it there are now. */
export const countNotion = amendAction(
  'notion',
  NotionSchema.shape.count,
  (notion, count) => ({ ...notion, count }),
  false,
)

/** Keeps a yarn. */
export const keepYarn = keepAction('yarn', YarnSchema)

/** Takes something out of the box for good. */
export const dropFromBox = action(
  [z.enum(['notion', 'yarn']), RecordIdSchema],
  async (kind, id) => {
    await removeRecord(await notebook(), kind, { id }, now())
  },
  ['notion', 'yarn'],
  TOLD,
)
