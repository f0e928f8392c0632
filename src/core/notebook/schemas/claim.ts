import { z } from 'zod'
import { claimTotal } from '../../identify/claimTotal'
import { FIBRE_IDS } from '../../vocabulary/fibres'
import { FibreIdSchema } from './observation'
import { listOf } from './text'

export const ClaimItemSchema = z.strictObject({
  fibre: FibreIdSchema,
  percent: z.number().gt(0, 'Please enter a share above 0 %.').lte(100, 'Please enter a share of 100 % at most.'),
})

/** A label or a seller's word. It may leave something out, but never adds up to more than all of the cloth. */
export const ClaimSchema = listOf(ClaimItemSchema, FIBRE_IDS.length).superRefine((items, context) => {
  const { total, tooMuch } = claimTotal(items)
  if (tooMuch)
    context.addIssue({
      code: 'custom',
      path: [],
      message: `The shares add up to ${total} %, more than the whole fabric.`,
    })
  items.forEach(({ fibre }, index) => {
    if (items.findIndex((item) => item.fibre === fibre) < index)
      context.addIssue({ code: 'custom', path: [index, 'fibre'], message: `"${fibre}" is claimed twice` })
  })
})
