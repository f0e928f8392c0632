'use server'

import { PieceSchema } from '@/core/notebook/kinds/piece'
import { unnamedFabric } from '@/core/pieces/unnamed'
import { notebook } from '@/server/database'
import { createRecord } from '@/server/store/repository'
import { action } from '../../shared/action'

/** Takes a fabric in the hand: from here on whatever is found out of it is kept together. */
export const takeInHand = action([], async () => {
  const at = new Date()
  const piece = PieceSchema.parse({ name: unnamedFabric('', at), inHand: true })
  const { id } = await createRecord(await notebook(), 'piece', piece, at.toISOString())
  return { goTo: `/identify?piece=${id}` }
})
