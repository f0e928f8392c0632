'use server'

import { z } from 'zod'
import { PointSchema } from '@/core/notebook/schemas/laid'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { PAPERS, type PaperId } from '@/core/vocabulary/paper'
import { runJob } from '@/server/jobs/pool'
import { action } from '../../shared/action'
import { sayingWhy } from '../../shared/outcome'

const points = listOf(PointSchema, 400)

const PlanSchema = z.strictObject({
  title: nameText,
  says: z.string().max(400),
  grounds: listOf(
    z.strictObject({
      name: z.string().max(160),
      cloth: listOf(points, 90),
      pieces: listOf(
        z.strictObject({ name: z.string().max(160), outline: points, marks: listOf(PointSchema, 60) }),
        400,
      ),
    }),
    24,
  ),
  order: listOf(z.string().max(400), 60),
  paper: z.enum(Object.keys(PAPERS) as [PaperId, ...PaperId[]]),
  isFullSize: z.boolean(),
})

/** The cutting plan as a PDF. */
export const planPdf = action([PlanSchema], async (task) => ({
  bytes: new Uint8Array(await sayingWhy(() => runJob('printLay', task))),
}))
