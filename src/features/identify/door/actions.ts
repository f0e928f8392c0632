'use server'

import { PieceSchema } from '@/core/notebook/kinds/piece'
import { notebook } from '@/server/database'
import { createRecord } from '@/server/store/repository'
import { action } from '../../shared/action'
import { localDay } from '../../shared/now'

/** Takes a fabric in the hand: from here on whatever is found out of it is kept together. */
export const takeInHand = action([], async () => {
  const at = new Date()
  const time = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  const piece = PieceSchema.parse({ name: `Unnamed fabric, ${localDay(at)}, ${time}`, inHand: true })
  const { id } = await createRecord(await notebook(), 'piece', piece, at.toISOString())
  return { goTo: `/find-out?piece=${id}` }
})
