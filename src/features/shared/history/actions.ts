'use server'

import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { notebook } from '@/server/database'
import { takeBack } from '@/server/store/history'
import { action, TOLD } from '../action'
import { now } from '../now'

/** Takes back everything that was done at one stroke, where nothing of it was changed since. */
export const takeBackStroke = action(
  [RecordIdSchema],
  async (stroke) => {
    await takeBack(await notebook(), stroke, now())
  },
  ['everything'],
  TOLD,
)
