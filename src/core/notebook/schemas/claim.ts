import { z } from 'zod'
import { claimTotal } from '../../identify/claimTotal'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { FibreIdSchema } from './observation'
import { listOf } from './text'

export const ClaimItemSchema = z.strictObject({
  fibre: FibreIdSchema,
  percent: z.number().gt(0, 'a share is more than 0 %').lte(100, 'a share is at most 100 %'),
})

/** A label or a seller's word. It may leave something out, but never adds up to more than all of the cloth. */
export const ClaimSchema = listOf(ClaimItemSchema, FIBRE_IDS.length).superRefine((items, context) => {
  const { total, tooMuch } = claimTotal(items)
  if (tooMuch)
    context.addIssue({
      code: 'custom',
      path: [],
      message: `the shares add up to ${total} %, more than all of the cloth`,
    })
  items.forEach(({ fibre }, index) => {
    if (items.findIndex((item) => item.fibre === fibre) < index)
      context.addIssue({ code: 'custom', path: [index, 'fibre'], message: `"${fibre}" is claimed twice` })
  })
})
