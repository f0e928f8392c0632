'use server'

import { z } from 'zod'
import { OnceSchema } from '@/core/notebook/kinds/workroom'
import { RecordIdSchema } from '@/core/notebook/schemas/id'
import { minutesOf } from '@/core/prepare/minutes'
import { notebook } from '@/server/database'
import { keepOnce } from '@/server/records/workroom'
import { amendRecord } from '@/server/store/amend'
import { RefusedError } from '@/server/store/errors'
import { action } from '../../shared/action'
import { DATES } from '../../shared/dates'
import { now } from '../../shared/now'
import { readPreferences } from '../../shared/settings/readPreferences'
import { minuteNow } from './clock'
import { planWith } from './load'
import { whyNot } from './whyNot'

const MomentSchema = z
  .string()
  .max(16)
  .refine((written) => minutesOf(written) !== undefined, 'Please enter a date and time like 2026-05-04T18:30.')

/** Puts a step at a time of its own, where the plan can be followed so; else says why not, and nothing is changed. */
export const moveStep = action(
  [RecordIdSchema, z.string().min(1).max(160), MomentSchema],
  async (projectId, stepId, written) => {
    const { words } = await readPreferences()
    const at = minutesOf(written)
    const moved = at === undefined ? undefined : await planWith(words, minuteNow(), { projectId, stepId, at })
    if (at === undefined || !moved) throw new RefusedError('That step is done, or no longer there.')
    if (moved.step.start !== written) throw new RefusedError(whyNot({ ...moved, at, now: minuteNow() }, DATES[words]))
    await amendRecord(await notebook(), 'project', projectId, now(), (project) => ({
      ...project,
      putOff: project.putOff.filter(({ id }) => id !== stepId),
      placed: [...project.placed.filter(({ id }) => id !== stepId), { id: stepId, at: written }],
    }))
  },
  ['project'],
)

/** Keeps times that are not as every week: free beside the usual, or not free. */
export const saveOnce = action(
  [z.array(OnceSchema).max(200, 'These are too many single times: remove those that are over.')],
  async (once) => {
    await keepOnce(await notebook(), once, now())
  },
  ['workroom'],
)
