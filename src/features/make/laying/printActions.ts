'use server'

import { z } from 'zod'
import { PointSchema } from '@/core/notebook/schemas/laid'
import { listOf, nameText } from '@/core/notebook/schemas/text'
import { PAPERS, type PaperId } from '@/core/vocabulary/paper'
import { runJob } from '@/server/jobs/pool'
import { isHeavyRefusal } from '@/server/jobs/refusal'
import { type Refusal } from '../../shared/outcome'
import { parseOr404 } from '../../shared/parseOr404'
import { type ActionInput } from '../../shared/actionInput'

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
export async function planPdf(
  input: ActionInput<typeof PlanSchema>,
): Promise<{ ok: true; bytes: Uint8Array<ArrayBuffer> } | Refusal> {
  const task = parseOr404(PlanSchema, input)
  try {
    return { ok: true, bytes: new Uint8Array(await runJob('printLay', task)) }
  } catch (error) {
    // From a worker thread an error keeps its message and its name.
    const isTold = error instanceof Error && error.name === 'RangeError'
    if (isTold || isHeavyRefusal(error)) return { ok: false, errors: { '': error.message } }
    throw error
  }
}
