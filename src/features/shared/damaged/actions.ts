'use server'

import { z } from 'zod'
import { type RecordKindId } from '@/core/notebook/kinds'
import { SeenSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { removeRecord } from '@/server/store/repository'
import { action } from '../action'
import { now } from '../now'

/** Takes a record that cannot be read out of the notebook, where it still is as the person saw it; of any kind. */
export const removeDamaged = action(
  [z.string().max(80), SeenSchema],
  async (kind, { id, revision }) => {
    await removeRecord(await notebook(), kind as RecordKindId, { id, revision }, now())
  },
  ['everything'],
)
